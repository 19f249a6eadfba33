import type { CountingView, EventBody, HandsView, RunTaskView, SessionView } from '@/api/client'
import { mainPress as words } from './words'

/** What the big button does now: an event, or the finishing sheet when there is none. Null when there is nothing to do. */
export interface MainPress {
  label: string
  event: Omit<EventBody, 'id'> | null
  /** Nothing to press yet. */
  isHeld?: boolean
  /** What the button asks first, because a wait would end before its earliest. */
  asks?: string
}

/** The pair of hands a screen is for: the one chosen on it, else the first. */
export const handsOf = (view: SessionView, name: string | null): HandsView =>
  view.hands.find((each) => each.name === name) ?? view.hands[0]!

/** Whether a wait is drying. */
export const isDrying = (wait: Pick<CountingView, 'title'>) => wait.title.startsWith(words.drying)

/** What the big button is set to do on this device. */
export interface Pressing {
  bySection: boolean
  goesOn: boolean
}

/**
 * What the big button does at a moment.
 * @param now The moment, in milliseconds.
 */
export function mainPress(
  view: SessionView,
  hands: HandsView,
  now = Date.parse(view.now),
  { bySection, goesOn }: Pressing = { bySection: true, goesOn: false },
): MainPress | null {
  if (view.status === 'paused') return { label: words.resume, event: { kind: 'resumed' } }
  const find = (id: string | null | undefined) => view.tasks.find((task) => task.id === id)
  const doing = find(hands.doing)
  if (doing) {
    const section = Array.from({ length: doing.sections }, (_, n) => n + 1).find((n) => !doing.sectionsDone.includes(n))
    return section && bySection
      ? {
          label: words.sectionSectionDone({ section }),
          event: { kind: 'sectionDone', task: doing.id, section, goesOn },
        }
      : { label: words.done, event: { kind: 'taskDone', task: doing.id, goesOn } }
  }
  const next = find(hands.next)
  const named = (title: string, strand: string) =>
    view.heads.length > 1 && strand !== 'kitchen' ? words.titleOf({ title, name: nameOf(view, strand) }) : title
  const titled = (task: RunTaskView) => named(task.title, task.strand)
  const early = (wait: CountingView | undefined, title?: string) => {
    if (!wait || !(Date.parse(wait.earliestAt) > now)) return {}
    const done = Math.max(0, Math.floor((now - Date.parse(wait.since)) / 60_000))
    const earliest = Math.round((Date.parse(wait.earliestAt) - Date.parse(wait.since)) / 60_000)
    return { asks: title ? words.early({ done, earliest, title }) : words.earlyEnd({ done, earliest }) }
  }
  const held = find(hands.waitsFor)
  if (next && held)
    return {
      label: words.waitsFor({ name: held.by ?? words.otherHands, title: held.title }),
      event: null,
      isHeld: true,
    }
  if (next) {
    // It is only kept waiting where a wait on the same head leads to it.
    const isKept = hands.nextFrom && Date.parse(hands.nextFrom) > now
    const ended = isKept ? view.counting.find((wait) => wait.strand === next.strand) : undefined
    return {
      label: (next.isLaidDown ? words.resumeTitle : words.startTitle)({ title: titled(next) }),
      event: { kind: 'taskStarted', task: next.id },
      ...early(ended, titled(next)),
    }
  }
  const waiting = view.counting[0]
  if (waiting) {
    const label = isDrying(waiting)
      ? named(words.itIsDry, waiting.strand)
      : words.isOver({ title: named(waiting.title.split(',')[0]!, waiting.strand) })
    return {
      label,
      event: { kind: 'taskDone', task: waiting.task },
      ...early(waiting),
    }
  }
  return view.allDone ? { label: words.finishTheDay, event: null } : null
}

/** The name of a head of the session. */
export const nameOf = (view: SessionView, key: string | undefined) =>
  view.heads.find((head) => head.key === key)?.name ?? ''
