import { describe, expect, it } from 'vitest'
import type { EventBody, HandsView, RunTaskView, SessionView } from '../../src/kamuri-ui/api/client'
import { mainPress } from '../../src/kamuri-ui/places/today/run/mainPress'
import { withPressed } from '../../src/kamuri-ui/places/today/run/pressed'

const task = (id: string, more: Partial<RunTaskView> = {}) =>
  ({
    id,
    title: id,
    sections: 0,
    sectionsDone: [],
    status: 'waiting',
    start: '09:00',
    strand: '1',
    ...more,
  }) as unknown as RunTaskView

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

const view = (more: Partial<SessionView> = {}) =>
  ({
    status: 'running',
    now: '09:10',
    heads: [],
    counting: [],
    allDone: false,
    tasks: [task('rinse', { sections: 2 }), task('cleanse'), task('treat'), task('wait', { status: 'running' })],
    hands: [hands({ next: 'rinse', then: ['cleanse', 'treat'] })],
    ...more,
  }) as unknown as SessionView

let n = 0
const press = (kind: EventBody['kind'], more: Partial<EventBody> = {}): EventBody =>
  ({ id: `${++n}`, kind, ...more }) as EventBody

/** What the big button says after presses that nobody has answered. */
const button = (...presses: EventBody[]) => {
  const shown = withPressed(view(), presses)
  return mainPress(shown, shown.hands[0]!)?.label
}

describe('what was pressed and not answered', () => {
  it('moves the big button on, so that nothing is pressed twice', () => {
    const began = press('taskStarted', { task: 'rinse', at: '09:05' })
    const one = press('sectionDone', { task: 'rinse', section: 1 })
    const two = press('sectionDone', { task: 'rinse', section: 2 })
    const done = press('taskDone', { task: 'rinse' })
    expect(button()).toBe('Start: rinse')
    expect(button(began)).toBe('Section 1 done')
    expect(button(began, one)).toBe('Section 2 done')
    expect(button(began, one, two)).toBe('Done')
    expect(button(began, one, two, done)).toBe('Start: cleanse')
    expect(
      button(began, one, two, done, press('taskStarted', { task: 'cleanse' }), press('taskDone', { task: 'cleanse' })),
    ).toBe('Start: treat')
  })

  it('counts from when it was pressed', () => {
    const shown = withPressed(view(), [press('taskStarted', { task: 'rinse', at: '09:05' })])
    expect(shown.tasks[0]).toMatchObject({ status: 'running', start: '09:05' })
    expect(withPressed(view(), [press('taskStarted', { task: 'rinse' })]).tasks[0]!.start).toBe('09:10')
  })

  it('changes nothing that the answer has changed already', () => {
    const presses = [
      press('taskStarted', { task: 'rinse' }),
      press('sectionDone', { task: 'rinse', section: 1 }),
      press('taskDone', { task: 'rinse' }),
      press('taskDone', { task: 'wait' }),
      press('paused'),
    ]
    const once = withPressed(view(), presses)
    expect(withPressed(once, presses)).toEqual(once)
  })

  it('takes over what waits, and leaves out what is skipped', () => {
    const counting = [{ task: 'wait' }, { task: 'other' }] as SessionView['counting']
    expect(
      withPressed(view({ counting }), [press('taskDone', { task: 'wait' })]).counting.map((each) => each.task),
    ).toEqual(['other'])
    const shown = withPressed(view(), [press('taskSkipped', { task: 'rinse' })])
    expect([shown.tasks[0]!.status, shown.hands[0]!.next, shown.hands[0]!.then]).toEqual([
      'skipped',
      'cleanse',
      ['treat'],
    ])
  })

  it('is for the hands that do it, and no others', () => {
    const two = view({
      hands: [hands({ name: 'Sol', next: 'rinse' }), hands({ name: 'Ada', next: 'cleanse', then: ['treat'] })],
    })
    const shown = withPressed(two, [press('taskStarted', { task: 'cleanse' })])
    expect(shown.hands.map((each) => [each.doing, each.next])).toEqual([
      [null, 'rinse'],
      ['cleanse', 'treat'],
    ])
  })

  it('leaves nothing to take back until it is answered', () => {
    const undo = { event: 'x', label: 'starting rinse' } as SessionView['undo']
    expect(withPressed(view({ undo }), [press('paused')]).undo).toBeNull()
    expect(withPressed(view({ undo }), [press('note')]).undo).toBe(undo)
  })

  it('pauses and goes on', () => {
    expect(button(press('paused'))).toBe('Resume')
    expect(button(press('paused'), press('resumed'))).toBe('Start: rinse')
  })

  it('shows nothing of what only Kamuri can tell, or of a task it does not know', () => {
    const before = view()
    for (const each of [
      press('note', { text: 'slippery' }),
      press('undone', { target: 'x' }),
      press('taskExtended', { task: 'rinse', minutes: 5 }),
      press('taskStarted', { task: 'nothing' }),
      press('sectionDone', { task: 'rinse', section: 1 }),
    ])
      expect(withPressed(before, [each])).toBe(before)
  })
})
