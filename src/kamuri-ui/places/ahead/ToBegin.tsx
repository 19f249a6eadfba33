import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Link, useNavigate } from 'react-router'
import { api, done, told, type PlannedDayView } from '@/api/client'
import { useMeasure, written } from '@/app/measures'
import { Day, clock, day } from '@/app/time'
import { askFor, askForAll } from '@/places/today/plan/wish'
import { Button } from '@/kit/Button'
import { Trouble } from '@/kit/Trouble'
import { toBegin as words } from './words'
import { Rich } from '@/kit/texts'

interface Due {
  id: string
  name: string
  state: string
  sentence: string
}

interface Patch {
  headId: string
  headName: string
  ingredient: string
  sentence: string
}

/** What has to be begun, looked at or thrown out before the next wash day. */
export function ToBegin({
  planned,
  batches,
  patches,
}: {
  planned: readonly PlannedDayView[]
  batches: readonly Due[]
  patches: readonly Patch[]
}) {
  const { measure } = useMeasure()
  const begin = planned.flatMap((each) => each.begin.map((one) => ({ ...one, dayId: each.id, on: each.day })))
  const test = planned.flatMap((each) => each.patchTests.map((one) => ({ ...one, dayId: each.id, on: each.day })))
  if (begin.length + batches.length + patches.length + test.length === 0) return null
  return (
    <section className="mt-6" aria-label={words.startAhead}>
      <h2 className="text-xl font-semibold">{words.whatToStartEarly}</h2>
      <ul className="mt-1 border-t border-rule">
        {begin.map((each) => (
          <li key={each.dayId + each.name} className="grid gap-x-6 border-b border-rule py-3 md:grid-cols-[16rem_1fr]">
            <span className={`font-display text-lg font-semibold ${each.tooLate ? 'text-stop' : ''}`}>
              {Day(each.best)}, {clock(each.best)}
            </span>
            <span>
              <Rich
                of={words.nameForHeadOnDay}
                parts={{
                  name: <span className="font-semibold">{each.name}</span>,
                  head: each.headName,
                  day: day(each.on),
                  what: each.what.map((what) => `${written(what, measure)}. `),
                }}
              />
              <span className="text-quiet">
                {each.tooLate
                  ? words.itIsTooLateFor
                  : words.startByDayTime({ day: day(each.by), time: clock(each.by) })}
              </span>
            </span>
          </li>
        ))}
        {test.map((each) => (
          <li
            key={each.dayId + each.headName}
            className="grid gap-x-6 border-b border-rule py-3 md:grid-cols-[16rem_1fr]"
          >
            <span className="font-display text-lg font-semibold">{words.theDayBefore}</span>
            <span>
              {words.patchTestIngredientsOnHeadName({
                ingredients: each.ingredients.join(', '),
                headName: each.headName,
                day: day(each.on),
              })}
            </span>
          </li>
        ))}
        {patches.map((each) => (
          <li
            key={each.headId + each.ingredient}
            className="grid gap-x-6 border-b border-rule py-3 md:grid-cols-[16rem_1fr]"
          >
            <span className="font-display text-lg font-semibold">{words.patchTest}</span>
            <span>
              <Rich
                of={words.ingredientOnHead}
                parts={{
                  ingredient: each.ingredient,
                  head: (
                    <Link className="thread-line" to={`/heads/${each.headId}`}>
                      {each.headName}
                    </Link>
                  ),
                  sentence: each.sentence,
                }}
              />
            </span>
          </li>
        ))}
        {batches.map((each) => (
          <li key={each.id} className="grid gap-x-6 border-b border-rule py-3 md:grid-cols-[16rem_1fr]">
            <span className="font-display text-lg font-semibold">{words.inTheKitchen}</span>
            <span className={each.state === 'past' || each.state === 'spoiled' ? 'text-stop' : ''}>
              <Link className="thread-line" to={`/shelf/jars?batch=${each.id}`}>
                {each.name}
              </Link>
              : {each.sentence}
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}

/** Days that are meant for later, planned anew as things stand. */
export function PlannedDays({ planned }: { planned: readonly PlannedDayView[] }) {
  const queries = useQueryClient()
  const navigate = useNavigate()
  const forget = useMutation({
    mutationFn: ({ id }: PlannedDayView) => done(api.DELETE('/api/planned-days/{id}', { params: { path: { id } } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['ahead'] }),
  })
  const back = useMutation({
    mutationFn: (one: PlannedDayView) =>
      told(
        api.PUT('/api/planned-days/{id}', {
          params: { path: { id: one.id } },
          body: one.household ? { household: one.household } : { plan: one.plan },
        }),
      ),
    onSuccess: () => {
      forget.reset()
      void queries.invalidateQueries({ queryKey: ['ahead'] })
    },
  })
  const dropped = forget.isSuccess ? forget.variables : undefined
  if (planned.length === 0 && !dropped) return null
  return (
    <section className="mt-8" aria-label={words.plannedDays}>
      <h2 className="text-xl font-semibold">{words.planned}</h2>
      <ul className="mt-1 border-t border-rule">
        {planned.map((each) => (
          <li
            key={each.id}
            className="grid items-center gap-x-6 gap-y-2 border-b border-rule py-3 md:grid-cols-[16rem_1fr_auto]"
          >
            <span>
              <span className="block text-lg font-semibold">{each.names}</span>
              <span className="text-quiet">{Day(each.day)}</span>
            </span>
            <span>
              {each.overtaken && <strong className="block text-warn">{each.overtaken}</strong>}
              {each.sentence} {each.trouble && <span className="text-stop">{each.trouble}</span>}
            </span>
            <span className="flex flex-wrap gap-2">
              {!each.missed && (
                <Button
                  onClick={() => {
                    if (each.household) askForAll(each.household, each.id)
                    else if (each.plan) askFor(each.plan, each.id)
                    void navigate('/today')
                  }}
                >
                  {words.open}
                </Button>
              )}
              <Button tone="quiet" onClick={() => forget.mutate(each)}>
                {words.cancelThisDay}
              </Button>
            </span>
          </li>
        ))}
      </ul>
      {dropped && (
        <p role="status">
          {words.dayCancelled}{' '}
          <Button tone="quiet" onClick={() => back.mutate(dropped)}>
            {words.undo}
          </Button>
        </p>
      )}
      <Trouble error={back.error ?? forget.error} />
    </section>
  )
}
