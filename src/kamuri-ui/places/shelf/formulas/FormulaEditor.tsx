import { useMutation, useQueryClient } from '@tanstack/react-query'
import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react'
import { useState } from 'react'
import { Link, useNavigate, useParams, useSearchParams } from 'react-router'
import {
  api,
  done,
  Refused,
  told,
  type FormulaBody,
  type FormulaView,
  type IngredientBody,
  type MethodStepBody,
} from '@/api/client'
import { Button, IconButton } from '@/kit/Button'
import { AreaField, ChoiceField, ManyField, SwitchField, TextField } from '@/kit/Field'
import { Trouble } from '@/kit/Trouble'
import { useProducts } from '../ProductsPage'
import { useFormulas } from './FormulasPage'
import { deeds, kinds, units, uses, vessels, waitsAt } from './words'

const blank: FormulaBody = {
  name: '',
  kind: 'other',
  ingredients: [{ name: '', amount: 100, unit: 'millilitre' }],
  method: [{ title: '', handsOnMinutes: 5 }],
  yieldShare: 1,
  keep: { room: { days: 0, atMost: 0 }, fridge: null, freezer: null },
  servesAs: [],
  vessel: 'wideBowl',
  note: '',
}

/** Shelf, writing a formula down: a new one, a copy of another, or one of the household's own changed. */
export function FormulaEditor() {
  const { id } = useParams()
  const [search] = useSearchParams()
  const formulas = useFormulas()
  if (formulas.error) return <Trouble error={formulas.error} />
  if (!formulas.data) return null
  const copied = formulas.data.find((each) => each.id === search.get('copy'))
  const saved = formulas.data.find((each) => each.id === id && !each.shipped) ?? null
  if (id && !saved)
    return (
      <h1 className="mt-5 text-[1.65rem] font-semibold sm:text-[2.1rem]">
        This formula cannot be changed; copy it instead.
      </h1>
    )
  const begin: FormulaBody =
    saved?.formula ?? (copied ? { ...copied.formula, name: `${copied.formula.name}, our way`, version: null } : blank)
  return <Editing key={id ?? copied?.id ?? 'new'} begin={begin} saved={saved} formulas={formulas.data} />
}

function Editing({
  begin,
  saved,
  formulas,
}: {
  begin: FormulaBody
  saved: FormulaView | null
  formulas: readonly FormulaView[]
}) {
  const [draft, setDraft] = useState(begin)
  const put = (next: Partial<FormulaBody>) => setDraft({ ...draft, ...next })
  const queries = useQueryClient()
  const navigate = useNavigate()
  const save = useMutation({
    mutationFn: () =>
      told(
        saved
          ? api.PUT('/api/formulas/{id}', { params: { path: { id: saved.id } }, body: draft })
          : api.POST('/api/formulas', { body: draft }),
      ),
    onSuccess: async (view) => {
      await queries.invalidateQueries()
      await navigate(`/shelf/formulas/${view.id}`)
    },
  })
  const away = useMutation({
    mutationFn: () =>
      done(api.PUT('/api/formulas/{id}/archived', { params: { path: { id: saved!.id } }, body: { archived: true } })),
    onSuccess: async () => {
      await queries.invalidateQueries()
      await navigate('/shelf/formulas')
    },
  })
  const errors = save.error instanceof Refused ? save.error.fields : {}
  return (
    <section className="mt-2 max-w-5xl">
      <h1 className="text-[1.65rem] font-semibold sm:text-[2.1rem]">
        {saved ? `Change ${saved.formula.name}` : 'Write a formula down'}
      </h1>
      <form
        noValidate
        className="mt-4 grid gap-8"
        onSubmit={(event) => {
          event.preventDefault()
          save.mutate()
        }}
      >
        <div className="grid gap-4 sm:grid-cols-2">
          <TextField
            label="Name"
            value={draft.name}
            maxLength={80}
            error={errors.name?.[0]}
            onChange={(event) => put({ name: event.target.value })}
          />
          <ChoiceField label="Kind" value={draft.kind} choices={kinds} onChoose={(kind) => put({ kind })} />
        </div>
        <Ingredients
          list={draft.ingredients}
          errors={errors}
          strains={(draft.method ?? []).some((step) => step.does?.includes('strains'))}
          formulas={formulas.filter((each) => each.id !== saved?.id && !each.archived)}
          onChange={(ingredients) => put({ ingredients })}
        />
        <Method list={draft.method ?? []} errors={errors} onChange={(method) => put({ method })} />
        <div className="grid gap-4 sm:grid-cols-3">
          <TextField
            label="Left once strained"
            type="number"
            unit="%"
            value={Number.isNaN(draft.yieldShare ?? 1) ? '' : Math.round((draft.yieldShare ?? 1) * 100)}
            error={errors.yieldShare?.[0]}
            onChange={(event) => put({ yieldShare: event.target.valueAsNumber / 100 })}
          />
          <ChoiceField
            label="Stands in"
            value={draft.vessel ?? 'wideBowl'}
            choices={vessels}
            onChoose={(vessel) => put({ vessel })}
          />
          <TextField
            label="Begins to cool at"
            type="number"
            unit="°C"
            placeholder="75"
            value={draft.hotAtCelsius ?? ''}
            error={errors.hotAtCelsius?.[0]}
            onChange={(event) => put({ hotAtCelsius: event.target.value === '' ? null : event.target.valueAsNumber })}
          />
        </div>
        <Keeping keep={draft.keep} error={errors.keep?.[0]} onChange={(keep) => put({ keep })} />
        <ManyField
          label="What it can be put on as"
          values={draft.servesAs ?? []}
          choices={uses}
          onChange={(servesAs) => put({ servesAs })}
        />
        <SwitchField
          label="Put on while it is warm"
          checked={draft.usedWarm ?? false}
          onChange={(usedWarm) => put({ usedWarm })}
        />
        <AreaField
          label="What else is worth knowing"
          value={draft.note ?? ''}
          error={errors.note?.[0]}
          onChange={(event) => put({ note: event.target.value })}
        />
        <Trouble error={save.error ?? away.error} />
        <div className="flex flex-wrap items-center gap-3">
          <Button type="submit" tone="main" disabled={save.isPending}>
            {saved ? 'Keep these changes' : 'Keep this formula'}
          </Button>
          {saved && (
            <Button tone="quiet" onClick={() => away.mutate()}>
              Put it away
            </Button>
          )}
          <Link className="thread-line" to={saved ? `/shelf/formulas/${saved.id}` : '/shelf/formulas'}>
            Leave it
          </Link>
        </div>
      </form>
    </section>
  )
}

const replaced = <T,>(list: readonly T[], at: number, next: T) => list.map((each, n) => (n === at ? next : each))

function Ingredients({
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
      <legend className="text-xl font-semibold">What goes in</legend>
      {errors.ingredients?.[0] && (
        <p role="alert" className="mt-1 text-stop">
          {errors.ingredients[0]}
        </p>
      )}
      {list.map((each, n) => (
        <div
          key={n}
          className="mt-3 grid items-start gap-3 border-b border-rule pb-3 sm:grid-cols-[1fr_8rem_10rem_14rem_3rem]"
        >
          <TextField
            label="Name"
            value={each.name}
            maxLength={120}
            error={at(n, 'name') ?? at(n, 'productId') ?? at(n, 'formulaId')}
            onChange={(event) =>
              onChange(replaced(list, n, { ...each, name: event.target.value, productId: null, formulaId: null }))
            }
          />
          <TextField
            label="Amount"
            type="number"
            step="any"
            value={Number.isNaN(each.amount) ? '' : each.amount}
            error={at(n, 'amount')}
            onChange={(event) => onChange(replaced(list, n, { ...each, amount: event.target.valueAsNumber }))}
          />
          <ChoiceField
            label="Unit"
            value={each.unit}
            choices={units}
            error={at(n, 'unit')}
            onChoose={(unit) => onChange(replaced(list, n, { ...each, unit }))}
          />
          <ChoiceField
            label="Taken from"
            value={each.productId ? `p${each.productId}` : each.formulaId ? `f${each.formulaId}` : ''}
            choices={[
              { value: '', word: 'The kitchen' },
              ...products.map((product) => ({ value: `p${product.id}`, word: product.product.name })),
              ...formulas.map((formula) => ({ value: `f${formula.id}`, word: `A jar of ${formula.formula.name}` })),
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
            label={`Take ${each.name || 'this'} out`}
            className="sm:mt-7"
            disabled={list.length === 1}
            onClick={() => onChange(list.filter((_, m) => m !== n))}
          >
            <Trash2 aria-hidden size={18} />
          </IconButton>
          <div className={strains || each.afterStraining ? 'sm:col-span-5' : 'hidden'}>
            <SwitchField
              label="Goes in after straining"
              checked={each.afterStraining ?? false}
              onChange={(afterStraining) => onChange(replaced(list, n, { ...each, afterStraining }))}
            />
          </div>
        </div>
      ))}
      <Button className="mt-3" onClick={() => onChange([...list, { name: '', amount: 10, unit: 'millilitre' }])}>
        Another ingredient
      </Button>
    </fieldset>
  )
}

function Method({
  list,
  errors,
  onChange,
}: {
  list: readonly MethodStepBody[]
  errors: Record<string, string[]>
  onChange: (list: MethodStepBody[]) => void
}) {
  const at = (n: number, field: string) => errors[`method[${n}].${field}`]?.[0]
  const swap = (n: number, by: -1 | 1) => {
    const next = [...list]
    ;[next[n], next[n + by]] = [next[n + by]!, next[n]!]
    onChange(next)
  }
  return (
    <fieldset>
      <legend className="text-xl font-semibold">How it is made</legend>
      <p className="text-quiet">An ingredient’s name in braces, like {'{water}'}, is replaced by its amount.</p>
      {list.map((step, n) => {
        const set = (next: Partial<MethodStepBody>) => onChange(replaced(list, n, { ...step, ...next }))
        const waits = step.wait ?? { earliest: 10, usual: 15, latest: 30 }
        return (
          <div key={n} className="mt-3 grid gap-3 border-b border-rule pb-4">
            <div className="grid items-start gap-3 sm:grid-cols-[1fr_9rem_auto]">
              <TextField
                label={`Step ${n + 1}`}
                value={step.title}
                maxLength={400}
                error={at(n, 'title')}
                onChange={(event) => set({ title: event.target.value })}
              />
              <TextField
                label="Hands busy"
                type="number"
                step={0.5}
                unit="min"
                value={Number.isNaN(step.handsOnMinutes) ? '' : step.handsOnMinutes}
                error={at(n, 'handsOnMinutes')}
                onChange={(event) => set({ handsOnMinutes: event.target.valueAsNumber })}
              />
              <div className="flex sm:mt-7">
                <IconButton label={`Step ${n + 1} earlier`} disabled={n === 0} onClick={() => swap(n, -1)}>
                  <ArrowUp aria-hidden size={18} />
                </IconButton>
                <IconButton label={`Step ${n + 1} later`} disabled={n === list.length - 1} onClick={() => swap(n, 1)}>
                  <ArrowDown aria-hidden size={18} />
                </IconButton>
                <IconButton label={`Take step ${n + 1} out`} onClick={() => onChange(list.filter((_, m) => m !== n))}>
                  <Trash2 aria-hidden size={18} />
                </IconButton>
              </div>
            </div>
            <div className="flex flex-wrap gap-x-6">
              <SwitchField
                label="Needs the stove"
                checked={step.needs?.includes('stove') ?? false}
                onChange={(on) => set({ needs: on ? ['stove'] : [] })}
              />
              <SwitchField
                label="Then it stands"
                checked={step.waitTitle != null}
                onChange={(on) =>
                  set(on ? { waitTitle: 'Standing', wait: waits } : { waitTitle: null, wait: null, cools: false })
                }
              />
              {step.waitTitle != null && (
                <SwitchField
                  label="until it is skin-warm"
                  checked={step.cools ?? false}
                  onChange={(cools) => set({ cools, wait: cools ? null : waits })}
                />
              )}
            </div>
            {step.waitTitle != null && (
              <div className="grid gap-3 sm:grid-cols-5">
                <TextField
                  label="What it does"
                  value={step.waitTitle}
                  maxLength={120}
                  error={at(n, 'waitTitle')}
                  onChange={(event) => set({ waitTitle: event.target.value })}
                />
                <ChoiceField
                  label="Where"
                  value={step.at ?? 'counter'}
                  choices={waitsAt}
                  onChoose={(where) => set({ at: where })}
                />
                {!step.cools &&
                  (['earliest', 'usual', 'latest'] as const).map((end) => (
                    <TextField
                      key={end}
                      label={{ earliest: 'At least', usual: 'Usually', latest: 'At most' }[end]}
                      type="number"
                      unit="min"
                      value={Number.isNaN(waits[end]) ? '' : waits[end]}
                      error={end === 'earliest' ? at(n, 'wait') : undefined}
                      onChange={(event) => set({ wait: { ...waits, [end]: event.target.valueAsNumber } })}
                    />
                  ))}
              </div>
            )}
            <ManyField
              label="What this does"
              values={step.does ?? []}
              choices={deeds}
              onChange={(does) => set({ does })}
            />
          </div>
        )
      })}
      <Button className="mt-3" onClick={() => onChange([...list, { title: '', handsOnMinutes: 5 }])}>
        Another step
      </Button>
    </fieldset>
  )
}

const places = [
  { place: 'room', word: 'In the room' },
  { place: 'fridge', word: 'In the fridge' },
  { place: 'freezer', word: 'Frozen' },
] as const

function Keeping({
  keep,
  error,
  onChange,
}: {
  keep: FormulaBody['keep']
  error: string | undefined
  onChange: (keep: FormulaBody['keep']) => void
}) {
  return (
    <fieldset>
      <legend className="text-xl font-semibold">How long it keeps</legend>
      <p className="text-quiet">Nothing where it does not keep; 0 days is the same day.</p>
      {error && (
        <p role="alert" className="mt-1 text-stop">
          {error}
        </p>
      )}
      <div className="mt-2 grid gap-4 sm:grid-cols-3">
        {places.map(({ place, word }) => {
          const span = keep[place]
          const set = (days: number, atMost: number) =>
            onChange({
              ...keep,
              [place]: Number.isNaN(days)
                ? null
                : { days, atMost: Number.isNaN(atMost) ? days : Math.max(days, atMost) },
            })
          return (
            <div key={place} className="grid grid-cols-2 gap-2">
              <TextField
                label={word}
                type="number"
                unit="days"
                value={span?.days ?? ''}
                onChange={(event) => set(event.target.valueAsNumber, event.target.valueAsNumber)}
              />
              <TextField
                label="With a look"
                type="number"
                unit="days"
                disabled={!span}
                value={span?.atMost ?? ''}
                onChange={(event) => set(span?.days ?? 0, event.target.valueAsNumber)}
              />
            </div>
          )
        })}
      </div>
    </fieldset>
  )
}
