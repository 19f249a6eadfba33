import { useEffect, useState } from 'react'
import type { HouseholdPlanView } from '@/api/client'
import { useTitled } from '@/app/measures'
import { minutesBetween } from '@/app/time'
import { Plait } from '@/drawings/plait/Plait'
import { wallClock } from '@/drawings/plait/wallClock'
import { Button } from '@/kit/Button'
import { hairOf } from './hair'
import { household as words } from './words'

/** What was computed for several heads, in sentences. */
export function HouseholdWords({ plan }: { plan: HouseholdPlanView }) {
  return (
    <div className="mt-3 max-w-5xl" aria-live="polite" data-household>
      <p className="text-lg text-quiet">{plan.sentence}</p>
      {plan.beyond.map((sentence) => (
        <p key={sentence} className="mt-1 border-l-4 border-warn pl-3 text-warn">
          {sentence}
        </p>
      ))}
      {plan.heads
        .filter((head) => !head.plan.canStart)
        .map((head) => (
          <p key={head.key} className="mt-1 border-l-4 border-stop pl-3 text-stop">
            {words.headNameCannotBeginLikeThis({ headName: head.plan.headName })}
          </p>
        ))}
    </div>
  )
}

/** A day that starts, has work for hands or hair that dries while people sleep says so. */
export function AtNight({
  sentence,
  byHour,
  onLeaveOut,
}: {
  sentence: string
  /** It is to be ready by an hour, so that what is not done at night is done before it. */
  byHour: boolean
  /** Null for what hands cannot leave out: hair that dries. */
  onLeaveOut: (() => void) | null
}) {
  return (
    <div className="mt-1 flex max-w-4xl flex-wrap items-center gap-x-3 border-l-4 border-warn pl-3 text-warn">
      <span>{sentence}</span>
      {onLeaveOut && (
        <Button tone="quiet" className="-mx-4" onClick={onLeaveOut}>
          {byHour ? words.doItTheDayBefore : words.leaveOutTheNight}
        </Button>
      )}
    </div>
  )
}

/** Shown when placing takes longer than a moment. */
export function PlacingLine() {
  const [seconds, setSeconds] = useState(0)
  useEffect(() => {
    const timer = setInterval(() => setSeconds((now) => now + 0.5), 500)
    return () => clearInterval(timer)
  }, [])
  if (seconds < 0.5) return null
  return (
    <p role="status" className="mt-2 text-quiet">
      {words.planning({ seconds: Math.floor(seconds) })}
    </p>
  )
}

/** All heads and the kitchen on one time axis, with a thread for each pair of hands. */
export function HouseholdPlait({
  plan,
  at,
  focus,
  onFocus,
}: {
  plan: HouseholdPlanView
  at: number
  focus: string | null
  onFocus: (step: string | null) => void
}) {
  const tasks = useTitled(plan.tasks).map((task) => ({
    ...task,
    step: task.step === null ? null : `${task.strand}/${task.step}`,
    start: minutesBetween(plan.start, task.start),
    end: minutesBetween(plan.start, task.end),
  }))
  const strands = plan.heads.map((head) => ({
    id: head.key,
    name: head.plan.headName,
    note: `${head.plan.kindWords.split(',')[0]}, ${Math.round(head.plan.size.massGrams)} g`,
  }))
  if (tasks.some((task) => task.strand === 'kitchen'))
    strands.push({ id: 'kitchen', name: words.kitchen, note: words.stoveAndBowl })
  const wanted = plan.heads.map((head) => head.wanted).filter((each) => each !== null)
  const shown = plan.heads[at]
  return (
    <Plait
      tasks={tasks}
      clock={wallClock(plan.start, plan.clocksChange)}
      strands={strands}
      readyBy={
        wanted.length > 0
          ? minutesBetween(
              plan.start,
              wanted.reduce((a, b) => (a > b ? a : b)),
            )
          : null
      }
      finishes={plan.heads.map((head) => ({
        strand: head.key,
        likely: minutesBetween(plan.start, head.likelyBy),
        nineInTen: minutesBetween(plan.start, head.nineInTenBy),
      }))}
      focus={focus}
      onFocus={onFocus}
      {...(shown && { hair: hairOf(shown.plan, plan.start) })}
      summary={words.planForHeadsSentence({
        heads: plan.heads.map((head) => head.plan.headName).join(', '),
        sentence: plan.sentence,
      })}
    />
  )
}
