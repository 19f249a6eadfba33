import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { api, told, type EventBody, type SessionView } from '@/api/client'
import { Button } from '@/kit/Button'
import { otherOrder as words } from './words'

/** When the day has drifted, another order of the rest may be over sooner. It is offered, never forced. */
export function OtherOrder({
  session,
  onTake,
}: {
  session: SessionView
  onTake: (event: Omit<EventBody, 'id'>) => void
}) {
  const [declined, setDeclined] = useState<string | null>(null)
  const done = session.tasks.filter((task) => task.status === 'done' || task.status === 'skipped').length
  const asked = `${session.orderAsks}/${done}`
  const better = useQuery({
    queryKey: ['better-order', session.id, asked],
    // No answer in the body means that there is none.
    queryFn: () =>
      api
        .GET('/api/sessions/{id}/better-order', { params: { path: { id: session.id } } })
        .then((got) => (got.response.status === 200 ? told(Promise.resolve(got)) : null)),
    enabled: session.orderAsks !== 0,
    gcTime: 0,
    retry: false,
  })
  if (!better.data || declined === asked) return null
  return (
    <div
      role="status"
      className="mt-2 flex flex-wrap items-center gap-x-1 gap-y-2 border-l-4 border-accent pl-3"
      data-other-order
    >
      <span className="mr-2 text-lg">{better.data.sentence}</span>
      <Button className="min-h-16" onClick={() => onTake({ kind: 'orderChanged' })}>
        {words.useTheNewOrder}
      </Button>
      <Button tone="quiet" className="min-h-16" onClick={() => setDeclined(asked)}>
        {words.keepThisOrder}
      </Button>
    </div>
  )
}
