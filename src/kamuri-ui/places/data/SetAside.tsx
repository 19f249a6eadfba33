import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Link } from 'react-router'
import { api, done, told } from '@/api/client'
import { Button } from '@/kit/Button'
import { setAside as words } from './words'
import { counted } from '@/kit/texts'

const useSetAside = () =>
  useQuery({ queryKey: ['set-aside'], queryFn: () => told(api.GET('/api/set-aside')), staleTime: 60_000 })

/** Entries that this version cannot read, with what to do about them. */
export function SetAside() {
  const rows = useSetAside().data ?? []
  if (rows.length === 0) return null
  return (
    <section aria-labelledby="set-aside" className="mt-6 border-l-4 border-warn pl-4">
      <h2 id="set-aside" className="text-xl font-semibold">
        {words.setAside({ entries: counted(rows.length, words.entry, words.entries) })}
      </h2>
      <p className="mt-1">{words.thisVersionOfKamuriCannot}</p>
      <ul className="mt-2">
        {rows.map((row) => (
          <li key={`${row.table} ${row.id}`} className="py-1">
            <strong>{row.what}</strong> <span className="text-quiet">{row.why}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}

/** Says once, wherever one is, that something was set aside. */
export function SetAsideNotice() {
  const queries = useQueryClient()
  const rows = useSetAside()
  const told_ = useMutation({
    mutationFn: () => done(api.POST('/api/set-aside/told')),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['set-aside'] }),
  })
  const untold = (rows.data ?? []).filter((row) => !row.isTold)
  if (untold.length === 0) return null
  return (
    <div role="status" className="mt-3 flex flex-wrap items-center gap-x-4 border-l-4 border-warn bg-raised py-1 pl-4">
      <span className="py-2">
        {untold.length === 1 ? words.oneWasSetAside : words.someWereSetAside({ count: untold.length })}
      </span>
      <Link className="inline-flex min-h-12 items-center" to="/household#your-data" onClick={() => told_.mutate()}>
        <span className="thread-line">{words.seeWhatToDo}</span>
      </Link>
      <Button tone="quiet" onClick={() => told_.mutate()}>
        {words.close}
      </Button>
    </div>
  )
}
