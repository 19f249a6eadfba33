import { useState } from 'react'
import type { StepView, UseBody } from '@/api/client'
import { Button } from '@/kit/Button'
import { useProducts } from '@/places/shelf/ProductsPage'
import { FoldLine } from '@/kit/FoldLine'
import { ChoiceField, SwitchField, TextField } from '@/kit/Field'

const strengths: { value: NonNullable<UseBody['protein']>; word: string }[] = [
  { value: 'none', word: 'No protein' },
  { value: 'light', word: 'Light protein' },
  { value: 'strong', word: 'Strong protein' },
]

/** What a step is done with, as far as the rules need to know it: product or mixture, what is in it, how warm it is. */
export function UseFields({
  step,
  use,
  onUse,
}: {
  step: StepView
  use: UseBody | null
  onUse: (use: UseBody | null) => void
}) {
  const shelf = useProducts().data?.filter((each) => !each.archived) ?? []
  const [draft, setDraft] = useState<UseBody>(use ?? { name: '' })
  const [ingredients, setIngredients] = useState((use?.ingredients ?? []).join(', '))
  const put = (next: Partial<UseBody>) => setDraft({ ...draft, ...next })
  const number = (value: number) => (Number.isNaN(value) ? null : value)
  return (
    <details className="mt-1">
      <FoldLine>What it is done with{step.use ? `: ${step.use.name}` : ''}</FoldLine>
      <form
        className="grid max-w-xl gap-3 sm:grid-cols-2"
        onSubmit={(event) => {
          event.preventDefault()
          if (!draft.name.trim()) return
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
        {shelf.length > 0 && (
          <div className="sm:col-span-2">
            <ChoiceField
              label="From the shelf"
              value=""
              choices={[
                { value: '', word: 'Choose a product' },
                ...shelf.map((each) => ({ value: each.id, word: each.product.name })),
              ]}
              onChoose={(id) => {
                const taken = shelf.find((each) => each.id === id)
                if (!taken) return
                const next: UseBody = {
                  name: taken.product.name,
                  ingredients: taken.ingredients,
                  protein: taken.protein,
                  inStockMl: taken.product.leftMl ?? null,
                }
                setDraft(next)
                setIngredients(taken.ingredients.join(', '))
                onUse(next)
              }}
            />
          </div>
        )}
        <TextField
          label="Product or mixture"
          value={draft.name}
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
        <div className="flex gap-2 sm:col-span-2">
          <Button type="submit" disabled={!draft.name.trim()}>
            Use this
          </Button>
          {use && (
            <Button
              tone="quiet"
              onClick={() => {
                setDraft({ name: '' })
                setIngredients('')
                onUse(null)
              }}
            >
              Nothing in particular
            </Button>
          )}
        </div>
      </form>
    </details>
  )
}
