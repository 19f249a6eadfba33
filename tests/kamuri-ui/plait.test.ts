// @vitest-environment jsdom
import { describe, expect, it } from 'vitest'
import {
  bandLabels,
  driftLine,
  drawn,
  joints,
  runEnd,
  scaleOf,
  stays,
  stitches,
  textWidth,
  spanOf,
  threadPath,
  threadsOf,
  type Frame,
  type PlaitTask,
} from '../../src/kamuri-ui/drawings/plait/layout'
import { clockOf, ticks, wallClock } from '../../src/kamuri-ui/drawings/plait/wallClock'

const frame: Frame = { perMinute: 2, origin: 100, lanes: { head: 50, kitchen: 150 }, rest: 100 }

const task = (id: string, start: number, end: number, more: Partial<PlaitTask> = {}): PlaitTask => ({
  id,
  step: id,
  strand: 'head',
  title: id,
  isHandsOn: true,
  sections: 0,
  window: null,
  substance: null,
  start,
  end,
  ...more,
})

const day = [
  task('look', 0, 15, { sections: 6 }),
  task('apply', 15, 30),
  task('works', 30, 60, { isHandsOn: false, window: { earliest: 20, usual: 30, latest: 60 } }),
  task('boil', 35, 37, { strand: 'kitchen' }),
  task('rinse', 60, 66),
  task('dry', 66, 120, { isHandsOn: false }),
]

describe('the thread of the hands', () => {
  it('lies on a strand while hands are busy there and on the resting line in between', () => {
    expect(stays(day, frame).map((stay) => [stay.lane, stay.from, stay.to])).toEqual([
      [50, 0, 15],
      [50, 15, 30],
      [100, 30, 35],
      [150, 35, 37],
      [100, 37, 60],
      [50, 60, 66],
      [100, 66, 120],
    ])
  })

  it('goes straight on over a pause that nobody would sit down for', () => {
    const list = stays([task('a', 0, 10), task('b', 11, 20)], frame)
    expect(list.map((stay) => [stay.from, stay.to])).toEqual([
      [0, 11],
      [11, 20],
    ])
  })

  it('is one unbroken path that starts and ends where the day does', () => {
    const path = threadPath(stays(day, frame), frame, (point) => `${point.along},${point.across}`)
    expect(path.match(/M/g)).toHaveLength(1)
    expect(path.startsWith('M100,50')).toBe(true)
    expect(path.endsWith('L340,100')).toBe(true)
  })

  it('never runs backwards in time', () => {
    const path = threadPath(stays(day, frame), frame, (point) => `${point.along},${point.across} `)
    const ends = [...path.matchAll(/[ML]([\d.]+),|C[\d.]+,\S+\s+[\d.]+,\S+\s+([\d.]+),/g)].map((m) =>
      Number(m[1] ?? m[2]),
    )
    expect(ends).toEqual([...ends].sort((a, b) => a - b))
  })

  it('has a stitch between sections and a cut between steps', () => {
    const list = stays(day, frame)
    expect(stitches(list, frame).map((point) => point.along)).toEqual([105, 110, 115, 120, 125])
    expect(joints(list, frame)).toEqual([{ along: 130, across: 50 }])
    expect(runEnd(list, list[0]!)).toBe(30)
  })

  it('is nothing for a day with no work', () => {
    expect(threadPath(stays([], frame), frame, String)).toBe('')
  })
})

describe('names of bands', () => {
  it('stand inside when they fit, else on the first free level outside', () => {
    const labels = bandLabels(
      [
        { id: 'wide', text: 'Drying', from: 300, to: 500 },
        { id: 'a', text: 'Tea rinse', from: 100, to: 130 },
        { id: 'b', text: 'Tea steeping', from: 120, to: 140 },
        { id: 'c', text: 'Blot', from: 400, to: 410 },
      ],
      14,
      2,
      600,
    )
    expect(labels.map((label) => [label.id, label.level])).toEqual([
      ['a', 1],
      ['b', 2],
      ['wide', 0],
      ['c', 1],
    ])
  })

  it('never run past the end and are left out when there is no room', () => {
    const bands = ['Deep condition', 'Tool detangle', 'Cool rinse'].map((text, n) => ({
      id: text,
      text,
      from: 580 + n,
      to: 590,
    }))
    const labels = bandLabels(bands, 14, 2, 600)
    expect(labels).toHaveLength(2)
    for (const label of labels) expect(label.along + textWidth(label.text, 14)).toBeLessThanOrEqual(600)
  })

  it('have the room of their letters', () => {
    expect(textWidth('Dampen', 13)).toBeGreaterThan(44)
    expect(textWidth('Twist', 13)).toBeLessThan(40)
    expect(textWidth('Dampen', 26)).toBeCloseTo(2 * textWidth('Dampen', 13))
  })
})

describe('the axis', () => {
  it('marks round times as densely as there is room for', () => {
    const noon = wallClock('2026-03-14T11:59:20+01:00', null)
    expect(ticks(noon, 120, 3, 74)).toEqual([1, 31, 61, 91])
    expect(ticks(noon, 120, 0.5, 74)).toEqual([1])
  })

  it('reads past midnight', () => {
    const midnight = wallClock('2026-03-14T00:00:00+01:00', null)
    expect([clockOf(midnight, 0), clockOf(midnight, 1439), clockOf(midnight, 1445)]).toEqual([
      '00:00',
      '23:59',
      '00:05',
    ])
  })

  it('reads as the clock on the wall does in a night in which it is changed', () => {
    // From 22:00 on Saturday; at two the clocks show three, or two once more.
    const forward = wallClock('2027-03-27T22:00:00+01:00', { at: '2027-03-28T01:00:00+00:00', minutes: 60 })
    expect([239, 240, 450].map((minute) => clockOf(forward, minute))).toEqual(['01:59', '03:00', '06:30'])
    const back = wallClock('2027-10-30T22:00:00+02:00', { at: '2027-10-31T01:00:00+00:00', minutes: -60 })
    expect([299, 300, 570].map((minute) => clockOf(back, minute))).toEqual(['02:59', '02:00', '06:30'])
    // Every two hours by the wall: what comes behind the change is round too.
    expect(ticks(forward, 600, 0.7, 74).map((minute) => clockOf(forward, minute))).toEqual([
      '22:00',
      '00:00',
      '04:00',
      '06:00',
      '08:00',
    ])
  })
})

describe('hours in which nobody works', () => {
  const long = [task('set', 0, 40), task('dry', 40, 640, { isHandsOn: false }), task('undo', 640, 660)]

  it('are drawn shorter, with both ends as they are', () => {
    const scale = scaleOf(long, 660)
    // 600 minutes: 25 kept at each end, 550 drawn as 35.
    expect(scale.breaks).toEqual([{ from: 65, to: 100, minutes: 600 }])
    expect(scale.to(40)).toBe(40)
    expect(scale.to(65)).toBe(65)
    expect(scale.to(615)).toBe(100)
    expect(scale.to(640)).toBe(125)
    expect(scale.to(660)).toBe(145)
  })

  it('never turn time back', () => {
    const scale = scaleOf(long, 660)
    const minutes = Array.from({ length: 661 }, (_, minute) => scale.to(minute))
    expect(minutes.every((minute, n) => n === 0 || minute > minutes[n - 1]!)).toBe(true)
  })

  it('stay as they are when they are short', () => {
    const scale = scaleOf(day, 120)
    expect(scale.breaks).toEqual([])
    expect(drawn(day, scale).map(({ start, end }) => [start, end])).toEqual(day.map(({ start, end }) => [start, end]))
  })

  it('keep the clock of what is drawn, and windows where they belong', () => {
    const wait = task('night', 40, 640, { isHandsOn: false, window: { earliest: 360, usual: 600, latest: 620 } })
    const [first, night] = drawn([task('set', 0, 40), wait, task('undo', 640, 660)], scaleOf(long, 660))
    expect(first!.clockStart).toBe(0)
    expect(night!.clockStart).toBe(40)
    expect(night!.end - night!.start).toBe(85)
    expect(night!.window!.usual).toBe(85)
    expect(night!.window!.earliest).toBeLessThan(85)
  })

  it('count at the end of the day as well', () => {
    const scale = scaleOf([task('set', 0, 40), task('dry', 40, 500, { isHandsOn: false })], 500)
    expect(scale.breaks.length).toBe(1)
    expect(scale.to(500)).toBeLessThan(140)
  })
})

describe('two pairs of hands', () => {
  const both = [
    task('comb', 0, 20, { by: 'Ama' }),
    task('boil', 0, 5, { by: 'Kofi', strand: 'kitchen' }),
    task('works', 20, 50, { isHandsOn: false }),
    task('strain', 30, 34, { by: 'Kofi', strand: 'kitchen' }),
    task('rinse', 50, 60, { by: 'Kofi' }),
  ]

  it('are two threads, each with its own work and its own resting line', () => {
    const [ama, kofi] = threadsOf(both, frame, 10)
    expect([ama!.name, kofi!.name]).toEqual(['Ama', 'Kofi'])
    expect(ama!.stays.flatMap((stay) => stay.task?.id ?? [])).toEqual(['comb'])
    expect(kofi!.stays.flatMap((stay) => stay.task?.id ?? [])).toEqual(['boil', 'strain', 'rinse'])
    expect(kofi!.frame.rest - ama!.frame.rest).toBe(10)
    // Where both are on one strand they lie side by side.
    expect(kofi!.frame.lanes.head! - ama!.frame.lanes.head!).toBe(5)
    // Both run to the end of the day.
    expect([ama!.stays.at(-1)!.to, kofi!.stays.at(-1)!.to]).toEqual([60, 60])
  })

  it('is one thread in the middle where nobody is told apart', () => {
    const [only, ...more] = threadsOf(day, frame, 10)
    expect(more).toEqual([])
    expect(only!.frame).toBe(frame)
  })

  it('leaves room for the ends that slow days make', () => {
    expect(spanOf({ tasks: both, finishes: [{ strand: 'head', likely: 61, nineInTen: 75 }] })).toBe(75)
    expect(spanOf({ tasks: both })).toBe(60)
  })
})

describe('the drift line', () => {
  it('is not there while the day goes as planned', () => {
    expect(driftLine([{ strand: 'head', minute: 30.4 }], 30, frame)).toEqual([])
  })

  it('stands where each strand would be by the plan', () => {
    const planned = [
      { strand: 'head', minute: 42 },
      { strand: 'nobody', minute: 10 },
    ]
    expect(driftLine(planned, 30, frame)).toEqual([{ along: 100 + 42 * 2, lane: 50 }])
  })
})
