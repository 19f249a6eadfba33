import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { RemovalView, RemovedView } from '@/api/client'
import { Button } from './Button'
import { Sheet } from './Sheet'
import { Trouble } from './Trouble'
import { removing as words } from './words'

/** Deleting something for good, with a look at what goes with it. It can be undone for a while under Your data. */
export function Removing({
  what,
  look,
  remove,
  onRemoved,
}: {
  /** "this head", "this day". */
  what: string
  look: () => Promise<RemovalView>
  remove: () => Promise<RemovedView>
  onRemoved: (removed: RemovedView) => void
}) {
  const [open, setOpen] = useState(false)
  const [error, setError] = useState<Error | null>(null)
  const [isGoing, setGoing] = useState(false)
  const preview = useQuery({ queryKey: ['removal', what], queryFn: look, enabled: open, staleTime: 0, gcTime: 0 })
  return (
    <>
      <Button tone="quiet" onClick={() => setOpen(true)}>
        {words.deleteAsk}
      </Button>
      <Sheet title={words.deleteName({ name: preview.data?.name ?? what })} open={open} onClose={() => setOpen(false)}>
        <ul className="mt-3 grid gap-1 text-lg">
          {preview.data?.lines.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
        <Trouble error={error ?? preview.error} />
        <div className="mt-5 flex flex-wrap gap-3">
          <Button
            tone="main"
            disabled={!preview.data || isGoing}
            onClick={() => {
              setGoing(true)
              remove()
                .then((removed) => {
                  setOpen(false)
                  onRemoved(removed)
                })
                .catch((refused: unknown) => setError(refused as Error))
                .finally(() => setGoing(false))
            }}
          >
            {words.deleteNow}
          </Button>
          <Button onClick={() => setOpen(false)}>{words.cancel}</Button>
        </div>
      </Sheet>
    </>
  )
}
