import { useQuery } from '@tanstack/react-query'
import { api, told, type PlanView, type UseBody } from '@/api/client'
import { MeasureWord } from '@/kit/Amount'
import { Button } from '@/kit/Button'
import { MixtureLines } from './MixtureLines'

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
    <section aria-label="In the kitchen">
      <h2 className="mt-2 border-b border-rule pb-3 text-xl font-semibold">In the kitchen</h2>
      <p className="mt-3 text-quiet">
        Amounts in <MeasureWord />
        {plan.hand.count > 0 &&
          `; ${plan.headName} was seen to take ${Math.round(plan.hand.factor * 100)} % of what the model says, by ${plan.hand.count} amounts`}
        .
      </p>
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
            With the same as last time
          </Button>
          <span className="mt-1 block text-quiet">{again.map((each) => each.name).join(', ')}</span>
        </p>
      )}
      {plan.cost.total > 0 && (
        <p className="mt-1 text-quiet">
          What it takes costs {plan.cost.total.toFixed(2)}
          {plan.cost.unpriced.length > 0 && `, without ${plan.cost.unpriced.join(', ')}`}.
        </p>
      )}
      {plan.mixtures.length === 0 ? (
        <p className="mt-2">Nothing has to be made.</p>
      ) : (
        plan.mixtures.map((mixture) => <MixtureLines key={mixture.step} mixture={mixture} />)
      )}
    </section>
  )
}
