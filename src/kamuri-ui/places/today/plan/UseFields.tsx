import { writtenAmount } from '@/app/style'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, told, type StepView, type UseBody } from '@/api/client'
import { useMeasure, written } from '@/app/measures'
import { Button } from '@/kit/Button'
import { ChoiceField, SwitchField, NumberField, TextField } from '@/kit/Field'
import { TemperatureField } from '@/kit/TypedField'
import { FoldLine } from '@/kit/FoldLine'
import { useFields as words } from './words'

const strengths: { value: NonNullable<UseBody['protein']>; word: string }[] = [
  { value: 'none', word: words.noProtein },
  { value: 'light', word: words.lightProtein },
  { value: 'strong', word: words.strongProtein },
]

/** What a step is done with: something from the shelf, a jar that is there, a formula to make, or something else by hand. */
export function UseFields({
  step,
  headId,
  use,
  onUse,
}: {
  step: StepView
  headId: string
  use: UseBody | null
  onUse: (use: UseBody | null) => void
}) {
  const [open, setOpen] = useState(false)
  const { measure } = useMeasure()
  const makings = useQuery({
    queryKey: ['makings', step.kind, headId],
    queryFn: () =>
      told(api.GET('/api/plans/makings/{kind}', { params: { path: { kind: step.kind }, query: { headId } } })),
    enabled: open,
  }).data
  const take = (next: Partial<UseBody>) => onUse({ name: '', ...next })
  return (
    <details data-use className="mt-1" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <FoldLine>{step.use ? words.doneWithName({ name: step.use.name }) : words.doneWith}</FoldLine>
      {makings && makings.products.length + makings.batches.length + makings.formulas.length > 0 && (
        <div className="grid max-w-2xl gap-3 sm:grid-cols-3">
          {makings.products.length > 0 && (
            <ChoiceField
              label={words.fromTheShelf}
              value={use?.productId ?? ''}
              choices={[
                { value: '', word: words.chooseAProduct },
                ...makings.products.map((each) => ({
                  value: each.id,
                  word: [
                    each.name,
                    each.leftMl != null && writtenAmount(each.leftMl),
                    each.suits && words.suitsSuitsOf5({ suits: each.suits }),
                    each.isPast && words.expired,
                  ]
                    .filter(Boolean)
                    .join(', '),
                })),
              ]}
              onChoose={(productId) => (productId ? take({ productId }) : onUse(null))}
            />
          )}
          {makings.batches.length > 0 && (
            <ChoiceField
              label={words.aJar}
              value={use?.batchId ?? ''}
              choices={[
                { value: '', word: words.chooseAJar },
                ...makings.batches.map((each) => ({
                  value: each.id,
                  word: `${each.name}, ${written(each.left, measure)}: ${each.sentence}`,
                })),
              ]}
              onChoose={(batchId) => (batchId ? take({ batchId }) : onUse(null))}
            />
          )}
          {makings.formulas.length > 0 && (
            <ChoiceField
              label={words.madeFresh}
              value={use?.formulaId ?? ''}
              choices={[
                { value: '', word: words.chooseAFormula },
                ...makings.formulas.map((each) => ({ value: each.id, word: each.name })),
              ]}
              onChoose={(formulaId) => (formulaId ? take({ formulaId }) : onUse(null))}
            />
          )}
        </div>
      )}
      {use?.formulaId && (
        <>
          <SwitchField
            label={words.makeItFreshEvenIf}
            checked={use.madeFresh ?? false}
            onChange={(madeFresh) => take({ ...use, madeFresh })}
          />
          <SwitchField
            label={words.makeTheWholeBatch}
            checked={use.wholeBatch ?? false}
            onChange={(wholeBatch) => take({ ...use, wholeBatch })}
          />
        </>
      )}
      {step.use && (
        <Button tone="quiet" onClick={() => take({ isNothing: true })}>
          {words.nothingInParticular}
        </Button>
      )}
      <details className="mt-1">
        <FoldLine>{words.somethingElse}</FoldLine>
        <ByHand use={use} onUse={onUse} />
      </details>
    </details>
  )
}

/** Something nobody entered on the shelf, as far as the rules need to know it. */
function ByHand({ use, onUse }: { use: UseBody | null; onUse: (use: UseBody) => void }) {
  const own = use && !use.productId && !use.batchId && !use.formulaId ? use : null
  const [draft, setDraft] = useState<UseBody>(own ?? { name: '' })
  const [ingredients, setIngredients] = useState((own?.ingredients ?? []).join(', '))
  const put = (next: Partial<UseBody>) => setDraft({ ...draft, ...next })
  return (
    <form
      className="grid max-w-xl gap-3 sm:grid-cols-2"
      onSubmit={(event) => {
        event.preventDefault()
        if (!draft.name?.trim()) return
        onUse({
          ...draft,
          name: draft.name.trim(),
          ingredients: ingredients
            .split(',')
            .map((each) => each.trim())
            .filter(Boolean),
        })
      }}
    >
      <TextField
        label={words.productOrMixture}
        value={draft.name ?? ''}
        maxLength={80}
        onChange={(event) => put({ name: event.target.value })}
      />
      <ChoiceField
        label={words.proteinInIt}
        value={draft.protein ?? 'none'}
        choices={strengths}
        onChoose={(protein) => put({ protein })}
      />
      <div className="sm:col-span-2">
        <TextField
          label={words.whatIsInIt}
          hint={words.separateNamesWithCommasKamuri}
          value={ingredients}
          maxLength={2000}
          onChange={(event) => setIngredients(event.target.value)}
        />
      </div>
      <NumberField
        label={words.essentialOil}
        min={0}
        max={100}
        unit="%"
        value={draft.essentialOilPercent}
        onChange={(percent) => put({ essentialOilPercent: percent ?? 0 })}
      />
      <TemperatureField
        label={words.temperature}
        placeholder={words.roomTemperature}
        value={draft.atCelsius ?? null}
        onChange={(atCelsius) => put({ atCelsius })}
      />
      <div className="sm:col-span-2">
        <SwitchField
          label={words.newOnThisHead}
          checked={draft.isChange ?? false}
          onChange={(isChange) => put({ isChange })}
        />
      </div>
      <div className="sm:col-span-2">
        <Button type="submit" disabled={!draft.name?.trim()}>
          {words.useThis}
        </Button>
      </div>
    </form>
  )
}
