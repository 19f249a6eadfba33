import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useLocation, useNavigate } from 'react-router'
import { api, done, type RemovedView } from '@/api/client'
import { Button } from '@/kit/Button'
import { Trouble } from '@/kit/Trouble'
import { removed as words } from './words'

/** Where to go after deleting something: the page there says what is gone, and takes it back. */
export const withRemoved = (removed: RemovedView) => ({ state: { removed } })

export const useUndoRemoval = (onDone?: () => void) => {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (id: string) => done(api.POST('/api/removed/{id}/undo', { params: { path: { id } } })),
    onSuccess: () => {
      onDone?.()
      return queries.invalidateQueries()
    },
  })
}

/** What was deleted a moment ago, on the page that came after. */
export function JustRemoved() {
  const { state, pathname } = useLocation()
  const navigate = useNavigate()
  const undo = useUndoRemoval(() => void navigate(pathname, { replace: true, state: null }))
  const removed = (state as { removed?: RemovedView } | null)?.removed
  if (!removed) return null
  return (
    <div role="status" className="mt-4 border-l-4 border-strand pl-3">
      {words.nameIsDeleted({ name: removed.name })}
      <Button tone="quiet" onClick={() => undo.mutate(removed.id)}>
        {words.undo}
      </Button>
      <Trouble error={undo.error} />
    </div>
  )
}
