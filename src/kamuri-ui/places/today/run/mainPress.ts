import type { EventBody, SessionView } from '@/api/client'

/** What the big button does now: an event, or the finishing sheet when there is none. Null when there is nothing to do. */
export interface MainPress {
  label: string
  event: Omit<EventBody, 'id'> | null
}

export function mainPress(view: SessionView): MainPress | null {
  if (view.status === 'paused') return { label: 'Go on', event: { kind: 'resumed' } }
  const find = (id: string | null | undefined) => view.tasks.find((task) => task.id === id)
  const doing = find(view.doing)
  if (doing) {
    const section = Array.from({ length: doing.sections }, (_, n) => n + 1).find((n) => !doing.sectionsDone.includes(n))
    return section
      ? { label: `Section ${section} done`, event: { kind: 'sectionDone', task: doing.id, section } }
      : { label: 'Done', event: { kind: 'taskDone', task: doing.id } }
  }
  const next = find(view.next)
  if (next) return { label: `Start: ${next.title.toLowerCase()}`, event: { kind: 'taskStarted', task: next.id } }
  const waiting = view.counting[0]
  if (waiting)
    return {
      label: waiting.title.startsWith('Drying') ? 'It is dry' : `${waiting.title.split(',')[0]} is over`,
      event: { kind: 'taskDone', task: waiting.task },
    }
  return view.allDone ? { label: 'Finish the day', event: null } : null
}
