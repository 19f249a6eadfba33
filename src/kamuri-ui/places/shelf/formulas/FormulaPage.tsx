import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { api, done, Refused, told, type FormulaView, type ScaleBody, type ScaledView } from '@/api/client'
import { Amount, MeasureWord, Words } from '@/kit/Amount'
import { Button } from '@/kit/Button'
import { ChoiceField, NumberField } from '@/kit/Field'
import { AmountField } from '@/kit/TypedField'
import { writtenAmount, writtenMoney } from '@/app/style'
import { FoldLine } from '@/kit/FoldLine'
import { PageHeading } from '@/kit/PageHeading'
import { Trouble } from '@/kit/Trouble'
import { ChoiceWord, FieldsWord } from '@/kit/Word'
import { lastHead } from '@/places/today/plan/wish'
import { useFormulas } from './FormulasPage'
import { units, asNoun } from './words'
import { formulaPage as said } from './words'
import { listed, Rich } from '@/kit/texts'

const asWritten = 'written'

/** Shelf, one formula: how much of everything, for this head and this use, and how it is made. */
export function FormulaPage() {
  const { id = '' } = useParams()
  const formulas = useFormulas()
  const view = formulas.data?.find((each) => each.id === id)
  if (formulas.error) return <Trouble error={formulas.error} />
  if (!formulas.data) return null
  if (!view) return <PageHeading className="mt-5">{said.thisFormulaNoLongerExists}</PageHeading>
  return <Making key={id} view={view} />
}

function Making({ view }: { view: FormulaView }) {
  const heads = useQuery({ queryKey: ['heads'], queryFn: () => told(api.GET('/api/heads')) })
  const living = heads.data?.filter((head) => !head.archived) ?? []
  const [chosen, setChosen] = useState<string | null>(null)
  const [use, setUse] = useState(view.formula.servesAs?.[0] ?? null)
  const [way, setWay] = useState<ScaleBody | null>(null)
  const headId =
    chosen === asWritten ? null : (chosen ?? living.find((head) => head.id === lastHead())?.id ?? living[0]?.id ?? null)
  const body: ScaleBody = way ? { ...way, headId } : { headId, as: headId ? use : null }
  const scaled = useQuery({
    queryKey: ['scaled', view.id, view.formula.version, body],
    queryFn: () => told(api.POST('/api/formulas/{id}/scale', { params: { path: { id: view.id } }, body })),
    placeholderData: keepPreviousData,
    retry: false,
    enabled: heads.isSuccess,
  })
  const shown = scaled.data
  const isAs = headId != null && !way && (view.formula.servesAs?.length ?? 0) > 0
  return (
    <section className="mt-2">
      <p className="text-quiet">
        <Link className="thread-line" to="/shelf/formulas">
          {said.allFormulas}
        </Link>
      </p>
      <PageHeading className="mt-2 max-w-5xl leading-snug" title={view.formula.name}>
        <Rich
          of={isAs ? said.makeItAs : said.makeIt}
          parts={{
            name: view.formula.name,
            head: (
              <ChoiceWord
                label={said.forWhom}
                value={headId ?? asWritten}
                choices={[
                  ...living.map((head) => ({ value: head.id, word: said.forName({ name: head.head.name }) })),
                  { value: asWritten, word: said.asWritten },
                ]}
                onChoose={(next) => {
                  setChosen(next)
                  setWay(null)
                }}
              />
            ),
            use: isAs && (
              <ChoiceWord
                label={said.asWhat}
                value={use ?? 'prePoo'}
                choices={(view.formula.servesAs ?? []).map((each) => ({
                  value: each,
                  word: asNoun(each),
                }))}
                onChoose={setUse}
              />
            ),
          }}
        />
      </PageHeading>
      <p className="mt-3 text-xl">
        <Rich
          of={said.takeHowMuch}
          parts={{ amount: <HowMuch view={view} way={way} onWay={setWay} />, unit: <MeasureWord /> }}
        />
      </p>
      {shown?.for && (
        <p className="mt-2 max-w-4xl text-lg text-quiet">
          <Words of={shown.for} />
        </p>
      )}
      <Trouble error={scaled.error ?? heads.error} />
      {shown?.warnings.map((warning) => (
        <p key={warning} role="alert" className="mt-3 border-l-4 border-stop pl-3 font-semibold text-stop">
          {warning}
        </p>
      ))}
      {shown && <Scaled shown={shown} view={view} body={body} />}
    </section>
  )
}

/** How much: by the head, so much of it, or by what there is of something. */
function HowMuch({
  view,
  way,
  onWay,
}: {
  view: FormulaView
  way: ScaleBody | null
  onWay: (way: ScaleBody | null) => void
}) {
  const [ingredient, setIngredient] = useState('0')
  const [amount, setAmount] = useState<number | null>(null)
  const [unit, setUnit] = useState<(typeof units)[number]['value']>('gram')
  const [make, setMake] = useState<number | null>(null)
  const word = way?.makeMl
    ? writtenAmount(way.makeMl)
    : way?.have
      ? said.asMuchAsAllows({
          amount: way.have.amount,
          word: units.find((each) => each.value === way.have!.unit)?.word ?? '',
          name: view.formula.ingredients[way.have.ingredient]?.name ?? '',
        })
      : said.asMuchAsNeeded
  return (
    <FieldsWord label={said.howMuch} word={word}>
      <div className="grid gap-4">
        <form
          className="flex items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault()
            if (make !== null && make > 0) onWay({ makeMl: make })
          }}
        >
          <AmountField label={said.thisMuch} value={make} onChange={setMake} />
          <Button type="submit">{said.take}</Button>
        </form>
        <form
          className="grid gap-2 border-t border-rule pt-3"
          onSubmit={(event) => {
            event.preventDefault()
            if (Number(amount) > 0) onWay({ have: { ingredient: Number(ingredient), amount: Number(amount), unit } })
          }}
        >
          <ChoiceField
            label={said.iHaveOnly}
            value={ingredient}
            choices={view.formula.ingredients.map((each, n) => ({ value: String(n), word: each.name }))}
            onChoose={setIngredient}
          />
          <div className="grid grid-cols-2 gap-2">
            <NumberField label={said.howMuch} value={amount} onChange={setAmount} />
            <ChoiceField label={said.unit} value={unit} choices={units} onChoose={setUnit} />
          </div>
          <Button type="submit">{said.whatIHave}</Button>
        </form>
        {way && (
          <Button tone="quiet" onClick={() => onWay(null)}>
            {said.asMuchAsNeeded2}
          </Button>
        )}
      </div>
    </FieldsWord>
  )
}

function Scaled({ shown, view, body }: { shown: ScaledView; view: FormulaView; body: ScaleBody }) {
  const queries = useQueryClient()
  const make = useMutation({
    mutationFn: () => told(api.POST('/api/batches', { body: { formulaId: view.id, scale: body } })),
    onSuccess: () => queries.invalidateQueries(),
  })
  const unmake = useMutation({
    mutationFn: (id: string) => done(api.DELETE('/api/batches/{id}', { params: { path: { id } } })),
    onSuccess: () => {
      make.reset()
      void queries.invalidateQueries()
    },
  })
  return (
    <>
      <div className="mt-6 grid gap-x-12 gap-y-8 lg:grid-cols-[26rem_1fr]">
        <div>
          <h2 className="text-xl font-semibold">{said.ingredients}</h2>
          <dl className="mt-1 border-t border-rule">
            {shown.lines.map((line) => (
              <div key={line.name} className="grid grid-cols-[1fr_auto] gap-x-6 border-b border-rule py-2">
                <dt>
                  {line.name}
                  {line.instead && (
                    <details className="text-sm text-quiet">
                      <summary className="cursor-pointer py-1">{said.instead}</summary>
                      {line.instead}
                    </details>
                  )}
                </dt>
                <dd className="text-right font-display text-lg font-semibold">
                  <Amount of={line.amount} />
                  <span className="block text-sm font-normal text-quiet">{line.amount.exact}</span>
                </dd>
              </div>
            ))}
            <div className="grid grid-cols-[1fr_auto] gap-x-6 py-2">
              <dt className="font-semibold">{said.makes}</dt>
              <dd className="text-right font-display text-lg font-semibold">
                <Amount of={shown.makes} />
              </dd>
            </div>
          </dl>
          {shown.taken.map((sentence) => (
            <p key={sentence.metric}>
              <Words of={sentence} />
            </p>
          ))}
          {shown.remarks.map((remark) => (
            <p key={remark} className="mt-1 text-quiet">
              {remark}
            </p>
          ))}
          <p className="mt-3">
            {shown.cost != null
              ? shown.unpriced.length > 0
                ? said.costsWithout({ cost: writtenMoney(shown.cost), unpriced: listed(shown.unpriced) })
                : said.costs({ cost: writtenMoney(shown.cost) })
              : said.noPricesEnteredForIts}{' '}
            {shown.bought &&
              (shown.bought.bought < shown.bought.made ? said.cheaperBought : said.dearerBought)({
                amount: shown.bought.amount,
                made: writtenMoney(shown.bought.made),
                cheapest: shown.bought.cheapest,
                bought: writtenMoney(shown.bought.bought),
              })}
          </p>
        </div>
        <div>
          <h2 className="text-xl font-semibold">{said.method}</h2>
          <p className="text-quiet">
            {view.lead}. {view.keeps}
          </p>
          <ol className="mt-1 border-t border-rule">
            {shown.method.map((line, n) => (
              <li key={n} className="grid grid-cols-[2rem_1fr] border-b border-rule py-2">
                <span className="font-display font-semibold text-quiet">{n + 1}</span>
                <span>
                  <Words of={line} />
                </span>
              </li>
            ))}
          </ol>
          {view.formula.note && <p className="mt-3">{view.formula.note}</p>}
          {view.cautions.length > 0 && (
            <ul className="mt-3" aria-label={said.cautions}>
              {view.cautions.map((caution) => (
                <li key={caution} className="mt-1 border-l-4 border-warn pl-3">
                  {caution}
                </li>
              ))}
            </ul>
          )}
        </div>
      </div>
      <div className="mt-6 flex flex-wrap items-center gap-3">
        {make.data ? (
          <p role="status" className="border-l-4 border-done pl-3">
            {said.jarSaved({ name: make.data.name, place: make.data.keptWords })} {make.data.sentence}{' '}
            <Link className="thread-line" to={`/jar-label/${make.data.id}`}>
              {said.printTheLabel}
            </Link>{' '}
            <Button tone="quiet" onClick={() => unmake.mutate(make.data.id)}>
              {said.undo}
            </Button>
          </p>
        ) : (
          <Button tone="main" disabled={make.isPending} onClick={() => make.mutate()}>
            {said.iMadeItSaveThe}
          </Button>
        )}
        <Link
          to={`/shelf/formulas/new?copy=${view.id}`}
          className="inline-flex min-h-12 items-center px-4 font-semibold text-accent underline decoration-2 underline-offset-4"
        >
          {said.copyAndEdit}
        </Link>
        {!view.shipped && (
          <Link
            to={`/shelf/formulas/${view.id}/change`}
            className="inline-flex min-h-12 items-center px-4 font-semibold text-accent underline decoration-2 underline-offset-4"
          >
            {said.edit}
          </Link>
        )}
        <a className="thread-line" href={`/api/formulas/${view.id}/recipe.json`} download>
          {said.exportAsRecipeJsonLd}
        </a>
        <a className="thread-line" href={`/api/formulas/${view.id}/formula.md`} download>
          {said.exportAsMarkdown}
        </a>
      </div>
      <Trouble error={make.error ?? unmake.error} />
      <PutRight view={view} makes={shown.makesMl} />
    </>
  )
}

const troubles = [
  { value: 'tooThick', word: said.tooThick },
  { value: 'tooRunny', word: said.tooRunny },
  { value: 'tooLittle', word: said.tooLittle },
] as const

/** It did not come out right: what to add, how much of it first. */
function PutRight({ view, makes }: { view: FormulaView; makes: number }) {
  const [there, setThere] = useState<number | null>(null)
  const right = useMutation({
    mutationFn: (trouble: (typeof troubles)[number]['value']) =>
      told(
        api.POST('/api/formulas/{id}/correct', {
          params: { path: { id: view.id } },
          body: { trouble, thereMl: there ?? makes, wantedMl: makes },
        }),
      ),
  })
  const error = right.error instanceof Refused ? right.error.fields.thereMl?.[0] : undefined
  return (
    <details className="mt-4 max-w-3xl">
      <FoldLine>{said.itDidNotComeOut}</FoldLine>
      <div className="grid gap-3 sm:grid-cols-[12rem_1fr]">
        <AmountField
          label={said.thereIs}
          placeholder={writtenAmount(makes)}
          value={there}
          error={error}
          onChange={setThere}
        />
        <div className="flex flex-wrap items-end gap-2">
          {troubles.map((each) => (
            <Button key={each.value} onClick={() => right.mutate(each.value)}>
              {each.word}
            </Button>
          ))}
        </div>
      </div>
      {right.data && (
        <p role="status" className="mt-3 border-l-4 border-done pl-3">
          {right.data.sentence}
        </p>
      )}
      {!error && <Trouble error={right.error} />}
    </details>
  )
}
