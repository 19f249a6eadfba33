import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, Refused, told, type FigureView } from '@/api/client'
import { Button } from '@/kit/Button'
import { TextField } from '@/kit/Field'
import { PageHeading } from '@/kit/PageHeading'
import { Trouble } from '@/kit/Trouble'
import { FigureRow } from './FigureRow'
import { figuresPage as said } from './words'

const groups: Record<FigureView['group'], string> = {
  head: said.headSize,
  hands: said.handsOnWork,
  steps: said.steps,
  processing: said.whatChangesProcessingTimes,
  drying: said.drying,
  cooling: said.cooling,
  amounts: said.amounts,
  mixtures: said.mixtureLimits,
  rhythm: said.rhythm,
  night: said.theNight,
}
const order = Object.keys(groups) as FigureView['group'][]

/** Craft figures: every number plans are made from, where it comes from, and what this house has changed. */
export function FiguresPage() {
  const queries = useQueryClient()
  const figures = useQuery({ queryKey: ['figures'], queryFn: () => told(api.GET('/api/figures')) })
  const [group, setGroup] = useState<FigureView['group'] | 'own'>('head')
  const [wanted, setWanted] = useState('')
  const [before, setBefore] = useState<Record<string, number> | null>(null)

  // Every plan, size and due date is computed from these.
  const again = () => queries.invalidateQueries()
  const change = useMutation({
    mutationFn: ({ id, value }: { id: string; value: number }) =>
      told(api.PUT('/api/figures/{id}', { params: { path: { id } }, body: { value } })),
    onSuccess: again,
  })
  const reset = useMutation({
    mutationFn: (id: string) => told(api.DELETE('/api/figures/{id}', { params: { path: { id } } })),
    onSuccess: again,
  })
  const replace = useMutation({
    mutationFn: (values: Record<string, number>) => told(api.PUT('/api/figures', { body: { values } })),
    onSuccess: again,
  })

  if (figures.error) return <Trouble error={figures.error} />
  if (!figures.data) return <p className="py-16 text-quiet">{said.loading}</p>
  const own = figures.data.filter((figure) => figure.isOwn)
  const words = wanted.trim().toLowerCase()
  const shown = figures.data.filter((figure) =>
    words
      ? `${figure.about} ${figure.name}`.toLowerCase().includes(words)
      : group === 'own'
        ? figure.isOwn
        : figure.group === group,
  )
  // Other customs that are not yet this house's.
  const customs = [
    ...new Set(
      shown
        .filter((figure) => figure.alternative && figure.alternative.value !== figure.value)
        .map((figure) => figure.alternative!.word),
    ),
  ]
  const wrong = (id: string) => {
    const failed = change.variables?.id === id ? change.error : reset.variables === id ? reset.error : null
    return failed instanceof Refused ? failed.message : undefined
  }

  return (
    <section className="mt-5">
      <PageHeading>{said.craftFigures}</PageHeading>
      <p className="mt-2 max-w-4xl text-lg text-quiet">{said.everyPlanIsWorkedOut}</p>
      <div className="mt-4 flex flex-wrap items-end gap-4">
        <div className="w-72">
          <TextField label={said.findAFigure} value={wanted} onChange={(event) => setWanted(event.target.value)} />
        </div>
        {own.length > 0 && (
          <Button
            disabled={replace.isPending}
            onClick={() => {
              setBefore(Object.fromEntries(own.map((figure) => [figure.id, figure.value])))
              replace.mutate({})
            }}
          >
            {said.resetAllCount({ count: own.length })}
          </Button>
        )}
        {before && own.length === 0 && (
          <Button
            onClick={() => {
              replace.mutate(before)
              setBefore(null)
            }}
          >
            {said.undoBringOurValuesBack}
          </Button>
        )}
        <span role="status" className="text-quiet">
          {own.length === 0 ? said.everyFigureIsAtIts : said.countChangedHere({ count: own.length })}
        </span>
      </div>
      <Trouble error={replace.error} />
      <div className="mt-6 grid gap-x-10 gap-y-4 lg:grid-cols-[14rem_1fr]">
        <nav aria-label={said.groupsOfFigures} className="flex flex-wrap gap-x-4 lg:block">
          {(own.length > 0 ? [...order, 'own' as const] : order).map((each) => (
            <button
              key={each}
              type="button"
              aria-current={!words && group === each ? 'true' : undefined}
              onClick={() => {
                setWanted('')
                setGroup(each)
              }}
              className={`flex min-h-12 items-center text-left ${!words && group === each ? 'font-semibold' : 'text-quiet hover:text-ink'}`}
            >
              <span className={!words && group === each ? 'stitch-line pb-1' : 'pb-1'}>
                {each === 'own' ? said.changedHere : groups[each]}
              </span>
            </button>
          ))}
        </nav>
        <div>
          {customs.map((word) => (
            <Button
              key={word}
              className="mb-3"
              disabled={replace.isPending}
              onClick={() =>
                replace.mutate(
                  Object.fromEntries([
                    ...own.map((figure) => [figure.id, figure.value] as const),
                    ...figures.data
                      .filter((figure) => figure.alternative?.word === word)
                      .map((figure) => [figure.id, figure.alternative!.value] as const),
                  ]),
                )
              }
            >
              {word}
            </Button>
          ))}
          {shown.length === 0 && <p className="text-quiet">{said.noFigureMatches}</p>}
          {byAbout(shown).map(([about, list]) => (
            <section key={about} className="mb-8">
              {about && <h2 className="text-xl font-semibold">{about}</h2>}
              <ul className="border-t border-rule">
                {list.map((figure) => (
                  <FigureRow
                    key={`${figure.id} ${figure.value}`}
                    figure={figure}
                    wrong={wrong(figure.id)}
                    onChange={(value) => change.mutate({ id: figure.id, value })}
                    onReset={() => reset.mutate(figure.id)}
                  />
                ))}
              </ul>
            </section>
          ))}
        </div>
      </div>
    </section>
  )
}

function byAbout(figures: readonly FigureView[]): [string, FigureView[]][] {
  const map = new Map<string, FigureView[]>()
  for (const figure of figures) map.set(figure.about, [...(map.get(figure.about) ?? []), figure])
  return [...map]
}
