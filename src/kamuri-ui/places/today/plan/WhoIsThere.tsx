import { AddRow } from '@/kit/AddRow'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import {
  api,
  Refused,
  told,
  type HandsBody,
  type HeadView,
  type StretchBody,
  type TakenBody,
  type Work,
} from '@/api/client'
import { Button } from '@/kit/Button'
import { ChoiceField, ManyField, NumberField, TextField } from '@/kit/Field'
import { Sheet } from '@/kit/Sheet'
import { bodyOf, handsOf, withSecond, worksOn, type Day } from './wish'
import { whoIsThere as words } from './words'
import { TimeField } from '@/kit/TypedField'

const works: { value: Work; word: string }[] = [
  { value: 'kitchen', word: words.kitchen },
  { value: 'water', word: words.washing },
  { value: 'treating', word: words.puttingOn },
  { value: 'detangling', word: words.detangling },
  { value: 'styling', word: words.styling },
]

const things: { value: TakenBody['resource']; word: string }[] = [
  { value: 'shower', word: words.shower },
  { value: 'stove', word: words.stove },
  { value: 'hood', word: words.hood },
  { value: 'steamer', word: words.steamer },
]

type Arranged = Pick<Day, 'heads' | 'hands' | 'taken'>

/** Who is there and when, whose hands may do what, and what others have taken. */
export function WhoIsThere({
  day,
  heads,
  ofHouse,
  open,
  onClose,
  onArrange,
}: {
  day: Day
  heads: readonly HeadView[]
  /** The hands of the house by name. */
  ofHouse: readonly string[]
  open: boolean
  onClose: () => void
  onArrange: (next: Arranged) => void
}) {
  return (
    <Sheet title={words.whoIsHomeAndWho} open={open} onClose={onClose}>
      <Fields key={String(open)} day={day} heads={heads} ofHouse={ofHouse} onArrange={onArrange} />
    </Sheet>
  )
}

function Fields({
  day,
  heads,
  ofHouse,
  onArrange,
}: {
  day: Day
  heads: readonly HeadView[]
  ofHouse: readonly string[]
  onArrange: (next: Arranged) => void
}) {
  const [draft, setDraft] = useState<Arranged>(day)
  // The server says what does not fit, at its field, before the sheet closes.
  const check = useMutation({
    mutationFn: (next: Arranged) =>
      told(api.POST('/api/household-plans/preview', { body: bodyOf({ ...day, ...next }) })),
    onSuccess: (_, next) => onArrange(next),
  })
  const refused = check.error instanceof Refused ? check.error : null
  const errors = refused?.fields ?? {}
  const setHead = (at: number, next: Partial<Day['heads'][number]>) =>
    setDraft({ ...draft, heads: draft.heads.map((each, n) => (n === at ? { ...each, ...next } : each)) })
  const setHands = (at: number, next: Partial<HandsBody>) =>
    setDraft({ ...draft, hands: draft.hands.map((each, n) => (n === at ? { ...each, ...next } : each)) })
  const setTaken = (at: number, next: Partial<TakenBody>) =>
    setDraft({ ...draft, taken: draft.taken.map((each, n) => (n === at ? { ...each, ...next } : each)) })
  const hands = handsOf(draft, ofHouse)
  const names = draft.heads.map((each) => ({
    value: each.wish.headId,
    word: heads.find((head) => head.id === each.wish.headId)?.head.name ?? '',
  }))
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        check.mutate({
          ...draft,
          // Half a stretch is none.
          heads: draft.heads.map((each) => ({ ...each, present: each.present.filter(isWhole) })),
          hands: draft.hands.map((each) => ({ ...each, away: (each.away ?? []).filter(isWhole) })),
          taken: draft.taken.filter(isWhole),
        })
      }}
    >
      {draft.heads.map((each, at) => {
        const name = names[at]!.word
        return (
          <fieldset key={each.wish.headId} className="mt-5 border-t border-rule pt-3">
            <legend className="pr-3 text-lg font-semibold">{name}</legend>
            <Stretches
              label={words.atHome}
              hint={words.leaveItEmptyIfName({ name })}
              list={each.present}
              error={errors[`heads[${at}].present`]?.[0]}
              onChange={(present) => setHead(at, { present })}
            />
            <div className="mt-3 grid grid-cols-2 gap-4">
              <TimeField
                label={words.doneAndDryBy}
                value={each.readyBy ?? ''}
                error={errors[`heads[${at}].readyBy`]?.[0]}
                onChange={(readyBy) => setHead(at, { readyBy: readyBy || null })}
              />
              <NumberField
                label={words.aBreakAfter}
                unit="min"
                min={10}
                max={240}
                placeholder={words.none}
                whole
                value={each.pauseAfter}
                error={errors[`heads[${at}].pauseAfter`]?.[0]}
                onChange={(pauseAfter) => setHead(at, { pauseAfter })}
              />
            </div>
          </fieldset>
        )
      })}
      {hands.map((each, at) => (
        <fieldset key={at} className="mt-5 border-t border-rule pt-3">
          <legend className="pr-3 text-lg font-semibold">{at === 0 ? words.hands : words.aSecondPairOfHands}</legend>
          {draft.hands.length > 0 && (
            <>
              <TextField
                label={words.name}
                value={each.name}
                maxLength={40}
                error={errors[`hands[${at}].name`]?.[0] ?? (at === 0 ? errors.hands?.[0] : undefined)}
                onChange={(event) => setHands(at, { name: event.target.value })}
              />
              <div className="mt-3">
                <ManyField
                  label={words.canDo}
                  values={each.mayDo ?? works.map((work) => work.value)}
                  choices={works}
                  onChange={(mayDo) => setHands(at, { mayDo: mayDo.length === works.length ? null : mayDo })}
                />
              </div>
              {names.length > 1 && (
                <div className="mt-3">
                  <ManyField
                    label={words.worksOn}
                    values={worksOn(each, draft) ?? names.map((name) => name.value)}
                    choices={names}
                    onChange={(headIds) => setHands(at, { headIds })}
                  />
                </div>
              )}
              <div className="mt-3">
                <Stretches
                  label={words.away}
                  list={each.away ?? []}
                  error={errors[`hands[${at}].away`]?.[0]}
                  onChange={(away) => setHands(at, { away })}
                />
              </div>
            </>
          )}
          <div className="mt-2 flex flex-wrap gap-2">
            {draft.hands.length === 0 && at === 0 && (
              <Button onClick={() => setDraft({ ...draft, hands })}>{words.moreAboutThem}</Button>
            )}
            {hands.length < 2 && (
              <Button onClick={() => setDraft({ ...draft, hands: withSecond(hands[0]!) })}>
                {words.aSecondPairOfHands}
              </Button>
            )}
            {(draft.hands.length > 0 || hands.length > 1) && (
              <Button tone="quiet" onClick={() => setDraft({ ...draft, hands: hands.filter((_, n) => n !== at) })}>
                {hands.length > 1
                  ? words.removeHands({ name: each.name || words.theseHands })
                  : ofHouse.length > 1
                    ? words.bothPairsOfTheHouse
                    : words.onePairThatDoesIt}
              </Button>
            )}
          </div>
        </fieldset>
      ))}
      <fieldset className="mt-5 border-t border-rule pt-3">
        <legend className="pr-3 text-lg font-semibold">{words.usedByOthers}</legend>
        {draft.taken.length > 0 && <p className="text-sm text-quiet">{words.ifTheHouseholdHasSeveral}</p>}
        {draft.taken.map((each, at) => (
          <div key={at} className="mt-3 grid grid-cols-2 items-end gap-2 sm:grid-cols-[1.2fr_1fr_1fr_auto]">
            <div className="max-sm:col-span-2">
              <ChoiceField
                label={words.what}
                value={each.resource}
                choices={things}
                onChoose={(resource) => setTaken(at, { resource })}
              />
            </div>
            <TimeField label={words.from} value={each.from} onChange={(from) => setTaken(at, { from })} />
            <TimeField
              label={words.to}
              value={each.to}
              error={errors[`taken[${at}].to`]?.[0]}
              onChange={(to) => setTaken(at, { to })}
            />
            <Button
              tone="quiet"
              aria-label={words.remove}
              className="max-sm:col-span-2 max-sm:-ml-4 max-sm:justify-self-start"
              onClick={() => setDraft({ ...draft, taken: draft.taken.filter((_, n) => n !== at) })}
            >
              <span className="sm:hidden">{words.remove}</span>
              <span className="max-sm:hidden">×</span>
            </Button>
          </div>
        ))}
        <AddRow
          tone="plain"
          className="mt-2"
          onAdd={() =>
            setDraft({ ...draft, taken: [...draft.taken, { resource: 'shower', from: '17:00:00', to: '17:30:00' }] })
          }
        >
          {words.addSomethingInUse}
        </AddRow>
      </fieldset>
      {refused && Object.keys(errors).length === 0 && (
        <p role="alert" className="mt-4 border-l-4 border-stop pl-3 text-stop">
          {refused.message}
        </p>
      )}
      {Object.keys(errors).length > 0 && (
        <p role="alert" className="mt-4 border-l-4 border-stop pl-3 text-stop">
          {Object.values(errors)[0]?.[0]}
        </p>
      )}
      <Button type="submit" tone="main" className="mt-5" disabled={check.isPending}>
        {check.isPending ? words.planning : words.planWithThis}
      </Button>
    </form>
  )
}

const isWhole = (stretch: { from: string; to: string }) => stretch.from !== '' && stretch.to !== ''

/** Times of a day, each from and to. */
function Stretches({
  label,
  hint,
  list,
  error,
  onChange,
}: {
  label: string
  hint?: string
  list: readonly StretchBody[]
  error?: string | undefined
  onChange: (list: StretchBody[]) => void
}) {
  const rows = list.length > 0 ? list : [{ from: '', to: '' }]
  const set = (at: number, next: Partial<StretchBody>) => {
    const changed = rows.map((each, n) => (n === at ? { ...each, ...next } : each))
    onChange(changed.filter((each) => each.from !== '' || each.to !== ''))
  }
  return (
    <div>
      {rows.map((each, at) => (
        <div key={at} className="mt-1 grid grid-cols-2 gap-4">
          <TimeField label={words.labelFrom({ label })} value={each.from} onChange={(from) => set(at, { from })} />
          <TimeField label={words.to2} value={each.to} onChange={(to) => set(at, { to })} />
        </div>
      ))}
      {error ? (
        <p role="alert" className="mt-1 text-stop">
          {error}
        </p>
      ) : (
        hint && <p className="mt-1 text-sm text-quiet">{hint}</p>
      )}
      {list.length > 0 && list.every(isWhole) && list.length < 4 && (
        <AddRow onAdd={() => onChange([...list, { from: '', to: '' }])}>{words.addATime}</AddRow>
      )}
    </div>
  )
}
