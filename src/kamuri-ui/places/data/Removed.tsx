import { useQuery } from '@tanstack/react-query'
import { api, told } from '@/api/client'
import { day } from '@/app/time'
import { Button } from '@/kit/Button'
import { Trouble } from '@/kit/Trouble'
import { useUndoRemoval } from './JustRemoved'
import { removed as words } from './words'

/** What was deleted and can still be brought back. */
export function Removed() {
  const removed = useQuery({ queryKey: ['removed'], queryFn: () => told(api.GET('/api/removed')) })
  const undo = useUndoRemoval()
  if (!removed.data || removed.data.length === 0) return null
  return (
    <section aria-labelledby="removed">
      <h2 id="removed" className="text-2xl font-semibold">
        {words.deleted}
      </h2>
      {undo.error && <Trouble error={undo.error} />}
      <ul className="mt-3 border-t border-rule">
        {removed.data.map((each) => (
          <li key={each.id} className="flex flex-wrap items-center gap-x-5 border-b border-rule py-1">
            <span className="min-w-48 flex-1 py-2">
              <strong>{each.name}</strong>
              <span className="block text-quiet">
                {each.what === 'head'
                  ? words.headUntil({ day: day(each.until) })
                  : words.washDayUntil({ day: day(each.until) })}
              </span>
            </span>
            <Button
              tone="quiet"
              aria-label={words.undoDeletingName({ name: each.name })}
              disabled={undo.isPending}
              onClick={() => undo.mutate(each.id)}
            >
              {words.undo}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  )
}
