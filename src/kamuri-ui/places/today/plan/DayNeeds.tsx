import type { PlanView } from '@/api/client'
import { Amount } from '@/kit/Amount'
import { dayNeeds as words } from './words'

type Need = NonNullable<PlanView['needs']>[number]

const order = ['shelf', 'jar', 'made', 'buy'] as const

/** What the day needs, for all its heads in one list: what is there, what is made, what has to be bought. */
export function DayNeeds({
  needs,
  several,
  onChange,
}: {
  needs: readonly Need[]
  /** Whose it is has to be said. */
  several: boolean
  /** Something else is to be used for a step. */
  onChange: (step: string) => void
}) {
  if (needs.length === 0) return null
  const nameOf = (taker: Need['takers'][number]) =>
    several ? words.stepOf({ step: taker.stepName, name: taker.headName }) : taker.stepName
  return (
    <section aria-label={words.whatThisDayNeeds}>
      <h2 className="border-b border-rule pb-3 text-xl font-semibold">{words.whatThisDayNeeds}</h2>
      {order
        .map((from) => ({ from, own: needs.filter((need) => need.from === from) }))
        .filter((group) => group.own.length > 0)
        .map(({ from, own }) => (
          <div key={from} className="mt-3">
            <h3 className="font-semibold text-quiet">{words.from[from]}</h3>
            <ul>
              {own.map((need) => (
                <li key={need.name} className="grid grid-cols-[1fr_auto] items-center gap-x-3" data-need={from}>
                  <span>
                    <span className="font-semibold first-letter:uppercase">{need.name}</span>{' '}
                    {need.takers.map((taker) => (
                      <button
                        key={taker.headName + taker.stepId}
                        type="button"
                        className="group mr-2 inline-flex min-h-12 min-w-12 cursor-pointer items-center text-quiet hover:text-accent"
                        aria-label={words.change({ step: nameOf(taker) })}
                        onClick={() => onChange(taker.stepId)}
                      >
                        <span className="thread-line">{nameOf(taker)}</span>
                      </button>
                    ))}
                  </span>
                  <span className="font-display font-semibold">
                    <Amount of={need.amount} />
                  </span>
                </li>
              ))}
            </ul>
          </div>
        ))}
    </section>
  )
}
