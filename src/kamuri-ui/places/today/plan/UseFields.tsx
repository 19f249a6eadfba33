import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, told, type StepView, type UseBody } from '@/api/client'
import { useMeasure, written } from '@/app/measures'
import { Button } from '@/kit/Button'
import { ChoiceField, SwitchField, TextField } from '@/kit/Field'
import { FoldLine } from '@/kit/FoldLine'

const strengths: { value: NonNullable<UseBody['protein']>; word: string }[] = [
  { value: 'none', word: 'No protein' },
  { value: 'light', word: 'Light protein' },
  { value: 'strong', word: 'Strong protein' },
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
    <details className="mt-1" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <FoldLine>What it is done with{step.use ? `: ${step.use.name}` : ''}</FoldLine>
      {makings && makings.products.length + makings.batches.length + makings.formulas.length > 0 && (
        <div className="grid max-w-2xl gap-3 sm:grid-cols-3">
          {makings.products.length > 0 && (
            <ChoiceField
              label="From the shelf"
              value={use?.productId ?? ''}
              choices={[
                { value: '', word: 'Choose a product' },
                ...makings.products.map((each) => ({
                  value: each.id,
                  word: [
                    each.name,
                    each.leftMl != null && `${Math.round(each.leftMl)} ml`,
                    each.suits && `suits ${each.suits} of 5`,
                    each.isPast && 'past its time',
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
              label="A jar that is there"
              value={use?.batchId ?? ''}
              choices={[
                { value: '', word: 'Choose a jar' },
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
              label="Make it"
              value={use?.formulaId ?? ''}
              choices={[
                { value: '', word: 'Choose a formula' },
                ...makings.formulas.map((each) => ({ value: each.id, word: each.name })),
              ]}
              onChoose={(formulaId) => (formulaId ? take({ formulaId }) : onUse(null))}
            />
          )}
        </div>
      )}
      {use?.formulaId && (
        <SwitchField
          label="Make it fresh even if a good jar is there"
          checked={use.madeFresh ?? false}
          onChange={(madeFresh) => take({ formulaId: use.formulaId ?? null, madeFresh })}
        />
      )}
      {use && (
        <Button tone="quiet" onClick={() => onUse(null)}>
          Nothing in particular
        </Button>
      )}
      <details className="mt-1">
        <FoldLine>Something else, by hand</FoldLine>
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
  const number = (value: number) => (Number.isNaN(value) ? null : value)
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
        label="Product or mixture"
        value={draft.name ?? ''}
        maxLength={80}
        onChange={(event) => put({ name: event.target.value })}
      />
      <ChoiceField
        label="Protein in it"
        value={draft.protein ?? 'none'}
        choices={strengths}
        onChoose={(protein) => put({ protein })}
      />
      <div className="sm:col-span-2">
        <TextField
          label="What is in it"
          hint="Names, with commas between. They are held against this head’s list."
          value={ingredients}
          maxLength={2000}
          onChange={(event) => setIngredients(event.target.value)}
        />
      </div>
      <TextField
        label="Essential oil in it"
        type="number"
        step={0.1}
        min={0}
        max={100}
        unit="%"
        value={draft.essentialOilPercent ?? 0}
        onChange={(event) => put({ essentialOilPercent: number(event.target.valueAsNumber) ?? 0 })}
      />
      <TextField
        label="Temperature"
        type="number"
        min={-5}
        max={120}
        unit="°C"
        placeholder="as the room"
        value={draft.atCelsius ?? ''}
        onChange={(event) => put({ atCelsius: number(event.target.valueAsNumber) })}
      />
      <div className="sm:col-span-2">
        <SwitchField
          label="New on this head"
          checked={draft.isChange ?? false}
          onChange={(isChange) => put({ isChange })}
        />
      </div>
      <div className="sm:col-span-2">
        <Button type="submit" disabled={!draft.name?.trim()}>
          Use this
        </Button>
      </div>
    </form>
  )
}
