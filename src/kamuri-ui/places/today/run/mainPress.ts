import type { EventBody, HandsView, RunTaskView, SessionView } from '@/api/client'
import { mainPress as words } from './words'

/** What the big button does now: an event, or the finishing sheet when there is none. Null when there is nothing to do. */
export interface MainPress {
  label: string
  event: Omit<EventBody, 'id'> | null
  /** Nothing to press yet. */
  isHeld?: boolean
}

/** The pair of hands a screen is for: the one chosen on it, else the first. */
export const handsOf = (view: SessionView, name: string | null): HandsView =>
  view.hands.find((each) => each.name === name) ?? view.hands[0]!

export function mainPress(view: SessionView, hands: HandsView): MainPress | null {
  if (view.status === 'paused') return { label: words.resume, event: { kind: 'resumed' } }
  const find = (id: string | null | undefined) => view.tasks.find((task) => task.id === id)
  const doing = find(hands.doing)
  if (doing) {
    const section = Array.from({ length: doing.sections }, (_, n) => n + 1).find((n) => !doing.sectionsDone.includes(n))
    return section
      ? { label: words.sectionSectionDone({ section }), event: { kind: 'sectionDone', task: doing.id, section } }
      : { label: words.done, event: { kind: 'taskDone', task: doing.id } }
  }
  const next = find(hands.next)
  const titled = (task: RunTaskView) =>
    view.heads.length > 1 && task.strand !== 'kitchen'
      ? words.titleOf({ title: task.title, name: nameOf(view, task.head) })
      : task.title
  const held = find(hands.waitsFor)
  if (next && held)
    return {
      label: words.waitsFor({ name: held.by ?? words.otherHands, title: held.title }),
      event: null,
      isHeld: true,
    }
  if (next)
    return {
      label: (next.isLaidDown ? words.resumeTitle : words.startTitle)({ title: titled(next) }),
      event: { kind: 'taskStarted', task: next.id },
    }
  const waiting = view.counting[0]
  if (waiting)
    return {
      label: waiting.title.startsWith(words.drying)
        ? words.itIsDry
        : words.isOver({ title: waiting.title.split(',')[0]! }),
      event: { kind: 'taskDone', task: waiting.task },
    }
  return view.allDone ? { label: words.finishTheDay, event: null } : null
}

/** The name of a head of the session. */
export const nameOf = (view: SessionView, key: string | undefined) =>
  view.heads.find((head) => head.key === key)?.name ?? ''
