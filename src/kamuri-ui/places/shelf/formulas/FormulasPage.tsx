import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { api, Refused, told, type FormulaView } from '@/api/client'
import { Button } from '@/kit/Button'
import { AreaField, FileField } from '@/kit/Field'
import { Sheet } from '@/kit/Sheet'
import { PageHeading } from '@/kit/PageHeading'
import { Trouble } from '@/kit/Trouble'
import { kinds } from './words'
import { formulasPage as said } from './words'

export const useFormulas = () => useQuery({ queryKey: ['formulas'], queryFn: () => told(api.GET('/api/formulas')) })

/** Shelf, formulas: what can be made, how long it takes, and how long it keeps. */
export function FormulasPage() {
  const formulas = useFormulas()
  const [bringing, setBringing] = useState(false)
  const living = formulas.data?.filter((each) => !each.archived) ?? []
  const own = living.filter((each) => !each.shipped)
  return (
    <section className="mt-2">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <PageHeading>{said.formulas}</PageHeading>
        <div className="flex flex-wrap gap-3">
          <Button onClick={() => setBringing(true)}>{said.import}</Button>
          <Link
            to="/shelf/formulas/new"
            className="inline-flex min-h-12 items-center rounded-lg bg-accent px-4 font-semibold text-on-accent"
          >
            {said.newFormula}
          </Link>
        </div>
      </div>
      <Trouble error={formulas.error} />
      {own.length > 0 && <Group word={said.yourOwn} list={own} />}
      {kinds
        .map((kind) => ({ ...kind, list: living.filter((each) => each.shipped && each.formula.kind === kind.value) }))
        .filter((group) => group.list.length > 0)
        .map((group) => (
          <Group key={group.value} word={group.word} list={group.list} />
        ))}
      {bringing && <BringIn onClose={() => setBringing(false)} />}
    </section>
  )
}

function Group({ word, list }: { word: string; list: readonly FormulaView[] }) {
  return (
    <section className="mt-6 grid gap-x-8 border-t border-rule pt-2 md:grid-cols-[13rem_1fr]">
      <h2 className="pt-2 text-xl font-semibold">{word}</h2>
      <ul>
        {list.map((each) => (
          <li key={each.id} className="border-b border-rule last:border-b-0">
            <Link
              to={`/shelf/formulas/${each.id}`}
              className="grid min-h-12 gap-x-6 py-3 hover:bg-raised sm:grid-cols-[15rem_1fr]"
            >
              <span className="font-semibold">{each.formula.name}</span>
              <span className="text-quiet">
                {each.lines.join(', ')}. {each.lead}. {each.keeps}{' '}
                {each.holds.length > 0 && said.containsHolds({ holds: each.holds.join(', ') })}{' '}
                {each.essentialOilPercent > 0 &&
                  said.essentialOilPercentEssentialOil({ essentialOilPercent: each.essentialOilPercent })}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  )
}

/** A formula from elsewhere: recipe JSON-LD or Markdown, pasted or from a file. */
function BringIn({ onClose }: { onClose: () => void }) {
  const [text, setText] = useState('')
  const queries = useQueryClient()
  const navigate = useNavigate()
  const bring = useMutation({
    mutationFn: () => told(api.POST('/api/formulas/import', { body: { text } })),
    onSuccess: (made) => {
      void queries.invalidateQueries({ queryKey: ['formulas'] })
      void navigate(`/shelf/formulas/${made.id}`)
    },
  })
  const places = bring.error instanceof Refused ? Object.entries(bring.error.fields) : []
  return (
    <Sheet title={said.importAFormula} open onClose={onClose} description={said.aSchemaOrgRecipeIn}>
      <form
        className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-4"
        onSubmit={(event) => {
          event.preventDefault()
          bring.mutate()
        }}
      >
        <AreaField
          label={said.formulaText}
          rows={10}
          value={text}
          hint={said.markdownNeedsAHeadingA}
          onChange={(event) => setText(event.target.value)}
        />
        <FileField
          label={said.orChooseAFile}
          accept=".json,.jsonld,.md,.markdown,text/markdown,application/ld+json"
          onChoose={(file) => void file?.text().then(setText)}
        />
        {places.length > 0 ? (
          <ul role="alert" className="border-l-4 border-stop pl-3 text-stop">
            {places.map(([where, messages]) => (
              <li key={where}>
                <span className="font-semibold">{where}:</span> {messages.join(' ')}
              </li>
            ))}
          </ul>
        ) : (
          <Trouble error={bring.error} />
        )}
        <div>
          <Button type="submit" tone="main" disabled={!text.trim() || bring.isPending}>
            {said.importThisFormula}
          </Button>
        </div>
      </form>
    </Sheet>
  )
}
