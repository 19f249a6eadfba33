import { writtenMoney } from '@/app/style'
import { useQuery } from '@tanstack/react-query'
import { api, told, type PlanView, type UseBody } from '@/api/client'
import { AmountsIn } from '@/kit/Amount'
import { Button } from '@/kit/Button'
import { MixtureLines } from './MixtureLines'
import { inTheKitchen as words } from './words'
import { counted, listed } from '@/kit/texts'

/** What the kitchen makes for this day, and how its amounts are written. */
export function InTheKitchen({
  plan,
  uses,
  onUses,
}: {
  plan: PlanView
  uses: Record<string, UseBody>
  onUses: (uses: Record<string, UseBody>) => void
}) {
  const last = useQuery({
    queryKey: ['last-uses', plan.headId],
    queryFn: () => told(api.GET('/api/heads/{headId}/last-uses', { params: { path: { headId: plan.headId } } })),
  })
  const again = (last.data ?? []).filter(
    (each) => !uses[each.stepKind] && plan.steps.some((step) => step.kind === each.stepKind && !step.use),
  )
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
      {again.length > 0 && (
        <p className="mt-2">
          <Button
            onClick={() =>
              onUses({
                ...uses,
                ...Object.fromEntries(again.map((each) => [each.stepKind, { name: '', productId: each.productId }])),
              })
            }
          >
            {words.useTheSameAsLast}
          </Button>
          <span className="mt-1 block text-quiet">{again.map((each) => each.name).join(', ')}</span>
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
