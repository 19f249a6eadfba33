import type { EventBody, HandsView, SessionView } from '@/api/client'

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
  if (view.status === 'paused') return { label: 'Go on', event: { kind: 'resumed' } }
  const find = (id: string | null | undefined) => view.tasks.find((task) => task.id === id)
  const doing = find(hands.doing)
  if (doing) {
    const section = Array.from({ length: doing.sections }, (_, n) => n + 1).find((n) => !doing.sectionsDone.includes(n))
    return section
      ? { label: `Section ${section} done`, event: { kind: 'sectionDone', task: doing.id, section } }
      : { label: 'Done', event: { kind: 'taskDone', task: doing.id } }
  }
  const next = find(hands.next)
  const whose = view.heads.length > 1 && next?.strand !== 'kitchen' ? ` (${nameOf(view, next?.head)})` : ''
  const held = find(hands.waitsFor)
  if (next && held)
    return { label: `Waits for ${held.by ?? 'other hands'}: ${held.title.toLowerCase()}`, event: null, isHeld: true }
  if (next)
    return {
      label: `${next.isLaidDown ? 'Go on with' : 'Start'}: ${next.title.toLowerCase()}${whose}`,
      event: { kind: 'taskStarted', task: next.id },
    }
  const waiting = view.counting[0]
  if (waiting)
    return {
      label: waiting.title.startsWith('Drying') ? 'It is dry' : `${waiting.title.split(',')[0]} is over`,
      event: { kind: 'taskDone', task: waiting.task },
    }
  return view.allDone ? { label: 'Finish the day', event: null } : null
}

/** The name of a head of the session. */
export const nameOf = (view: SessionView, key: string | undefined) =>
  view.heads.find((head) => head.key === key)?.name ?? ''
