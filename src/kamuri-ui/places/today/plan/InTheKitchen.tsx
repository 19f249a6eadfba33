import { writtenMoney } from '@/app/style'
import type { PlanView } from '@/api/client'
import { AmountsIn } from '@/kit/Amount'
import { MixtureLines } from './MixtureLines'
import { inTheKitchen as words } from './words'
import { counted, listed } from '@/kit/texts'

/** What the kitchen makes for this day, and how its amounts are written. */
export function InTheKitchen({ plan }: { plan: PlanView }) {
  return (
    <section aria-label={words.inTheKitchen}>
      <h2 className="mt-2 border-b border-rule pb-3 text-xl font-semibold">{words.inTheKitchen}</h2>
      <AmountsIn />
      {plan.hand.count > 0 && (
        <p className="text-quiet">
          {words.amountsOfHand({
            name: plan.headName,
            change: `${plan.hand.factor < 1 ? '−' : '+'}${Math.abs(Math.round(plan.hand.factor * 100) - 100)} %`,
            times: counted(plan.hand.count, words.time, words.times),
          })}
        </p>
      )}
      {plan.cost.total > 0 && (
        <p className="mt-1 text-quiet">
          {plan.cost.unpriced.length > 0
            ? words.costWithout({ cost: writtenMoney(plan.cost.total), unpriced: listed(plan.cost.unpriced) })
            : words.cost({ cost: writtenMoney(plan.cost.total) })}
        </p>
      )}
      {plan.mixtures.length === 0 ? (
        <p className="mt-2">{words.nothingToMake}</p>
      ) : (
        plan.mixtures.map((mixture) => <MixtureLines key={mixture.step} mixture={mixture} />)
      )}
    </section>
  )
}
