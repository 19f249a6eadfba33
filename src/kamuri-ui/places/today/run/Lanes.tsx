import type { RunTaskView, SessionView } from '@/api/client'
import { clockBeside } from '@/app/time'
import { bandColour } from '@/drawings/plait/colours'
import { CountingBar } from './Counting'
import { lanes as said } from './words'
import { Rich } from '@/kit/texts'

/** What stands where, head by head and in the kitchen: what counts on it, whose hands are on it, or when they come. */
export function Lanes({ view, now }: { view: SessionView; now: number }) {
  const lanes = [
    ...view.heads.map((head) => ({ key: head.key, name: head.name, ends: head.endsAt })),
    ...(view.tasks.some((each) => each.strand === 'kitchen' && isOpen(each))
      ? [{ key: 'kitchen', name: said.kitchen, ends: null }]
      : []),
  ]
  return (
    <div
      className={`mt-3 grid gap-x-10 gap-y-1 md:grid-cols-2 ${lanes.length > 2 && lanes.length !== 4 ? 'lg:grid-cols-3' : ''}`}
      data-lanes
    >
      {lanes.map((lane) => {
        const counting = view.counting.filter((wait) => wait.strand === lane.key)
        return (
          <section key={lane.key} aria-label={lane.name} className="border-t-2 border-strand pt-1" data-lane={lane.key}>
            <div className="flex flex-wrap items-baseline justify-between gap-x-3">
              <h2 className="font-display text-2xl font-bold">{lane.name}</h2>
              {lane.ends && (
                <span className="text-quiet">
                  <Rich
                    of={said.doneAbout}
                    parts={{ time: <strong className="text-ink">{clockBeside(lane.ends, view.now)}</strong> }}
                  />
                </span>
              )}
            </div>
            {counting.map((wait) => (
              <CountingBar
                key={wait.task}
                narrow
                wait={wait}
                now={now}
                colour={bandColour(view.tasks.find((each) => each.id === wait.task)!)}
              />
            ))}
            <p className="pb-2 text-lg">{standing(view, lane.key, counting.length > 0)}</p>
          </section>
        )
      })}
    </div>
  )
}

const isOpen = (task: RunTaskView) => task.status === 'waiting' || task.status === 'running'

/** In words: whose hands are on it, or what comes next and when. */
function standing(view: SessionView, key: string, counts: boolean): string {
  const own = view.tasks.filter((each) => each.strand === key && isOpen(each))
  const inHand = own.find((each) => each.isHandsOn && each.status === 'running')
  if (inHand) {
    const parts = {
      hands: (view.hands.length > 1 && view.hands.find((each) => each.name === inHand.by)?.whose) || said.hands,
      title: inHand.title,
    }
    return inHand.sections > 0
      ? said.inHandWith({ ...parts, done: inHand.sectionsDone.length, sections: inHand.sections })
      : said.inHand(parts)
  }
  const next = own.filter((each) => each.isHandsOn).sort((a, b) => a.start.localeCompare(b.start))[0]
  if (!next) return counts ? said.noMoreHandsOnWork : own.length > 0 ? said.theRestNeedsNoHands : said.done
  const isNow = Date.parse(next.start) <= Date.parse(view.now) + 60_000
  const parts = {
    title: next.title,
    time: isNow ? said.now : said.aboutTime({ time: clockBeside(next.start, view.now) }),
  }
  return (counts ? said.then : key === 'kitchen' ? said.needs : said.waitsForHands)(parts)
}
