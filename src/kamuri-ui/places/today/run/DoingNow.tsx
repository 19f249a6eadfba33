import type { HandsView, RunHeadView, RunTaskView, SessionView } from '@/api/client'
import { unbroken, useMeasure, written } from '@/app/measures'
import { clockBeside } from '@/app/time'
import { doingNow as words } from './words'
import { listed } from '@/kit/texts'

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
  const whom =
    view.heads.length > 1 && shown
      ? shown.strand === 'kitchen'
        ? words.theStoveForName({ name: head.name })
        : head.name
      : null
  const step = view.steps.find((each) => each.id === shown?.step)
  const also = view.steps.filter((each) => shown?.also.includes(each.id))
  return (
    <>
      <div className="order-1 md:order-none">
        <p className="text-lg text-quiet">
          {view.status === 'paused'
            ? view.parkedAt
              ? words.putUpSinceTimeTicked({ time: clockBeside(view.parkedAt, view.now) })
              : words.pausedWhatIsOnThe
            : doing
              ? [
                  head.name,
                  ...(doing.sections > 0
                    ? [words.sectionsDone({ done: doing.sectionsDone.length, sections: doing.sections })]
                    : []),
                  ...(doing.strand === 'kitchen' ? [words.inTheKitchen] : []),
                ].join(', ')
              : hands.next
                ? [
                    hands.restUntil
                      ? words.aBreakUntilTime({ time: clockBeside(hands.restUntil, view.now) })
                      : hands.nextFrom
                        ? (hands.keeping ??
                          words.handsAreFreeUntilTime({ time: clockBeside(hands.nextFrom, view.now) }))
                        : shown?.isLaidDown
                          ? shown.sections > 0
                            ? words.putAsideWith({ done: shown.sectionsDone.length, sections: shown.sections })
                            : words.putAside
                          : '',
                    whom ? words.nextOn({ name: whom }) : words.next,
                  ].join(' ')
                : view.allDone
                  ? words.everythingIsDone
                  : words.handsAreFree}
        </p>
        <h1 className="text-4xl font-bold sm:text-5xl" data-doing={doing?.id ?? ''}>
          {shown
            ? unbroken(section ? words.titleOfSection({ title: shown.title, section }) : shown.title)
            : view.allDone
              ? words.wellDone
              : resting}
        </h1>
      </div>
      <div className="order-2 md:order-none md:col-start-2">
        {step && <p className="max-w-3xl text-xl sm:text-2xl sm:leading-snug">{step.instruction}</p>}
        {step?.expect && <p className="mt-1 max-w-3xl text-lg">{step.expect}</p>}
        {also.map((each) => (
          <p key={each.id} className="mt-1 max-w-3xl text-xl">
            {words.thenOnTheSame({ name: each.name, instruction: each.instruction })}{' '}
            {each.amount && words.takeAmount({ amount: written(each.amount, measure) })}
          </p>
        ))}
        {step && (
          <p className="mt-2 text-lg">
            {step.amount && <>{words.takeAmount({ amount: written(step.amount, measure) })} </>}
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
  const named = places.flatMap((each) => placeWords[each] ?? [])
  const way = {
    endsToRoots: words.fromTheEndsUp,
    rootsToEnds: words.fromTheRootsDown,
    midToEnds: words.fromTheMiddleDown,
  }[direction]
  return named.length === 0
    ? ''
    : way
      ? words.onPlacesWay({ places: listed(named), way })
      : words.onPlaces({ places: listed(named) })
}
