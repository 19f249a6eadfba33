import { useWrongFields } from '@/kit/wrongFields'
import { writtenArea } from '@/app/style'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useDeferredValue, useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { api, told, type HeadBody, type HeadView } from '@/api/client'
import { HeadMap } from '@/drawings/head-map/HeadMap'
import { Button } from '@/kit/Button'
import { Removing } from '@/kit/Removing'
import { PageHeading } from '@/kit/PageHeading'
import { Trouble } from '@/kit/Trouble'
import { HeadForm } from './HeadForm'
import { PatchTests } from './PatchTests'
import { headPage as words } from './words'

const blank: HeadBody = {
  name: '',
  lengths: { napeCm: 25, crownCm: 30, frontCm: 28, sidesCm: 27 },
  density: 'medium',
  strand: 'medium',
  porosity: 'medium',
  porosityEvidence: 'guess',
  chemicalHistory: [],
  scalp: [],
  fragileZones: [],
  sensitivities: [],
  ageGroup: 'adult',
  canSitUnderHeat: true,
  askClinician: false,
  goals: [],
  layering: 'loc',
  wornAs: 'loose',
}

/** One head: described, corrected, put away. */
export function HeadPage() {
  const { id = 'new' } = useParams()
  const head = useQuery({
    queryKey: ['heads', id],
    queryFn: () => told(api.GET('/api/heads/{id}', { params: { path: { id } } })),
    enabled: id !== 'new',
  })
  if (id === 'new') return <Editing key="new" first={blank} saved={null} />
  if (head.error) return <Trouble error={head.error} />
  return head.data ? (
    <>
      <Editing key={id} first={head.data.head} saved={head.data} />
      <PatchTests headId={id} />
    </>
  ) : null
}

function Editing({ first, saved }: { first: HeadBody; saved: HeadView | null }) {
  const [draft, setDraft] = useState(first)
  const queries = useQueryClient()
  const navigate = useNavigate()
  const kept = (view: HeadView) => {
    void queries.invalidateQueries({ queryKey: ['heads'] })
    void queries.invalidateQueries({ queryKey: ['plan'] })
    void queries.invalidateQueries({ queryKey: ['ahead'] })
    setDraft(view.head)
  }
  const save = useMutation({
    mutationFn: () =>
      told(
        saved
          ? api.PUT('/api/heads/{id}', { params: { path: { id: saved.id } }, body: draft })
          : api.POST('/api/heads', { body: draft }),
      ),
    onSuccess: (view) => {
      kept(view)
      if (!saved) void navigate(`/heads/${view.id}`, { replace: true })
    },
  })
  const archive = useMutation({
    mutationFn: (archived: boolean) =>
      told(api.PUT('/api/heads/{id}/archived', { params: { path: { id: saved!.id } }, body: { archived } })),
    onSuccess: (view) => {
      queries.setQueryData(['heads', view.id], view)
      kept(view)
    },
  })
  const settled = useDeferredValue(draft)
  const size = useQuery({
    queryKey: ['measure', { ...settled, name: '' }],
    queryFn: () => told(api.POST('/api/heads/measure', { body: { ...settled, name: settled.name || 'someone' } })),
    placeholderData: (previous) => previous,
    retry: false,
  })
  const errors = useWrongFields(save.error)
  const changed = JSON.stringify(draft) !== JSON.stringify(saved?.head ?? first)

  return (
    <form
      noValidate
      className="mt-5 grid gap-x-12 gap-y-8 lg:grid-cols-[1fr_21rem]"
      onSubmit={(event) => {
        event.preventDefault()
        save.mutate()
      }}
    >
      <div>
        <PageHeading>{saved ? saved.head.name : words.newHead}</PageHeading>
        {saved?.archived && <p className="mt-1 text-warn">{words.archivedKamuriMakesNoPlans}</p>}
        <HeadForm draft={draft} errors={errors} onChange={setDraft} />
        {save.error && Object.keys(errors).length === 0 && <Trouble error={save.error} />}
        {Object.keys(errors).length > 0 && (
          <p role="alert" className="mt-4 text-stop">
            {words.notSavedYetCheckThe}
          </p>
        )}
        <div className="sticky bottom-0 mt-6 flex flex-wrap items-center gap-3 border-t border-rule bg-paper py-3">
          <Button type="submit" tone="main" disabled={save.isPending}>
            {saved ? words.saveChanges : words.saveHead}
          </Button>
          {saved && !saved.archived && (
            <Link
              to={`/today?head=${saved.id}`}
              className="thread-line inline-flex min-h-12 items-center px-1 font-semibold"
            >
              {words.planAWashDay}
            </Link>
          )}
          {saved && (
            <Button tone="quiet" onClick={() => archive.mutate(!saved.archived)}>
              {saved.archived ? words.unarchive : words.archive}
            </Button>
          )}
          {saved && (
            <Removing
              what={saved.head.name}
              look={() => told(api.GET('/api/heads/{id}/removal', { params: { path: { id: saved.id } } }))}
              remove={() => told(api.DELETE('/api/heads/{id}', { params: { path: { id: saved.id } } }))}
              onRemoved={() => {
                void navigate('/heads')
                void queries.invalidateQueries()
              }}
            />
          )}
          <span role="status" className="text-quiet">
            {save.isSuccess && !changed ? words.saved : changed && saved ? words.notSavedYet : ''}
          </span>
        </div>
      </div>
      <aside aria-label={words.headSize} className="lg:sticky lg:top-4 lg:self-start">
        {size.data && (
          <>
            <HeadMap
              sections={size.data.sections}
              fragile={(draft.fragileZones ?? []).map((zone) => zone.zone)}
              label={words.countSections({ count: size.data.sections.length })}
              className="mx-auto max-h-80"
            />
            <dl className="mt-4">
              <Figure
                name={words.hair}
                value={`${Math.round(size.data.massGrams)} g`}
                working={size.data.massWorking}
              />
              <Figure
                name={words.surface}
                value={`${size.data.surfaceSquareMetres.toFixed(1)} m²`}
                working={size.data.surfaceWorking}
              />
              <Figure
                name={words.scalp}
                value={writtenArea(size.data.scalpSquareCm)}
                working={size.data.scalpWorking}
              />
              {size.data.doubt && <p className="border-l-4 border-warn py-1 pl-3 text-warn">{size.data.doubt}</p>}
              <Figure name={words.tangleToday} value={size.data.tangle.toFixed(1)} working={words.tangleScale} />
            </dl>
          </>
        )}
        {size.error && <p className="text-quiet">{words.theSizeAppearsOnceThe}</p>}
      </aside>
    </form>
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
