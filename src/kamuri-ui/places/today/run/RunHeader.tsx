import { Link } from 'react-router'
import type { SessionView } from '@/api/client'
import { clock, clockBeside, spell } from '@/app/time'
import { runHeader as words } from './words'
import { Rich } from '@/kit/texts'

const speeds = [1, 10, 60, 600]

/** When it ends, how far that is from the plan, whose hands this screen is for, and the pace of a rehearsal. */
export function RunHeader({
  view,
  now,
  whose,
  onWhose,
  onRun,
  onPlay,
  onSurprise,
  isCalm,
  reaching,
}: {
  view: SessionView
  now: number
  whose: string
  onWhose: (name: string) => void
  onRun: (speed: number) => void
  /** A rehearsal presses for itself, or stops that. */
  onPlay: (plays: boolean) => void
  onSurprise: () => void
  /** A surprise was asked for, and there is none at this moment. */
  isCalm: boolean
  reaching: boolean
}) {
  return (
    <header className="flex flex-wrap items-baseline gap-x-8 gap-y-1 pt-3 pb-1 text-lg">
      <Link to="/today" className="order-first font-display font-bold sm:order-none">
        {words.kamuri}
      </Link>
      {view.rehearsal && <span className="order-first font-semibold text-warn sm:order-none">{words.rehearsal}</span>}
      <p className="w-full sm:w-auto">
        <Rich
          of={words.ends}
          parts={{
            time: <strong data-ends>{clockBeside(view.endsAt, view.now)}</strong>,
            drift: <span className="text-quiet">{drift(view)}</span>,
          }}
        />
      </p>
      {view.hands.length > 1 && (
        <div role="group" aria-label={words.whoseHandsThisScreenIs} className="flex items-center gap-1">
          {view.hands.map((each) => (
            <button
              key={each.name}
              type="button"
              aria-pressed={each.name === whose}
              onClick={() => onWhose(each.name)}
              className={`min-h-16 rounded-lg px-4 font-semibold ${each.name === whose ? 'bg-ink text-paper' : 'text-quiet hover:text-ink'}`}
            >
              {each.name}
            </button>
          ))}
        </div>
      )}
      {view.rehearsal && (
        <div role="group" aria-label={words.rehearsalSpeed} className="flex flex-wrap items-center sm:gap-1">
          <button
            type="button"
            aria-pressed={view.plays}
            onClick={() => onPlay(!view.plays)}
            className="min-h-16 rounded-lg px-1 font-semibold text-accent hover:text-ink sm:px-2"
          >
            {view.plays ? words.stopPlaying : words.play}
          </button>
          {speeds.map((speed) => (
            <button
              key={speed}
              type="button"
              aria-pressed={view.factor === speed}
              onClick={() => {
                onRun(speed)
                // Space is for the next press of the day again, not for the pace.
                document.querySelector<HTMLElement>('[data-main]')?.focus()
              }}
              className={`min-h-16 min-w-14 rounded-lg px-1 sm:min-w-16 ${view.factor === speed ? 'bg-ink font-semibold text-paper' : 'text-quiet hover:text-ink'}`}
            >
              ×{speed}
            </button>
          ))}
          <button
            type="button"
            className="min-h-16 rounded-lg px-1 text-quiet hover:text-ink sm:px-2"
            onClick={onSurprise}
          >
            {words.surpriseMe}
          </button>
        </div>
      )}
      {view.rehearsal && view.speed === 0 && <p className="order-last w-full text-quiet">{words.theClockStands}</p>}
      {isCalm && (
        <p role="status" className="order-last w-full font-semibold">
          {words.nothingCanGoWrongJust}
        </p>
      )}
      {!reaching && (
        <p role="status" className="font-semibold text-stop">
          {words.kamuriIsOutOfReach}
        </p>
      )}
      <time className="order-first ml-auto font-display sm:order-none text-2xl font-semibold">{wall(view, now)}</time>
    </header>
  )
}

const drift = (view: SessionView) => {
  const minutes = Math.round(view.driftMinutes)
  // While nobody knows whether they were away, nothing is early.
  if (minutes < 0 && view.hands.some((each) => each.silence)) return words.onceYouAnswer
  return minutes === 0 ? words.asPlanned : (minutes > 0 ? words.late : words.early)({ minutes: spell(minutes) })
}

/** The household's wall clock at a moment: the server's offset is kept, the minutes tick on. */
const wall = (view: SessionView, now: number) => {
  const shown = new Date(now + (Date.parse(`${view.now.slice(0, 19)}Z`) - Date.parse(view.now)))
  return Number.isNaN(shown.getTime()) ? '' : clock(shown.toISOString())
}
