import type { PlanView } from '@/api/client'
import { minutesBetween } from '@/app/time'
import type { HairMoment } from '@/drawings/plait/HairStrip'

/** The hair from each step to the next, in minutes from the start of the drawing. */
export const hairOf = (plan: PlanView, start = plan.start): HairMoment[] =>
  plan.steps.map((step, n) => ({
    from: minutesBetween(start, step.start),
    to: minutesBetween(start, plan.steps[n + 1]?.start ?? plan.end),
    wetness: step.after.wetness,
    onHair: step.after.onHair,
    onScalp: step.after.onScalp,
    isWarm: step.after.warmth !== 'none',
  }))
