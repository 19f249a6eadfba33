import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { api, Refused, told, type EventBody, type SessionView } from '@/api/client'
import { withPressed } from './pressed'
import { newId } from '@/app/newId'
import { Waiting } from './presses'

type Press = Omit<EventBody, 'id' | 'at'>

/**
 * A running session, kept in step by server-sent events. A press gets its id here, so that one that did not get
 * through can be sent again without counting twice; it is then sent with the moment it was pressed at, on the session's
 * own clock, however wrong the clock of this device is.
 */
export function useSession(id: string) {
  const [sent, setSent] = useState<SessionView | null>(null)
  const [received, setReceived] = useState(0)
  const [trouble, setTrouble] = useState<Error | null>(null)
  const [reaching, setReaching] = useState(true)
  const [waiting] = useState(() => new Waiting(id))
  const [unanswered, setUnanswered] = useState(() => waiting.all)
  const [notTaken, setNotTaken] = useState<string[]>([])
  const sending = useRef(false)
  /** Something was kept because it did not get through; until all of it has, moments are told. */
  const kept = useRef(waiting.count > 0)
  const clock = useRef<{ now: number; at: number; speed: number } | null>(null)

  const show = useCallback((next: SessionView) => {
    const at = performance.now()
    clock.current = { now: Date.parse(next.now), at, speed: next.speed }
    setReceived(at)
    setSent(next)
  }, [])

  const drain = useCallback(async () => {
    if (sending.current) return
    sending.current = true
    for (let next = waiting.first; next; next = waiting.first) {
      try {
        const body = kept.current ? next : { ...next, at: null }
        show(await told(api.POST('/api/sessions/{id}/events', { params: { path: { id } }, body })))
        setReaching(true)
        setTrouble(null)
      } catch (error) {
        const refused = error as Refused
        // Not reached, a full disk, or shut out: kept. Anything else was answered.
        if (refused.status === 0 || refused.status >= 500 || refused.status === 401) {
          kept.current = true
          setReaching(refused.status !== 0)
          if (refused.status >= 500) setTrouble(refused)
          break
        }
        // Pressed on another device meanwhile: what came first counts, and this is said until it is read.
        if (kept.current) setNotTaken((list) => [...list.slice(-2), refused.message])
        else setTrouble(refused)
      }
      waiting.drop()
      setUnanswered(waiting.all)
    }
    if (waiting.count === 0) kept.current = false
    sending.current = false
  }, [id, show, waiting])

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
    // What was pressed and kept, perhaps before the page was closed, goes out as soon as it can.
    const timer = setInterval(() => waiting.count > 0 && void drain(), 1500)
    return () => {
      clearInterval(timer)
      stream.close()
    }
  }, [id, show, drain, waiting])

  const press = useCallback(
    (what: Press) => {
      const since = clock.current
      const at = since ? new Date(since.now + (performance.now() - since.at) * since.speed).toISOString() : null
      waiting.add({ ...what, id: newId(), at })
      setUnanswered(waiting.all)
      void drain()
    },
    [drain, waiting],
  )

  const run = useCallback(
    (speed: number, plays?: boolean) => {
      told(api.PUT('/api/sessions/{id}/clock', { params: { path: { id } }, body: { speed, plays } })).then(
        show,
        setTrouble,
      )
    },
    [id, show],
  )

  const view = useMemo(() => sent && withPressed(sent, unanswered), [sent, unanswered])
  const read = useCallback(() => setNotTaken([]), [])
  return { view, received, trouble, reaching, notTaken, read, press, run }
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
