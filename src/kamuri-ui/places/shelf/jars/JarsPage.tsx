import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useSearchParams } from 'react-router'
import { api, told, type BatchChangeBody, type BatchView } from '@/api/client'
import { useMeasure, written } from '@/app/measures'
import { day } from '@/app/time'
import { Jar } from '@/drawings/jar/Jar'
import { Amount, AmountsIn } from '@/kit/Amount'
import { Button } from '@/kit/Button'
import { ChoiceField, NumberField, TextField } from '@/kit/Field'
import { AmountField } from '@/kit/TypedField'
import { Sheet } from '@/kit/Sheet'
import { shelfPlace } from '../words'
import { PageHeading } from '@/kit/PageHeading'
import { Trouble } from '@/kit/Trouble'
import { jarsPage as words } from './words'
import { Rich } from '@/kit/texts'

/** Shelf, what was made: every jar, whether it is still good, and what can be done with it. */
export function JarsPage() {
  const jars = useQuery({ queryKey: ['batches'], queryFn: () => told(api.GET('/api/batches')) })
  const [search, setSearch] = useSearchParams()
  const open = jars.data?.find((each) => each.id === search.get('batch')) ?? null
  const there = jars.data?.filter((each) => each.state !== 'gone') ?? []
  const gone = jars.data?.filter((each) => each.state === 'gone') ?? []
  const wrong = there.filter((each) => each.state === 'past' || each.state === 'spoiled').length
  return (
    <section className="mt-2">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <PageHeading title={shelfPlace.jars} className="max-sm:w-full">
          {!jars.data
            ? ''
            : there.length === 0
              ? words.noJarsYet
              : wrong === 0
                ? words.everyJarIsStillGood
                : wrong === 1
                  ? words.oneJarIsNoLonger
                  : words.wrongJarsAreNoLonger({ wrong })}
        </PageHeading>
        <Link
          to="/shelf/formulas"
          className="inline-flex min-h-12 items-center rounded-lg bg-accent px-4 font-semibold text-on-accent"
        >
          {words.makeAFormula}
        </Link>
      </div>
      <AmountsIn />
      <Trouble error={jars.error} />
      <ul className="mt-4 border-t border-rule">
        {there.map((jar) => (
          <li key={jar.id} className="border-b border-rule">
            <button
              type="button"
              onClick={() => setSearch({ batch: jar.id })}
              className="grid w-full grid-cols-[3.5rem_1fr] items-center gap-x-4 py-3 text-left hover:bg-raised md:grid-cols-[3.5rem_16rem_10rem_1fr]"
            >
              <Jar share={jar.leftMl / jar.madeMl} state={jar.state} frozen={jar.keptAt === 'freezer'} />
              <span>
                <span className="block text-lg font-semibold">{jar.name}</span>
                <span className="text-quiet">{words.madeDay({ day: day(jar.madeAt) })}</span>
              </span>
              <span className="col-start-2 md:col-start-auto">
                <Rich of={words.left} parts={{ amount: <Amount of={jar.left} /> }} />
                {jar.portions != null && (
                  <span className="block text-quiet">{words.portionsPortions({ portions: jar.portions })}</span>
                )}
              </span>
              <span
                className={`col-start-2 md:col-start-auto ${jar.state === 'past' || jar.state === 'spoiled' ? 'text-stop' : jar.state === 'lastDay' ? 'text-warn' : ''}`}
              >
                {jar.keptAt !== 'freezer' && (
                  <span className="text-quiet">{jar.keptAt === 'room' ? words.inTheRoom : words.inTheFridge}</span>
                )}
                {jar.sentence}
              </span>
            </button>
          </li>
        ))}
      </ul>
      {gone.length > 0 && (
        <section className="mt-8">
          <h2 className="text-xl font-semibold">{words.usedUpOrThrownOut}</h2>
          <ul>
            {gone.map((jar) => (
              <li key={jar.id} className="flex flex-wrap items-center gap-x-4">
                <Button tone="quiet" onClick={() => setSearch({ batch: jar.id })}>
                  {jar.name}
                </Button>
                <span className="text-quiet">
                  {[
                    words.madeDay({ day: day(jar.madeAt) }),
                    ...(jar.goneOn ? [words.goneDay({ day: day(jar.goneOn) })] : []),
                    ...(jar.goneWhy ? [jar.goneWhy] : []),
                  ].join(', ')}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {open && <JarSheet jar={open} onClose={() => setSearch({})} />}
    </section>
  )
}

/** One jar: what is in it, and everything that can happen to it. */
function JarSheet({ jar, onClose }: { jar: BatchView; onClose: () => void }) {
  const queries = useQueryClient()
  const { measure } = useMeasure()
  const [portions, setPortions] = useState<number | null>(jar.usualPortions)
  const [thaw, setThaw] = useState<number | null>(1)
  const [used, setUsed] = useState<number | null>(null)
  const [why, setWhy] = useState('')
  const change = useMutation({
    mutationFn: (body: BatchChangeBody) =>
      told(api.POST('/api/batches/{id}/changes', { params: { path: { id: jar.id } }, body })),
    onSuccess: () => queries.invalidateQueries(),
  })
  const isGone = jar.state === 'gone'
  const isFrozen = jar.keptAt === 'freezer'
  return (
    <Sheet title={jar.name} open onClose={onClose}>
      <p className={`mt-1 ${jar.state === 'past' || jar.state === 'spoiled' ? 'font-semibold text-stop' : ''}`}>
        {jar.sentence}
      </p>
      <p className="mt-1 text-quiet">
        {words.madeFrom({ day: day(jar.madeAt), parts: jar.madeOf.map((each) => written(each, measure)).join(', ') })}{' '}
        {jar.cost != null && words.cost({ cost: jar.cost.toFixed(2) })}{' '}
        <Rich of={words.leftAndKept} parts={{ amount: <Amount of={jar.left} />, place: jar.keptWords }} /> {jar.keeps}
      </p>
      <Trouble error={change.error} />
      {jar.canTakeBack && (
        <Button tone="quiet" onClick={() => change.mutate({ kind: 'takeBack' })}>
          {words.undoTheLastChange}
        </Button>
      )}
      {!isGone && (
        <div className="mt-3 grid gap-4">
          <div className="flex flex-wrap gap-2" role="group" aria-label={words.lookAndSmell}>
            <Button onClick={() => change.mutate({ kind: 'look', fine: true })}>{words.itLooksAndSmellsRight}</Button>
            <Button onClick={() => change.mutate({ kind: 'look', fine: false })}>{words.somethingIsWrongWithIt}</Button>
          </div>
          {!isFrozen && (
            <ChoiceField
              label={words.whereItIsKept}
              value={jar.keptAt}
              choices={[
                { value: 'room', word: words.inTheRoom2 },
                { value: 'fridge', word: words.inTheFridge2 },
              ]}
              onChoose={(keptAt) => change.mutate({ kind: 'move', keptAt })}
            />
          )}
          {!isFrozen && !jar.canFreeze && (
            <form
              className="flex items-end gap-2"
              onSubmit={(event) => {
                event.preventDefault()
                change.mutate({ kind: 'freeze', portions: portions ?? 0 })
              }}
            >
              <NumberField
                label={words.freezeItInPortions}
                whole
                min={1}
                max={48}
                value={portions}
                onChange={setPortions}
              />
              <Button type="submit">{words.freeze}</Button>
            </form>
          )}
          {isFrozen && (
            <form
              className="flex items-end gap-2"
              onSubmit={(event) => {
                event.preventDefault()
                change.mutate({ kind: 'thaw', portions: thaw ?? 0 })
              }}
            >
              <NumberField
                label={words.portionsToThawOfPortions({ portions: jar.portions ?? 1 })}
                whole
                min={1}
                max={jar.portions ?? 1}
                value={thaw}
                onChange={setThaw}
              />
              <Button type="submit">{words.thaw}</Button>
            </form>
          )}
          <form
            className="flex items-end gap-2"
            onSubmit={(event) => {
              event.preventDefault()
              if (used !== null) change.mutate({ kind: 'used', usedMl: used })
              setUsed(null)
            }}
          >
            <AmountField label={words.usedAbout} value={used} onChange={setUsed} />
            <Button type="submit">{words.save}</Button>
          </form>
          <form
            className="flex items-end gap-2"
            onSubmit={(event) => {
              event.preventDefault()
              change.mutate({ kind: 'discard', why: why || null })
            }}
          >
            <TextField
              label={words.whyThrowItOut}
              value={why}
              maxLength={200}
              onChange={(event) => setWhy(event.target.value)}
            />
            <Button type="submit">{words.throwOut}</Button>
          </form>
          <p>
            <Link className="thread-line" to={`/jar-label/${jar.id}`}>
              {words.printTheLabel}
            </Link>
          </p>
        </div>
      )}
    </Sheet>
  )
}
