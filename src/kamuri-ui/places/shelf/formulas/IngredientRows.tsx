import { AddRow } from '@/kit/AddRow'
import { Trash2 } from 'lucide-react'
import type { FormulaView, IngredientBody } from '@/api/client'
import { IconButton } from '@/kit/Button'
import { ChoiceField, SwitchField, NumberField, TextField } from '@/kit/Field'
import { useProducts } from '../ProductsPage'
import { replaced, units } from './words'
import { ingredientRows as said } from './words'

/** What goes into a formula, a row each: from the kitchen, from the shelf, or from a jar of another formula. */
export function IngredientRows({
  list,
  errors,
  formulas,
  strains,
  onChange,
}: {
  list: readonly IngredientBody[]
  /** Whether something of it stays behind, so that it matters what goes in afterwards. */
  strains: boolean
  errors: Record<string, string[]>
  formulas: readonly FormulaView[]
  onChange: (list: IngredientBody[]) => void
}) {
  const products = useProducts().data?.filter((each) => !each.archived) ?? []
  const at = (n: number, field: string) => errors[`ingredients[${n}].${field}`]?.[0]
  return (
    <fieldset>
      <legend className="text-xl font-semibold">{said.ingredients}</legend>
      {errors.ingredients?.[0] && (
        <p role="alert" className="mt-1 text-stop">
          {errors.ingredients[0]}
        </p>
      )}
      {list.map((each, n) => (
        <div
          key={n}
          className="mt-3 grid items-start gap-3 border-b border-rule pb-3 max-sm:grid-cols-2 max-sm:[&>*:first-child]:col-span-2 sm:grid-cols-[1fr_8rem_10rem_14rem_3rem]"
        >
          <TextField
            label={said.name}
            value={each.name}
            maxLength={120}
            error={at(n, 'name') ?? at(n, 'productId') ?? at(n, 'formulaId')}
            onChange={(event) =>
              onChange(replaced(list, n, { ...each, name: event.target.value, productId: null, formulaId: null }))
            }
          />
          <NumberField
            label={said.amount}
            value={each.amount}
            error={at(n, 'amount')}
            onChange={(amount) => onChange(replaced(list, n, { ...each, amount: amount ?? NaN }))}
          />
          <ChoiceField
            label={said.unit}
            value={each.unit}
            choices={units}
            error={at(n, 'unit')}
            onChoose={(unit) => onChange(replaced(list, n, { ...each, unit }))}
          />
          <ChoiceField
            label={said.comesFrom}
            value={each.productId ? `p${each.productId}` : each.formulaId ? `f${each.formulaId}` : ''}
            choices={[
              { value: '', word: said.theKitchen },
              ...products.map((product) => ({ value: `p${product.id}`, word: product.product.name })),
              ...formulas.map((formula) => ({
                value: `f${formula.id}`,
                word: said.aJarOfName({ name: formula.formula.name }),
              })),
            ]}
            onChoose={(from) => {
              const id = from.slice(1)
              const product = products.find((one) => from.startsWith('p') && one.id === id)
              const formula = formulas.find((one) => from.startsWith('f') && one.id === id)
              onChange(
                replaced(list, n, {
                  ...each,
                  name: product?.product.name ?? formula?.formula.name ?? each.name,
                  productId: product?.id ?? null,
                  formulaId: formula?.id ?? null,
                }),
              )
            }}
          />
          <IconButton
            label={each.name ? said.removeName({ name: each.name }) : said.removeIt}
            className="mt-7"
            disabled={list.length === 1}
            onClick={() => onChange(list.filter((_, m) => m !== n))}
          >
            <Trash2 aria-hidden size={18} />
          </IconButton>
          <div className={strains || each.afterStraining ? 'col-span-full' : 'hidden'}>
            <SwitchField
              label={said.addAfterStraining}
              checked={each.afterStraining ?? false}
              onChange={(afterStraining) => onChange(replaced(list, n, { ...each, afterStraining }))}
            />
          </div>
        </div>
      ))}
      <AddRow
        tone="plain"
        className="mt-3"
        onAdd={() => onChange([...list, { name: '', amount: 10, unit: 'millilitre' }])}
      >
        {said.addAnIngredient}
      </AddRow>
    </fieldset>
  )
}
