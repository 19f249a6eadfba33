import { writtenLength } from '@/app/style'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { api, told, type HeadView } from '@/api/client'
import { HeadMap } from '@/drawings/head-map/HeadMap'
import { LinkButton } from '@/kit/Button'
import { PageHeading } from '@/kit/PageHeading'
import { Trouble } from '@/kit/Trouble'
import { headsPlace as words } from './words'

/** Heads: who is this, what suits them, what must never touch them? */
export function HeadsPlace() {
  const heads = useQuery({ queryKey: ['heads'], queryFn: () => told(api.GET('/api/heads')) })
  const living = heads.data?.filter((head) => !head.archived) ?? []
  const archived = heads.data?.filter((head) => head.archived) ?? []
  return (
    <section className="mt-5">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <PageHeading>{words.headsInThisHousehold}</PageHeading>
        <LinkButton tone="main" to="/heads/new">
          {words.addAHead}
        </LinkButton>
      </div>
      <Trouble error={heads.error} />
      <ul className="mt-6 grid gap-x-10 border-t border-rule lg:grid-cols-3">
        {living.map((head) => (
          <li key={head.id} className="border-b border-rule py-6">
            <HeadCard head={head} />
          </li>
        ))}
      </ul>
      {archived.length > 0 && (
        <>
          <h2 className="mt-10 text-xl font-semibold">{words.archived}</h2>
          <ul className="mt-2 flex flex-wrap gap-6">
            {archived.map((head) => (
              <li key={head.id}>
                <Link to={`/heads/${head.id}`} className="thread-line inline-flex min-h-12 items-center">
                  {head.head.name}
                </Link>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  )
}

function HeadCard({ head }: { head: HeadView }) {
  const { name, fragileZones = [], sensitivities = [] } = head.head
  return (
    <Link to={`/heads/${head.id}`} className="group flex gap-5">
      <HeadMap
        sections={head.size.sections}
        fragile={fragileZones.map((zone) => zone.zone)}
        label={words.nameCountSections({ name, count: head.size.sections.length })}
        className="h-56 shrink-0"
      />
      <span className="block">
        <span className="block font-display text-2xl font-semibold group-hover:text-accent">{name}</span>
        <span className="block text-quiet">
          {[
            ...(head.kind === 'loose' ? [] : [head.kindWords]),
            words.body({
              length: writtenLength(Math.round(head.size.meanLengthCm)),
              density: head.head.density,
              strand: head.head.strand,
              porosity: head.head.porosity,
            }),
          ].join(', ')}
        </span>
        <span className="mt-2 block">{head.due.sentence}</span>
        {sensitivities.length > 0 && (
          <span className="mt-2 block">
            <strong className="text-stop">{words.never}</strong> {sensitivities.join(', ')}
          </span>
        )}
        {head.head.canSitUnderHeat === false && <span className="block font-semibold text-stop">{words.noHeat}</span>}
      </span>
    </Link>
  )
}
