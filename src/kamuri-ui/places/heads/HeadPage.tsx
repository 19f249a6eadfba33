import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useNavigate, useParams } from 'react-router'
import { api, told, type HeadView } from '@/api/client'
import { writtenArea, writtenLength } from '@/app/style'
import { HeadMap } from '@/drawings/head-map/HeadMap'
import { Button, LinkButton } from '@/kit/Button'
import { FoldLine } from '@/kit/FoldLine'
import { PageHeading } from '@/kit/PageHeading'
import { Removing } from '@/kit/Removing'
import { Trouble } from '@/kit/Trouble'
import { withRemoved } from '../data/JustRemoved'
import { PatchTests } from './PatchTests'
import { DaysOf } from './portrait/DaysOf'
import { HairFields, LikesFields, NeverFields, SuitsFields, TodayFields, WhoFields } from './portrait/fields'
import { Part, Sentences } from './portrait/Part'
import { portrait as words } from './words'

/** One head: who this is, how the hair is today, what suits it, and what must never touch it. */
export function HeadPage() {
  const { id = '' } = useParams()
  const head = useQuery({
    queryKey: ['heads', id],
    queryFn: () => told(api.GET('/api/heads/{id}', { params: { path: { id } } })),
  })
  if (head.error) return <Trouble error={head.error} />
  return head.data ? <Portrait key={id} head={head.data} /> : null
}

function Portrait({ head }: { head: HeadView }) {
  const read = useQuery({
    queryKey: ['heads', head.id, 'portrait'],
    queryFn: () => told(api.GET('/api/heads/{id}/portrait', { params: { path: { id: head.id } } })),
  })
  const portrait = read.data
  const { name, lengths, density, strand, porosity } = head.head
  if (!portrait) return <Trouble error={read.error} />
  return (
    <article className="mt-5">
      <div className="flex flex-wrap items-end justify-between gap-x-6 gap-y-2">
        <PageHeading>{name}</PageHeading>
        {!head.archived && (
          <LinkButton tone="main" to={`/today?head=${head.id}`} aria-label={words.planFor({ name })}>
            {words.planAWashDay}
          </LinkButton>
        )}
      </div>
      {head.archived && <p className="mt-1 text-warn">{words.archivedKamuriMakesNoPlans}</p>}
      <div className="grid gap-x-12 lg:grid-cols-[1fr_19rem_1fr]">
        {/* On a phone today comes first, then the map, then the rest. */}
        <div className="max-lg:contents">
          <div className="max-lg:order-1">
            <Part title={words.today} head={head} fields={(of) => <TodayFields {...of} />}>
              <Sentences of={[...portrait.today, ...portrait.due]} />
            </Part>
          </div>
          <div className="max-lg:order-3">
            <Part title={words.never} head={head} fields={(of) => <NeverFields {...of} />}>
              {portrait.never.length === 0 ? (
                <p className="mt-1 text-quiet">{words.nothingIsOnRecord}</p>
              ) : (
                <ul className="mt-1">
                  {portrait.never.map((each) => (
                    <li
                      key={each}
                      className="border-l-4 border-stop py-0.5 pl-3 font-semibold text-stop first-letter:uppercase"
                    >
                      {each}
                    </li>
                  ))}
                </ul>
              )}
              {head.head.askClinician && <p className="mt-1">{words.askAClinicianFirst}</p>}
            </Part>
            <Part title={words.suits} head={head} fields={(of) => <SuitsFields {...of} />}>
              {portrait.suits.length === 0 ? (
                <p className="mt-1 text-quiet">{words.nothingSpecial}</p>
              ) : (
                <Sentences of={portrait.suits} />
              )}
            </Part>
            <PatchTests headId={head.id} />
          </div>
        </div>
        <div className="max-lg:order-2">
          <HeadMap
            sections={head.size.sections}
            fragile={(head.head.fragileZones ?? []).map((zone) => zone.zone)}
            label={words.countSections({ count: head.size.sections.length })}
            className="mx-auto mt-4 max-h-72"
          />
          <Part title={words.who} head={head} fields={(of) => <WhoFields {...of} />}>
            <p className="mt-1">{words.ages[head.head.ageGroup ?? 'adult']}</p>
          </Part>
          <Part title={words.theHair} head={head} fields={(of) => <HairFields {...of} />}>
            <p className="mt-1">
              {words.lengths({
                crown: writtenLength(lengths.crownCm),
                nape: writtenLength(lengths.napeCm),
                front: writtenLength(lengths.frontCm),
                sides: writtenLength(lengths.sidesCm),
              })}
            </p>
            <p className="py-0.5">{words.body({ density, strand })}</p>
            <p className="py-0.5">{words.porosity[porosity]}</p>
            <Size head={head} />
          </Part>
        </div>
        <div className="max-lg:order-4">
          <Part title={words.likes} head={head} fields={(of) => <LikesFields {...of} />}>
            <Sentences of={portrait.likes} />
          </Part>
          <section aria-label={words.learned} className="mt-6 border-t border-rule pt-3">
            <h2 className="text-xl font-semibold">{words.learned}</h2>
            <Sentences of={portrait.learned} />
          </section>
          <DaysOf head={head.id} />
        </div>
      </div>
      <div className="mt-6 -ml-4 flex flex-wrap items-center gap-3 border-t border-rule pt-3">
        <PutAway head={head} />
      </div>
    </article>
  )
}

/** How big a head of hair it is, with its working. */
function Size({ head: { size } }: { head: HeadView }) {
  return (
    <>
      {size.doubt && <p className="border-l-4 border-warn py-1 pl-3 text-warn">{size.doubt}</p>}
      <details className="mt-1">
        <FoldLine>{words.size}</FoldLine>
        <dl>
          <Figure name={words.hair} value={`${Math.round(size.massGrams)} g`} working={size.massWorking} />
          <Figure
            name={words.surface}
            value={`${size.surfaceSquareMetres.toFixed(1)} m²`}
            working={size.surfaceWorking}
          />
          <Figure name={words.scalp} value={writtenArea(size.scalpSquareCm)} working={size.scalpWorking} />
          <Figure name={words.tangleToday} value={size.tangle.toFixed(1)} working={words.tangleScale} />
        </dl>
      </details>
    </>
  )
}

function Figure({ name, value, working }: { name: string; value: string; working: string }) {
  return (
    <div className="grid grid-cols-[1fr_auto] border-t border-rule py-2">
      <dt>{name}</dt>
      <dd className="font-display text-xl font-semibold">{value}</dd>
      <dd className="col-span-2 text-sm text-quiet">{working}</dd>
    </div>
  )
}

/** Archives a head, or deletes it. */
function PutAway({ head }: { head: HeadView }) {
  const queries = useQueryClient()
  const navigate = useNavigate()
  const archive = useMutation({
    mutationFn: () =>
      told(
        api.PUT('/api/heads/{id}/archived', {
          params: { path: { id: head.id } },
          body: { archived: !head.archived },
        }),
      ),
    onSuccess: () => queries.invalidateQueries(),
  })
  return (
    <>
      <Button tone="quiet" onClick={() => archive.mutate()}>
        {head.archived ? words.unarchive : words.archive}
      </Button>
      <Removing
        what={head.head.name}
        look={() => told(api.GET('/api/heads/{id}/removal', { params: { path: { id: head.id } } }))}
        remove={() => told(api.DELETE('/api/heads/{id}', { params: { path: { id: head.id } } }))}
        onRemoved={(removed) => {
          void navigate('/heads', withRemoved(removed))
          void queries.invalidateQueries()
        }}
      />
    </>
  )
}
