import { useEffect, useId, useRef } from 'react'
import type { CountingView } from '@/api/client'
import { clock, clockBeside, counter, spell } from '@/app/time'
import { isDrying } from './mainPress'
import { signal } from './signals'
import { counting as said } from './words'

export type Stage = 'early' | 'ready' | 'past'

/** Where a wait stands between its marks. What does no harm after its latest stays ready, and nobody is warned of it. */
export const stageOf = (wait: CountingView, now: number): Stage =>
  now >= Date.parse(wait.latestAt) && !wait.harmlessAfter
    ? 'past'
    : now >= Date.parse(wait.earliestAt)
      ? 'ready'
      : 'early'

/** How long a wait has lasted; how long hair still dries, which nobody counts up. */
const timeOf = (wait: CountingView, now: number) =>
  isDrying(wait) && now < Date.parse(wait.usualAt)
    ? said.dryIn({ time: spell((Date.parse(wait.usualAt) - now) / 60_000) })
    : counter(now - Date.parse(wait.since))

/** A wait counting up towards its earliest, usual and latest. It looks different, and sounds, when one is reached. */
export function CountingBar({
  wait,
  now,
  colour,
  narrow = false,
}: {
  wait: CountingView
  now: number
  colour: string
  /** Stands in a column, where fewer names of marks find room. */
  narrow?: boolean
}) {
  const id = useId()
  const since = Date.parse(wait.since)
  const marks = [
    { name: 'earliest', at: Date.parse(wait.earliestAt), moment: wait.earliestAt },
    { name: 'usual', at: Date.parse(wait.usualAt), moment: wait.usualAt },
    { name: 'latest', at: Date.parse(wait.latestAt), moment: wait.latestAt },
  ]
  const stage = stageOf(wait, now)
  const end = Math.max(Date.parse(wait.latestAt), Date.parse(wait.usualAt), since + 60_000)
  const share = (at: number) => Math.min(1, Math.max(0, (at - since) / (end - since)))
  const seen = useRef<Stage | null>(null)
  const { title, afterLatest } = wait
  useEffect(() => {
    if (now === 0) return
    if (seen.current !== null && seen.current !== stage && stage !== 'early')
      signal(
        stage === 'past' ? 'latest' : 'earliest',
        stage === 'past' ? `${title}: ${afterLatest || said.overdue}` : said.titleIsReady({ title }),
      )
    seen.current = stage
  }, [now, stage, title, afterLatest])

  const words =
    stage === 'early'
      ? said.notBeforeTime({ time: clockBeside(wait.earliestAt, wait.since) })
      : stage === 'ready' && now < Date.parse(wait.latestAt)
        ? said.readyFinishByTime({ time: clockBeside(wait.latestAt, wait.earliestAt) })
        : wait.afterLatest || said.overdue
  const fill = stage === 'early' ? colour : stage === 'ready' ? 'var(--done)' : 'var(--stop)'
  // Marks that would print over one another are named once.
  const shown = marks.filter(
    (mark, n) =>
      !marks.some((other, m) => m > n && Math.abs(share(other.at) - share(mark.at)) < (narrow ? 0.36 : 0.22)),
  )
  return (
    <div className="border-t border-rule py-2" data-counting={wait.task} data-stage={stage}>
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h3 className="text-xl font-semibold">{wait.title}</h3>
        <span
          className="font-display text-2xl font-semibold"
          role="timer"
          aria-label={said.titleSoFar({ title: wait.title })}
        >
          {timeOf(wait, now)}
        </span>
      </div>
      <p
        className={
          stage === 'past' ? 'font-semibold text-stop' : stage === 'ready' ? 'font-semibold text-done' : 'text-quiet'
        }
        aria-live="polite"
      >
        {words}
      </p>
      <svg width="100%" height="54" className=" overflow-visible" role="img" aria-labelledby={id}>
        <title id={id}>
          {said.titleEarliestTimeUsualTime2({
            title: wait.title,
            time: clock(wait.earliestAt),
            time2: clock(wait.usualAt),
            time3: clock(wait.latestAt),
          })}
        </title>
        <rect x="0" y="6" width="100%" height="22" rx="5" fill="var(--raised)" stroke="var(--strand)" />
        <rect
          x="0"
          y="6"
          width={`${share(now) * 100}%`}
          height="22"
          rx="5"
          fill={fill}
          className={stage === 'past' ? 'animate-[past-usual_1.6s_ease-in-out_infinite]' : ''}
        />
        {marks.map((mark) => (
          <line
            key={mark.name}
            x1={`${share(mark.at) * 100}%`}
            x2={`${share(mark.at) * 100}%`}
            y1="1"
            y2="33"
            stroke="var(--ink)"
            strokeWidth={mark.name === 'usual' ? 4 : 2}
          />
        ))}
        {shown.map((mark) => (
          <text
            key={mark.name}
            x={`${share(mark.at) * 100}%`}
            y="50"
            fontSize="15"
            fill="var(--quiet)"
            textAnchor={share(mark.at) > 0.85 ? 'end' : share(mark.at) < 0.15 ? 'start' : 'middle'}
          >
            {mark.name} {clock(mark.moment)}
          </text>
        ))}
      </svg>
    </div>
  )
}

/** What is counting, a line each, for a phone: seen without scrolling. The bars further down say it aloud, so these do not. */
export const CountingLines = ({
  waits,
  nameOf,
  now,
}: {
  waits: readonly CountingView[]
  nameOf: (wait: CountingView) => string
  now: number
}) => (
  <ul className="mt-1 border-y border-rule py-1 md:hidden" aria-hidden data-counting-lines>
    {waits.map((wait) => {
      const stage = stageOf(wait, now)
      return (
        <li key={wait.task} className="flex items-baseline justify-between gap-3">
          <span className="truncate">
            <span className="font-semibold">{nameOf(wait)}</span> {wait.title.split(',')[0]}
          </span>
          <span
            className={`shrink-0 ${stage === 'past' ? 'font-semibold text-stop' : stage === 'ready' ? 'font-semibold' : 'text-quiet'}`}
          >
            <span className="font-display text-lg font-semibold text-ink">{timeOf(wait, now)}</span>{' '}
            {stage === 'past'
              ? said.overdue
              : stage === 'ready'
                ? 'ready'
                : said.readyAtTime({ time: clock(wait.earliestAt) })}
          </span>
        </li>
      )
    })}
  </ul>
)
