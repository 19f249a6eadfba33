import { useWrongFields } from '@/kit/wrongFields'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate, useParams, useSearchParams } from 'react-router'
import { api, done, told, type FormulaBody, type FormulaView } from '@/api/client'
import { Button } from '@/kit/Button'
import { AreaField, ChoiceField, ManyField, SwitchField, NumberField, TextField } from '@/kit/Field'
import { TemperatureField } from '@/kit/TypedField'
import { writtenTemperature } from '@/app/style'
import { PageHeading } from '@/kit/PageHeading'
import { Trouble } from '@/kit/Trouble'
import { useFormulas } from './FormulasPage'
import { IngredientRows } from './IngredientRows'
import { KeepFields } from './KeepFields'
import { MethodRows } from './MethodRows'
import { kinds, uses, vessels } from './words'
import { formulaEditor as said } from './words'

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
  if (id && !saved) return <PageHeading className="mt-5">{said.youCannotEditThisFormula}</PageHeading>
  const begin: FormulaBody =
    saved?.formula ??
    (copied ? { ...copied.formula, name: said.nameOurWay({ name: copied.formula.name }), version: null } : blank)
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
  const errors = useWrongFields(save.error)
  return (
    <section className="mt-2 max-w-5xl">
      <PageHeading>{saved ? said.editName({ name: saved.formula.name }) : said.newFormula}</PageHeading>
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
            label={said.name}
            value={draft.name}
            maxLength={80}
            error={errors.name?.[0]}
            onChange={(event) => put({ name: event.target.value })}
          />
          <ChoiceField label={said.kind} value={draft.kind} choices={kinds} onChoose={(kind) => put({ kind })} />
        </div>
        <IngredientRows
          list={draft.ingredients}
          errors={errors}
          strains={(draft.method ?? []).some((step) => step.does?.includes('strains'))}
          formulas={formulas.filter((each) => each.id !== saved?.id && !each.archived)}
          onChange={(ingredients) => put({ ingredients })}
        />
        <MethodRows list={draft.method ?? []} errors={errors} onChange={(method) => put({ method })} />
        <div className="grid gap-4 sm:grid-cols-3">
          <NumberField
            label={said.shareLeftAfterStraining}
            unit="%"
            value={Math.round((draft.yieldShare ?? 1) * 100)}
            error={errors.yieldShare?.[0]}
            onChange={(share) => put({ yieldShare: (share ?? NaN) / 100 })}
          />
          <ChoiceField
            label={said.vessel}
            value={draft.vessel ?? 'wideBowl'}
            choices={vessels}
            onChoose={(vessel) => put({ vessel })}
          />
          <TemperatureField
            label={said.temperatureWhenMade}
            placeholder={writtenTemperature(75)}
            value={draft.hotAtCelsius ?? null}
            error={errors.hotAtCelsius?.[0]}
            onChange={(hotAtCelsius) => put({ hotAtCelsius })}
          />
        </div>
        <KeepFields keep={draft.keep} error={errors.keep?.[0]} onChange={(keep) => put({ keep })} />
        <ManyField
          label={said.useItAs}
          values={draft.servesAs ?? []}
          choices={uses}
          onChange={(servesAs) => put({ servesAs })}
        />
        <SwitchField
          label={said.applyItWarm}
          checked={draft.usedWarm ?? false}
          onChange={(usedWarm) => put({ usedWarm })}
        />
        <AreaField
          label={said.notes}
          value={draft.note ?? ''}
          error={errors.note?.[0]}
          onChange={(event) => put({ note: event.target.value })}
        />
        <Trouble error={save.error ?? away.error} />
        <div className="flex flex-wrap items-center gap-3">
          <Button type="submit" tone="main" disabled={save.isPending}>
            {saved ? said.saveChanges : said.saveFormula}
          </Button>
          {saved && (
            <Button tone="quiet" onClick={() => away.mutate()}>
              {said.archive}
            </Button>
          )}
          <Link className="thread-line" to={saved ? `/shelf/formulas/${saved.id}` : '/shelf/formulas'}>
            {said.cancel}
          </Link>
        </div>
      </form>
    </section>
  )
}
