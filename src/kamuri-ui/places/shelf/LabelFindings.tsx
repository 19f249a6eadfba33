import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useDeferredValue, useState } from 'react'
import { api, told, type LabelView } from '@/api/client'
import { Button } from '@/kit/Button'
import { ChoiceField } from '@/kit/Field'
import { Trouble } from '@/kit/Trouble'
import { labelFindings as words } from './words'

type Name = LabelView['names'][number]

/** What an ingredient list comes to: the names marked in the text itself, what it does, and what goes against it. */
export function LabelFindings({ text, headId }: { text: string; headId: string | null }) {
  const settled = useDeferredValue(text)
  const reading = useQuery({
    queryKey: ['label', settled, headId],
    queryFn: () => told(api.POST('/api/labels/read', { body: { text: settled, headId } })),
    placeholderData: keepPreviousData,
    retry: false,
  })
  const [chosen, setChosen] = useState<number | null>(null)
  if (reading.error) return <Trouble error={reading.error} />
  if (!reading.data) return null
  const view = reading.data
  const name = view.names[chosen ?? -1]
  return (
    <div data-label-findings>
      <p className="text-xl font-semibold">{view.mostlyDoes}</p>
      <p className="mt-2 leading-8" aria-label={words.theLabelIngredientByIngredient}>
        <Marked text={settled} names={view.names} chosen={chosen} onChoose={setChosen} />
      </p>
      {name && <Chosen key={name.text} name={name} />}
      <ul className="mt-3">
        {view.conflicts.map((conflict) => (
          <li key={conflict.sentence} className="mt-1 border-l-4 border-stop pl-3">
            {conflict.sentence}
          </li>
        ))}
      </ul>
      <dl className="mt-3 grid grid-cols-[8.5rem_1fr] gap-x-3 gap-y-1">
        <Fact term={words.weight}>
          {words.ofFive({ weight: view.weight })} <span className="text-quiet">{view.weightWhy}</span>
        </Fact>
        <Fact term={words.protein}>
          {view.protein === 'none' ? words.noneThatCounts : view.protein === 'light' ? words.light : words.strong}{' '}
          <span className="text-quiet">{view.proteinWhy}</span>
        </Fact>
        <Fact term={words.onTheScalp}>
          {view.scalpSafe ? words.yes : words.no} <span className="text-quiet">{view.scalpWhy}</span>
        </Fact>
        <Fact term={words.buildsUp}>
          {view.buildsUp ? words.yes : words.no} <span className="text-quiet">{view.buildsUpWhy}</span>
        </Fact>
        {view.unread.length > 0 && (
          <Fact term={words.notRead}>
            {view.unread.join(', ')}. <span className="text-quiet">{words.selectOneInTheText}</span>
          </Fact>
        )}
      </dl>
    </div>
  )
}

const Fact = ({ term, children }: { term: string; children: React.ReactNode }) => (
  <>
    <dt className="font-semibold">{term}</dt>
    <dd>{children}</dd>
  </>
)

/** The text with every name underlined: solid when known, dotted when guessed, broken when not read. */
function Marked({
  text,
  names,
  chosen,
  onChoose,
}: {
  text: string
  names: readonly Name[]
  chosen: number | null
  onChoose: (n: number | null) => void
}) {
  const parts: React.ReactNode[] = []
  let at = 0
  names.forEach((name, n) => {
    if (name.start < at || name.start + name.length > text.length) return
    parts.push(text.slice(at, name.start))
    parts.push(
      <button
        key={n}
        type="button"
        aria-pressed={chosen === n}
        onClick={() => onChoose(chosen === n ? null : n)}
        className={`inline border-b-2 ${line[name.how]} ${chosen === n ? 'bg-paper font-semibold' : ''}`}
      >
        {text.slice(name.start, name.start + name.length)}
        <span className="sr-only">, {name.what ?? words.notRead2}</span>
      </button>,
    )
    at = name.start + name.length
  })
  parts.push(text.slice(at))
  return parts
}

const line: Record<Name['how'], string> = {
  known: 'border-done',
  misspelt: 'border-dotted border-warn',
  byItsForm: 'border-dotted border-strand',
  unread: 'border-dashed border-stop',
}

const how = (name: Name) =>
  name.how === 'known'
    ? `${name.what}: ${name.name}.`
    : name.how === 'misspelt'
      ? words.readAsMeantWhat({ meant: name.meant ?? '', what: name.what ?? '' })
      : name.how === 'byItsForm'
        ? words.notInTheDictionaryBy({ what: name.what ?? '' })
        : words.notRead3

/** The name that was pressed, and teaching it. */
function Chosen({ name }: { name: Name }) {
  const queries = useQueryClient()
  const [kind, setKind] = useState<NonNullable<Name['class']> | ''>(name.class ?? '')
  const classes = useQuery({
    queryKey: ['classes'],
    queryFn: () => told(api.GET('/api/labels/classes')),
    staleTime: Infinity,
  })
  const teach = useMutation({
    mutationFn: () =>
      api.PUT('/api/labels/names', { body: { name: name.text, class: kind as NonNullable<Name['class']> } }),
    onSuccess: () => queries.invalidateQueries(),
  })
  return (
    <div className="mt-2 rounded-lg border-2 border-strand p-3" data-chosen-name>
      <p>
        <span className="font-semibold">{name.text}.</span> <span className="first-letter:uppercase">{how(name)}</span>
      </p>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <div className="w-64">
          <ChoiceField
            label={words.whatIsIt}
            value={kind}
            choices={[
              { value: '' as const, word: words.choose },
              ...(classes.data ?? []).map((each) => ({ value: each.value, word: each.word })),
            ]}
            onChoose={setKind}
          />
        </div>
        <Button disabled={!kind || kind === name.class || teach.isPending} onClick={() => teach.mutate()}>
          {words.teach}
        </Button>
      </div>
    </div>
  )
}
