import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, told } from '@/api/client'
import { WeightLadder } from '@/drawings/ladder/WeightLadder'
import { useMeasure, written } from '@/app/measures'
import { Amount, AmountsIn } from '@/kit/Amount'
import { PageHeading } from '@/kit/PageHeading'
import { Trouble } from '@/kit/Trouble'
import { ChoiceWord } from '@/kit/Word'
import { amountsPage as words, shelfPlace } from './words'
import { Rich } from '@/kit/texts'

/** Shelf, amounts: how much does a wash day take? */
export function AmountsPage() {
  const heads = useQuery({ queryKey: ['heads'], queryFn: () => told(api.GET('/api/heads')) })
  const living = heads.data?.filter((head) => !head.archived) ?? []
  const [chosen, setChosen] = useState<string | null>(null)
  const { measure } = useMeasure()
  const headId = chosen ?? living[0]?.id
  const taking = useQuery({
    queryKey: ['taking', headId],
    queryFn: () => told(api.GET('/api/shelf/taking/{headId}', { params: { path: { headId: headId! } } })),
    enabled: !!headId,
  })
  if (heads.data && !headId) return <PageHeading className="mt-5">{words.addAHeadFirstThen}</PageHeading>
  return (
    <section className="mt-2">
      <PageHeading title={shelfPlace.amounts}>
        <Rich
          of={words.whatAWashDayTakes}
          parts={{
            head: headId && (
              <ChoiceWord
                label={words.head}
                value={headId}
                choices={living.map((head) => ({ value: head.id, word: head.head.name }))}
                onChoose={setChosen}
              />
            ),
          }}
        />
      </PageHeading>
      <AmountsIn />
      <Trouble error={heads.error ?? taking.error} />
      {taking.data && (
        <div className="mt-8 grid gap-12 lg:grid-cols-2">
          <div>
            <h2 className="text-xl font-semibold">{words.whatStaysOnLightestAt}</h2>
            <p className="mb-4 text-quiet">{words.applyFromTheBottomUp}</p>
            <WeightLadder
              label={words.layersByWeight}
              rungs={taking.data.layers.map((line) => ({
                name: line.name,
                weight: line.weight ?? 1,
                amount: written(line.ways, measure),
              }))}
            />
          </div>
          <div>
            <h2 className="text-xl font-semibold">{words.whatIsRinsedOut}</h2>
            <p className="mb-4 text-quiet">{words.haveThisMuchReadyThe}</p>
            <dl className="border-t border-rule">
              {taking.data.rinsedOut.map((line) => (
                <div key={line.name} className="grid grid-cols-[1fr_auto] gap-x-6 border-b border-rule py-3">
                  <dt className="font-semibold first-letter:uppercase">{line.name}</dt>
                  <dd className="font-display text-lg font-semibold">
                    <Amount of={line.ways} />
                  </dd>
                  <dd className="col-span-2 text-sm text-quiet">{line.working}</dd>
                </div>
              ))}
            </dl>
          </div>
        </div>
      )}
    </section>
  )
}
