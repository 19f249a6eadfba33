import type { HandsView, RunHeadView, RunTaskView, SessionView } from '@/api/client'
import { unbroken, useMeasure, written } from '@/app/measures'
import { clockBeside } from '@/app/time'
import { Words } from '@/kit/Amount'

/** What these hands do now, or come to next: the headline of the run, and how it is done. */
export function DoingNow({
  view,
  hands,
  doing,
  shown,
  head,
  section,
  resting,
}: {
  view: SessionView
  hands: HandsView
  doing: RunTaskView | undefined
  shown: RunTaskView | undefined
  head: RunHeadView
  section: number | null
  /** What stands there when hands have nothing to do. */
  resting: string
}) {
  const { measure } = useMeasure()
  const onWhom =
    view.heads.length > 1 && shown
      ? ` on ${shown.strand === 'kitchen' ? `the stove, for ${head.name}` : head.name}`
      : ''
  const step = view.steps.find((each) => each.id === shown?.step)
  const also = view.steps.filter((each) => shown?.also.includes(each.id))
  return (
    <>
      <div className="order-1 md:order-none">
        <p className="text-lg text-quiet">
          {view.status === 'paused'
            ? view.parkedAt
              ? `Put up since ${clockBeside(view.parkedAt, view.now)}. Sections stay ticked; go on when you are back.`
              : 'Paused. What is on the hair goes on working.'
            : doing
              ? `${head.name}${doing.sections > 0 ? `, ${doing.sectionsDone.length} of ${doing.sections} sections` : ''}${doing.strand === 'kitchen' ? ', in the kitchen' : ''}`
              : hands.next
                ? hands.restUntil
                  ? `A break until ${clockBeside(hands.restUntil, view.now)} is due. Next${onWhom}:`
                  : hands.nextFrom
                    ? `${hands.keeping ?? `Hands are free until ${clockBeside(hands.nextFrom, view.now)}.`} Next${onWhom}:`
                    : shown?.isLaidDown
                      ? `Put aside${onWhom}${shown.sections > 0 ? ` with ${shown.sectionsDone.length} of ${shown.sections} sections done` : ''}. Next:`
                      : `Next${onWhom}:`
                : view.allDone
                  ? 'All of it is done.'
                  : 'Hands are free.'}
        </p>
        <h1 className="text-4xl font-bold sm:text-5xl" data-doing={doing?.id ?? ''}>
          {shown
            ? unbroken(`${shown.title}${section ? `, section ${section}` : ''}`)
            : view.allDone
              ? 'Well done'
              : resting}
        </h1>
      </div>
      <div className="order-2 md:order-none md:col-start-2">
        {step && <p className="max-w-3xl text-xl sm:text-2xl sm:leading-snug">{step.instruction}</p>}
        {also.map((each) => (
          <p key={each.id} className="mt-1 max-w-3xl text-xl">
            Then on the same section, {each.name.toLowerCase()}: {each.instruction}
            {each.amount && ` Take ${written(each.amount, measure)}.`}
          </p>
        ))}
        {step && (
          <p className="mt-2 text-lg">
            {step.amount && (
              <>
                Take <Words of={step.amount} />.{' '}
              </>
            )}
            {where(step.places, step.direction)}
          </p>
        )}
      </div>
    </>
  )
}

const placeWords: Record<string, string> = {
  scalp: 'scalp',
  roots: 'roots',
  lengths: 'lengths',
  ends: 'ends',
  edges: 'edges',
}

const where = (places: readonly string[], direction: string) => {
  const named = places.map((each) => placeWords[each]).filter(Boolean)
  const way = {
    endsToRoots: 'from the ends up',
    rootsToEnds: 'from the roots down',
    midToEnds: 'from the middle down',
  }[direction]
  return named.length === 0 ? '' : `On ${named.join(', ')}${way ? `, ${way}` : ''}.`
}
