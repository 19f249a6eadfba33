import type { EventBody, HandsView, SessionView } from '@/api/client'

/**
 * The day with what was pressed on this screen and has not been answered yet, so that nobody presses twice while Kamuri is out of reach.
 * Only what a press itself says is shown: times, waits and advice stay as they were last told, and the answer replaces all of it. Nothing
 * can be taken back meanwhile: what would be is not the last that was pressed.
 */
export function withPressed(view: SessionView, presses: readonly EventBody[]): SessionView {
  const shown = presses.reduce(after, view)
  return shown === view ? view : { ...shown, undo: null }
}

function after(view: SessionView, press: EventBody): SessionView {
  const task = view.tasks.find((each) => each.id === press.task)
  switch (press.kind) {
    case 'paused':
      return view.status === 'running' ? { ...view, status: 'paused' } : view
    case 'resumed':
      return view.status === 'paused' ? { ...view, status: 'running' } : view
    case 'taskStarted':
      return task?.status === 'waiting' ? begun(view, task.id, press.at ?? view.now) : view
    case 'sectionDone':
      return task?.status === 'running' && press.section && !task.sectionsDone.includes(press.section)
        ? change(view, task.id, { sectionsDone: [...task.sectionsDone, press.section] })
        : view
    case 'taskDone':
    case 'taskSkipped':
      return task?.status === 'waiting' || task?.status === 'running'
        ? over(view, task.id, press.kind === 'taskDone' ? 'done' : 'skipped')
        : view
    default:
      return view
  }
}

const change = (view: SessionView, id: string, to: Partial<SessionView['tasks'][number]>): SessionView => ({
  ...view,
  tasks: view.tasks.map((task) => (task.id === id ? { ...task, ...to } : task)),
})

const changeHands = (view: SessionView, to: (hands: HandsView) => HandsView): SessionView => ({
  ...view,
  hands: view.hands.map(to),
})

/** What these hands come to when their next is taken from them. */
const onward = (hands: HandsView): HandsView => ({
  ...hands,
  next: hands.then[0] ?? null,
  then: hands.then.slice(1),
  nextFrom: null,
  keeping: null,
  restUntil: null,
  waitsFor: null,
})

const begun = (view: SessionView, id: string, at: string) =>
  changeHands(change(view, id, { status: 'running', start: at }), (hands) =>
    hands.next === id && !hands.doing ? { ...onward(hands), doing: id } : hands,
  )

const over = (view: SessionView, id: string, status: 'done' | 'skipped') => ({
  ...changeHands(change(view, id, { status }), (hands) =>
    hands.doing === id ? { ...hands, doing: null } : hands.next === id ? onward(hands) : hands,
  ),
  counting: view.counting.filter((wait) => wait.task !== id),
})
