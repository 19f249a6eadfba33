// @vitest-environment jsdom
import { answers, asked, type Answer } from './server'
import { act, renderHook, waitFor } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { EventBody, SessionView } from '../../src/kamuri-ui/api/client'
import { useSession } from '../../src/kamuri-ui/places/today/run/useSession'

const day = 'd1'
const began = '2026-11-28T10:00:00+01:00'
const shown = (more: Partial<SessionView> = {}) =>
  ({
    id: day,
    now: began,
    speed: 1,
    status: 'running',
    tasks: [],
    heads: [],
    counting: [],
    ...more,
  }) as unknown as SessionView

/** What the browser listens to for what others press. */
class Stream {
  static readonly CLOSED = 2
  static last: Stream
  readyState = 1
  onerror: (() => void) | null = null
  private readonly listeners: ((event: MessageEvent<string>) => void)[] = []

  constructor(readonly url: string) {
    Stream.last = this
  }

  addEventListener(_: string, listener: (event: MessageEvent<string>) => void) {
    this.listeners.push(listener)
  }

  tell(view: SessionView) {
    this.listeners.forEach((listen) => listen({ data: JSON.stringify(view) } as MessageEvent<string>))
  }

  close() {
    this.readyState = Stream.CLOSED
  }
}

const events = () => asked.filter((each) => each.path.endsWith('/events')).map((each) => each.body as EventBody)
const kept = () =>
  (JSON.parse(localStorage.getItem(`kamuri.waiting.${day}`) ?? '{"value":[]}') as { value: EventBody[] }).value
const refused = (status: number, detail: string): Answer => ({ status, body: { detail } })

beforeEach(() => {
  localStorage.clear()
  vi.stubGlobal('EventSource', Stream)
  answers(() => ({ body: shown() }))
})

afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

function running() {
  const hook = renderHook(() => useSession(day))
  act(() => Stream.last.tell(shown()))
  return hook
}

describe('a run in step with the server', () => {
  it('shows what the server tells, and what other screens pressed as soon as it is told', () => {
    const { result } = running()
    expect(Stream.last.url).toBe(`/api/sessions/${day}/stream`)
    expect(result.current.view?.status).toBe('running')
    act(() => Stream.last.tell(shown({ status: 'paused' })))
    expect(result.current.view?.status).toBe('paused')
  })

  it('sends a press once, without a moment, for the server has the better clock', async () => {
    const { result } = running()
    act(() => result.current.press({ kind: 'taskStarted', task: 'look' }))
    await waitFor(() => expect(events()).toHaveLength(1))
    expect(events()[0]).toMatchObject({ kind: 'taskStarted', task: 'look', at: null })
    await waitFor(() => expect(kept()).toEqual([]))
    expect(result.current.reaching).toBe(true)
  })

  it('asks for the day where the stream is gone for good', async () => {
    const { result } = running()
    answers(() => ({ body: shown({ status: 'finished' }) }))
    Stream.last.readyState = Stream.CLOSED
    act(() => Stream.last.onerror?.())
    expect(result.current.reaching).toBe(false)
    await waitFor(() => expect(result.current.view?.status).toBe('finished'))
    expect(asked.map((each) => each.path)).toEqual([`/api/sessions/${day}`])
  })

  it('lets a rehearsal run at another pace', async () => {
    const { result } = running()
    answers(() => ({ body: shown({ speed: 60 }) }))
    act(() => result.current.run(60))
    await waitFor(() => expect(result.current.view?.speed).toBe(60))
    expect(asked).toEqual([{ method: 'PUT', path: `/api/sessions/${day}/clock`, body: { speed: 60 } }])
  })
})

describe('a run out of reach', () => {
  it('keeps what is pressed, and sends it in order and once, with the moments of the day', async () => {
    const { result } = running()
    answers(() => 'out of reach')
    act(() => result.current.press({ kind: 'taskStarted', task: 'look' }))
    await waitFor(() => expect(result.current.reaching).toBe(false))
    act(() => result.current.press({ kind: 'taskDone', task: 'look' }))
    await waitFor(() => expect(kept().map((each) => each.kind)).toEqual(['taskStarted', 'taskDone']))
    const ids = kept().map((each) => each.id)
    expect(new Set(ids).size).toBe(2)

    answers(() => ({ body: shown() }))
    act(() => result.current.press({ kind: 'note', text: 'back' }))
    await waitFor(() => expect(kept()).toEqual([]))
    expect(events().map((each) => each.kind)).toEqual(['taskStarted', 'taskDone', 'note'])
    expect(
      events()
        .slice(0, 2)
        .map((each) => each.id),
    ).toEqual(ids)
    // On the clock of the day, however wrong that of the device is.
    for (const each of events()) expect(Date.parse(each.at!) - Date.parse(began)).toBeLessThan(60_000)
    expect(result.current.reaching).toBe(true)
  })

  it('sends what a closed page left behind', async () => {
    const left = { id: 'a', kind: 'taskDone', task: 'look', at: '2026-11-28T09:12:00Z' }
    localStorage.setItem(`kamuri.waiting.${day}`, JSON.stringify([left]))
    running()
    await waitFor(() => expect(events()).toEqual([left]), { timeout: 4000 })
    await waitFor(() => expect(kept()).toEqual([]))
  })

  it.each([503, 500, 401])('keeps a press that is answered with %i', async (status) => {
    const { result } = running()
    answers(() => refused(status, 'The disk is full.'))
    act(() => result.current.press({ kind: 'taskDone', task: 'look' }))
    await waitFor(() => expect(events()).toHaveLength(1))
    expect(kept()).toHaveLength(1)
    await waitFor(() =>
      expect(result.current.trouble?.message ?? null).toBe(status === 401 ? null : 'The disk is full.'),
    )
    expect(result.current.reaching).toBe(true)
  })

  it('says what was not taken because another screen was first, until it is read', async () => {
    const { result } = running()
    answers(() => 'out of reach')
    act(() => result.current.press({ kind: 'taskDone', task: 'look' }))
    await waitFor(() => expect(kept()).toHaveLength(1))
    answers(({ body }) =>
      (body as EventBody).kind === 'taskDone' ? refused(409, 'It was done before.') : { body: shown() },
    )
    act(() => result.current.press({ kind: 'note', text: 'well' }))
    await waitFor(() => expect(result.current.notTaken).toEqual(['It was done before.']))
    await waitFor(() => expect(kept()).toEqual([]))
    expect(result.current.trouble).toBeNull()
    act(() => result.current.read())
    expect(result.current.notTaken).toEqual([])
  })

  it('says at once what is refused while it is in reach', async () => {
    const { result } = running()
    answers(() => refused(409, 'There is nothing to take back.'))
    act(() => result.current.press({ kind: 'undone' }))
    await waitFor(() => expect(result.current.trouble?.message).toBe('There is nothing to take back.'))
    expect(kept()).toEqual([])
    expect(result.current.notTaken).toEqual([])
  })
})
