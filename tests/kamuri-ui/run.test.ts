// @vitest-environment jsdom
import { describe, expect, it } from 'vitest'
import type { HandsView, RunTaskView, SessionView } from '../../src/kamuri-ui/api/client'
import { clock, clockBeside, counter, date, minutesBetween, spell } from '../../src/kamuri-ui/app/time'
import { halfWidth, sectionCentre, sectionPath } from '../../src/kamuri-ui/drawings/head-map/geometry'
import { handsOf, mainPress, nameOf } from '../../src/kamuri-ui/places/today/run/mainPress'
import { spokenOf } from '../../src/kamuri-ui/places/today/run/spoken'

const task = (id: string, more: Partial<RunTaskView> = {}) =>
  ({ id, title: id, sections: 0, sectionsDone: [], ...more }) as unknown as RunTaskView

const view = (more: Partial<SessionView>) =>
  ({ status: 'running', tasks: [], heads: [], counting: [], allDone: false, ...more }) as unknown as SessionView

const hands = (more: Partial<HandsView> = {}) =>
  ({
    name: '',
    doing: null,
    next: null,
    nextFrom: null,
    restUntil: null,
    then: [],
    waitsFor: null,
    ...more,
  }) as HandsView

describe('the big button', () => {
  it('does the next section, then is done, then starts what comes next', () => {
    const look = task('look', { sections: 3, sectionsDone: [1, 3] })
    expect(mainPress(view({ tasks: [look] }), hands({ doing: 'look' }))).toEqual({
      label: 'Section 2 done',
      event: { kind: 'sectionDone', task: 'look', section: 2, goesOn: false },
    })
    expect(mainPress(view({ tasks: [look] }), hands({ doing: 'look' }), 0, { bySection: false, goesOn: true })).toEqual(
      { label: 'Done', event: { kind: 'taskDone', task: 'look', goesOn: true } },
    )
    expect(mainPress(view({ tasks: [task('Cover')] }), hands({ doing: 'Cover' }))?.event).toEqual({
      kind: 'taskDone',
      task: 'Cover',
      goesOn: false,
    })
    expect(mainPress(view({ tasks: [task('Rinse')] }), hands({ next: 'Rinse' }))?.label).toBe('Start: Rinse')
  })

  it('says that it is dry, finishes when all is done, and goes on after a pause', () => {
    const counting = [{ task: 'dry.wait', title: 'Drying in still air' }] as unknown as SessionView['counting']
    expect(mainPress(view({ counting }), hands())?.label).toBe('It is dry')
    expect(mainPress(view({ allDone: true }), hands())).toEqual({ label: 'Finish the day', event: null })
    expect(mainPress(view({ status: 'paused' }), hands({ doing: 'look' }))?.event).toEqual({ kind: 'resumed' })
    expect(mainPress(view({}), hands())).toBeNull()
  })
})

describe('several heads and hands', () => {
  const heads = [
    { key: '1', name: 'Ada' },
    { key: '2', name: 'Bo' },
  ] as unknown as SessionView['heads']

  it('says whose hair it is, and not for the kitchen', () => {
    const tasks = [task('Rinse', { strand: '2', head: '2' }), task('Boil', { strand: 'kitchen', head: '2' })]
    expect(mainPress(view({ heads, tasks }), hands({ next: 'Rinse' }))?.label).toBe('Start: Rinse (Bo)')
    expect(mainPress(view({ heads, tasks }), hands({ next: 'Boil' }))?.label).toBe('Start: Boil')
    expect([nameOf(view({ heads }), '1'), nameOf(view({ heads }), '9')]).toEqual(['Ada', ''])
  })

  it('asks before it ends a wait too soon, and says whose it is', () => {
    const at = (minute: number) => new Date(Date.UTC(2026, 10, 28, 10, minute)).toISOString()
    const wait = { task: 'c.wait', title: 'Cover', strand: '2', since: at(0), earliestAt: at(30), usualAt: at(40) }
    const waiting = view({ heads, tasks: [task('Rinse', { strand: '2', head: '2' })], counting: [wait] as never })
    const rinse = hands({ next: 'Rinse', nextFrom: at(30) })
    expect(mainPress(waiting, rinse, Date.parse(at(12)))?.asks).toBe('12 of 30 minutes. Rinse (Bo) now?')
    expect(mainPress(waiting, rinse, Date.parse(at(31)))?.asks).toBeUndefined()
    // Work on another head ends nothing.
    const comb = view({ heads, tasks: [task('Comb', { strand: '1', head: '1' })], counting: [wait] as never })
    expect(mainPress(comb, hands({ next: 'Comb', nextFrom: at(30) }), Date.parse(at(12)))?.asks).toBeUndefined()

    const dry = { ...wait, title: 'Drying in still air' }
    const press = mainPress(view({ heads, counting: [dry] as never }), hands(), Date.parse(at(12)))
    expect([press?.label, press?.asks]).toEqual(['It is dry (Bo)', '12 of 30 minutes. End it now?'])
  })

  it('waits for other hands instead of offering what would be refused', () => {
    const tasks = [task('Comb', { by: 'Ama' }), task('Rinse', { by: 'Kofi', strand: '1', head: '1' })]
    expect(mainPress(view({ heads, tasks }), hands({ next: 'Rinse', waitsFor: 'Comb' }))).toEqual({
      label: 'Waits for Ama: Comb',
      event: null,
      isHeld: true,
    })
  })

  it('is for the hands that were chosen, else for the first', () => {
    const both = view({ hands: [hands({ name: 'Ama' }), hands({ name: 'Kofi' })] })
    expect([handsOf(both, 'Kofi').name, handsOf(both, 'Zed').name, handsOf(both, null).name]).toEqual([
      'Kofi',
      'Ama',
      'Ama',
    ])
  })
})

describe('times', () => {
  it('are read off the wall clock that the server wrote', () => {
    expect(clock('2026-03-14T15:12:09.5+01:00')).toBe('15:12')
    expect(minutesBetween('2026-03-14T15:00:00+01:00', '2026-03-14T14:30:00Z')).toBe(30)
    expect(date('2026-11-24')).toBe('Tuesday 24 November')
  })

  it('name their day beside a moment of another one', () => {
    expect(clockBeside('2026-11-27T00:10:00+01:00', '2026-11-27T23:50:00+01:00')).toBe('00:10')
    expect(clockBeside('2026-11-27T00:10:00+01:00', '2026-11-26T23:50:00+01:00')).toBe('00:10 on Friday')
    expect(clockBeside('2026-12-07T08:00:00+01:00', '2026-11-26T23:50:00+01:00')).toBe('08:00 on Monday 7 December')
  })

  it('are spelt as people say them', () => {
    expect([spell(32.4), spell(60), spell(65), spell(-7)]).toEqual([
      '32\u00a0min',
      '1\u00a0h',
      '1\u00a0h\u00a005',
      '7\u00a0min',
    ])
    expect([counter(67_000), counter(3_725_000), counter(-5)]).toEqual(['1:07', '1:02:05', '0:00'])
  })
})

describe('the head map', () => {
  const section = (row: number, side: number) => ({ number: 1, row, rows: 3, side, zone: 'nape' as const, name: '' })

  it('narrows to the forehead and the nape and is widest behind the middle', () => {
    expect(halfWidth(0)).toBe(0)
    expect(halfWidth(380)).toBe(0)
    expect(halfWidth(230)).toBeGreaterThan(halfWidth(150))
  })

  it('keeps every number inside the head and on its side', () => {
    for (const row of [0, 1, 2])
      for (const side of [-1, 1]) {
        const at = sectionCentre(section(row, side))
        expect(Math.abs(at.x - 150)).toBeLessThan(halfWidth(at.y))
        expect(Math.sign(at.x - 150)).toBe(side)
        expect(sectionPath(section(row, side))).toMatch(/^M[^M]+Z$/)
      }
  })
})

describe('what the voice says', () => {
  const steps = [{ id: 'oil', instruction: 'A few drops in the palms.' }] as unknown as SessionView['steps']
  const oil = task('oil', { title: 'Oil', step: 'oil', head: '1' })
  const now = '2026-11-26T14:00:00+00:00'

  it('is the step in hand and how it is done', () => {
    expect(spokenOf(view({ tasks: [oil], steps }), hands({ doing: 'oil' }))).toEqual({
      about: 'oil',
      words: 'Oil. A few drops in the palms.',
    })
  })

  it('is what comes next, and for whom, when hands are free', () => {
    const heads = [
      { key: '1', name: 'Ada' },
      { key: '2', name: 'Bo' },
    ] as unknown as SessionView['heads']
    const day = view({ tasks: [oil], steps, heads, now })
    expect(spokenOf(day, hands({ next: 'oil' }))?.words).toBe('Next, for Ada: Oil.')
    const later = '2026-11-26T14:20:00+00:00'
    const free = spokenOf(day, hands({ next: 'oil', nextFrom: later }))
    expect(free?.words).toBe(`Hands are free until ${clock(later)}. Next, for Ada: Oil.`)
    expect(spokenOf(day, hands({ next: 'oil', restUntil: later }))?.words).toContain('Time for a break until')
    const away = hands({ next: 'oil', nextFrom: later, keeping: 'Ada is not there before 14:20.' })
    expect(spokenOf(day, away)?.words).toBe('Ada is not there before 14:20. Next, for Ada: Oil.')
    // A time that has moved is no news.
    expect(spokenOf(day, hands({ next: 'oil', nextFrom: '2026-11-26T14:25:00+00:00' }))?.about).toBe(free?.about)
  })

  it('is a pause and the end too, and otherwise nothing', () => {
    expect(spokenOf(view({ status: 'paused' }), hands({ doing: 'oil' }))?.words).toContain('keeps working')
    const put = view({ status: 'paused', parkedAt: now })
    expect(spokenOf(put, hands({ next: 'oil' }))?.words).toBe('The hair is put up. Resume when you are back.')
    expect(spokenOf(view({ allDone: true }), hands())?.words).toBe('Everything is done.')
    expect(spokenOf(view({}), hands())).toBeNull()
  })
})
