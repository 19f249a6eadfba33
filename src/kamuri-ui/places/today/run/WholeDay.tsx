import type { SessionView } from '@/api/client'
import { clockBeside, minutesBetween } from '@/app/time'
import { Plait } from '@/drawings/plait/Plait'
import { wallClock } from '@/drawings/plait/wallClock'
import { wholeDay as words } from './words'

/** The whole day as a plait, with what has really happened and what is now expected. A strip, so that it stays in sight. */
export function WholeDay({ view, now }: { view: SessionView; now: number }) {
  const begin = view.startedAt ?? view.now
  const strands = view.heads.map((head) => ({ id: head.key, name: head.name, note: head.aim }))
  if (view.tasks.some((each) => each.strand === 'kitchen'))
    strands.push({ id: 'kitchen', name: words.kitchen, note: 'stove, bowl' })
  // A wanted end that lies hours off would only squeeze the day together.
  const readyBy = view.heads
    .map((head) => head.readyBy)
    .filter((each) => each !== null)
    .sort()
    .at(-1)
  const wanted = readyBy && minutesBetween(view.endsAt, readyBy) < 90 ? minutesBetween(begin, readyBy) : null
  return (
    <Plait
      tasks={view.tasks
        .filter((each) => each.status !== 'skipped')
        .map((each) => ({
          ...each,
          start: minutesBetween(begin, each.start),
          end: minutesBetween(begin, each.end),
        }))}
      clock={wallClock(begin, view.clocksChange)}
      strands={strands}
      now={(now - Date.parse(begin)) / 60_000}
      planned={view.heads.map((head) => ({
        strand: head.key,
        minute: (now - Date.parse(begin)) / 60_000 + head.driftMinutes,
      }))}
      readyBy={wanted}
      small
      summary={words.theDayOfNamesEnding({ names: view.names, time: clockBeside(view.endsAt, begin) })}
    />
  )
}
