import { useCallback, useEffect, useRef, useState } from 'react'
import { api, Refused, told, type EventBody, type SessionView } from '@/api/client'

type Press = Omit<EventBody, 'id'>

/**
 * A running session, kept in step by server-sent events. A press gets its id here, so that one that did not get
 * through can be sent again without counting twice.
 */
export function useSession(id: string) {
  const [view, setView] = useState<SessionView | null>(null)
  const [received, setReceived] = useState(0)
  const [trouble, setTrouble] = useState<Error | null>(null)
  const [reaching, setReaching] = useState(true)
  const waiting = useRef<EventBody[]>([])
  const sending = useRef(false)

  const show = useCallback((next: SessionView) => {
    setReceived(performance.now())
    setView(next)
  }, [])

  useEffect(() => {
    const stream = new EventSource(`/api/sessions/${id}/stream`)
    stream.addEventListener('session', (event) => {
      setReaching(true)
      show(JSON.parse((event as MessageEvent<string>).data) as SessionView)
    })
    stream.onerror = () => {
      setReaching(false)
      if (stream.readyState === EventSource.CLOSED) {
        told(api.GET('/api/sessions/{id}', { params: { path: { id } } })).then(show, setTrouble)
      }
    }
    return () => stream.close()
  }, [id, show])

  const drain = useCallback(async () => {
    if (sending.current) return
    sending.current = true
    try {
      for (let next = waiting.current[0]; next; next = waiting.current[0]) {
        try {
          show(await told(api.POST('/api/sessions/{id}/events', { params: { path: { id } }, body: next })))
          setTrouble(null)
        } catch (error) {
          const refused = error as Refused
          // Not reached, or a full disk: the press is kept and sent again. Anything else was answered.
          if (refused.status === 0 || refused.status >= 500) {
            setReaching(refused.status !== 0)
            if (refused.status >= 500) setTrouble(refused)
            setTimeout(() => void drain(), 1500)
            return
          }
          setTrouble(refused)
        }
        waiting.current.shift()
      }
    } finally {
      sending.current = false
    }
  }, [id, show])

  const press = useCallback(
    (what: Press) => {
      waiting.current.push({ ...what, id: crypto.randomUUID() })
      void drain()
    },
    [drain],
  )

  const run = useCallback(
    (speed: number) => {
      told(api.PUT('/api/sessions/{id}/clock', { params: { path: { id } }, body: { speed } })).then(show, setTrouble)
    },
    [id, show],
  )

  return { view, received, trouble, reaching, press, run }
}

/** The session's present in milliseconds, ticking between messages at the session's pace. */
export function useSessionNow(view: SessionView | null, received: number): number {
  const [now, setNow] = useState(0)
  useEffect(() => {
    if (!view) return
    const base = Date.parse(view.now)
    const tick = () => setNow(base + (performance.now() - received) * view.speed)
    tick()
    const timer = setInterval(tick, view.speed > 1 ? 100 : 250)
    return () => clearInterval(timer)
  }, [view, received])
  return now
}
