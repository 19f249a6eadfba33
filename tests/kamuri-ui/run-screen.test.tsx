// @vitest-environment jsdom
import { answers, asked } from './server'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, cleanup, fireEvent, render, renderHook, screen, waitFor, within } from '@testing-library/react'
import type { ReactElement } from 'react'
import { MemoryRouter } from 'react-router'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { CountingView, RunTaskView, SessionView } from '../../src/kamuri-ui/api/client'
import { useKeys } from '../../src/kamuri-ui/app/keys'
import { unbroken } from '../../src/kamuri-ui/app/measures'
import { CountingBar, CountingLines, stageOf } from '../../src/kamuri-ui/places/today/run/Counting'
import { FinishSheet } from '../../src/kamuri-ui/places/today/run/FinishSheet'
import { NoteSheet } from '../../src/kamuri-ui/places/today/run/NoteSheet'
import { OtherOrder } from '../../src/kamuri-ui/places/today/run/OtherOrder'
import { ReadingSheet } from '../../src/kamuri-ui/places/today/run/ReadingSheet'
import { RunHeader } from '../../src/kamuri-ui/places/today/run/RunHeader'
import { sectionKeys } from '../../src/kamuri-ui/places/today/run/sectionKeys'
import { useSignals } from '../../src/kamuri-ui/places/today/run/signals'

const withServer = (element: ReactElement) => (
  <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
    {element}
  </QueryClientProvider>
)
const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }))
const write = (label: string, value: string) => {
  fireEvent.change(screen.getByLabelText(label), { target: { value } })
  fireEvent.blur(screen.getByLabelText(label))
}
const session = (more: Partial<SessionView> = {}) =>
  ({
    id: 'd1',
    rehearsal: false,
    heads: [{ key: '1', name: 'Ada' }],
    tasks: [],
    steps: [],
    readings: [],
    orderAsks: 0,
    ...more,
  }) as unknown as SessionView

const vibrate = vi.fn()
beforeEach(() => {
  localStorage.clear()
  vibrate.mockClear()
  Object.defineProperty(navigator, 'vibrate', { value: vibrate, configurable: true })
})
afterEach(cleanup)

describe('the top of a rehearsal', () => {
  const top = (isCalm: boolean, onSurprise = vi.fn()) => (
    <MemoryRouter>
      <RunHeader
        view={session({
          rehearsal: true,
          hands: [],
          factor: 60,
          now: '2026-03-14T12:00:00+01:00',
          endsAt: '2026-03-14T15:00:00+01:00',
          driftMinutes: 5,
        })}
        now={Date.parse('2026-03-14T12:00:00+01:00')}
        whose=""
        onWhose={vi.fn()}
        onRun={vi.fn()}
        onPlay={vi.fn()}
        onSurprise={onSurprise}
        isCalm={isCalm}
        reaching
      />
    </MemoryRouter>
  )

  it('asks for trouble, and says where there is none', () => {
    const surprise = vi.fn()
    const { rerender } = render(top(false, surprise))
    press('Surprise me')
    expect(surprise).toHaveBeenCalledOnce()
    expect(screen.queryByRole('status')).toBeNull()
    rerender(top(true))
    expect(screen.getByRole('status').textContent).toMatch(/^Nothing can go wrong just now/)
    expect(screen.getByRole('button', { name: '×60' }).getAttribute('aria-pressed')).toBe('true')
  })
})

describe('amounts in large type', () => {
  it('stay with what they count, and other words may part', () =>
    expect(unbroken('Pour over 10 ml dried herb, ½ tsp salt, section 3')).toBe(
      'Pour over 10\u00a0ml dried herb, ½\u00a0tsp salt, section 3',
    ))
})

describe('keys', () => {
  const key = (name: string, at: Element = document.body, more: KeyboardEventInit = {}) =>
    fireEvent.keyDown(at, { key: name, ...more })

  it('do what they are for, with what is newest', () => {
    const first = vi.fn()
    const second = vi.fn()
    const { rerender, unmount } = renderHook(({ pause }) => useKeys({ p: pause }), { initialProps: { pause: first } })
    key('p')
    rerender({ pause: second })
    key('p')
    key('q')
    unmount()
    key('p')
    expect([first.mock.calls.length, second.mock.calls.length]).toEqual([1, 1])
  })

  it('are quiet while somebody writes, with a modifier, and where the space bar is the button’s own', () => {
    const act = vi.fn()
    renderHook(() => useKeys({ p: act, ' ': act }))
    render(
      <>
        <input aria-label="field" />
        <button>button</button>
        <div role="dialog">
          <p>inside</p>
        </div>
      </>,
    )
    key('p', screen.getByLabelText('field'))
    key('p', screen.getByText('inside'))
    key('p', document.body, { ctrlKey: true })
    key(' ', screen.getByText('button'))
    expect(act).not.toHaveBeenCalled()
    key('p', screen.getByText('button'))
    key(' ')
    expect(act).toHaveBeenCalledTimes(2)
  })

  it('tick sections by their digit, the tenth by 0, and none that is done or not there', () => {
    const tick = vi.fn()
    const keys = sectionKeys({ id: 'rinse', sections: 12, sectionsDone: [2] } as unknown as RunTaskView, tick)
    expect(Object.keys(keys).sort()).toEqual(['0', '1', '3', '4', '5', '6', '7', '8', '9'])
    keys['3']!()
    keys['0']!()
    expect(tick.mock.calls).toEqual([
      ['rinse', 3],
      ['rinse', 10],
    ])
    expect(sectionKeys(undefined, tick)).toEqual({})
  })
})

describe('a wait', () => {
  const at = (minute: number) => `2026-11-28T10:${String(minute).padStart(2, '0')}:00+01:00`
  const wait = {
    task: 'dc',
    title: 'Deep condition, under a cap',
    since: at(0),
    earliestAt: at(10),
    usualAt: at(20),
    latestAt: at(40),
    afterLatest: 'Rinse now: left longer, it softens too far.',
  } as unknown as CountingView
  const now = (minute: number) => Date.parse(at(minute))

  it.each([
    [0, 'early'],
    [9, 'early'],
    [10, 'ready'],
    [39, 'ready'],
    [40, 'past'],
  ])('at %i minutes is %s', (minute, stage) => expect(stageOf(wait, now(minute))).toBe(stage))

  it('says where it stands, and is felt once at each mark it passes', () => {
    const bar = (minute: number) => <CountingBar wait={wait} now={now(minute)} colour="plum" />
    const { rerender } = render(bar(5))
    expect(screen.getByText('not before 10:10')).toBeTruthy()
    expect(screen.getByRole('timer').textContent).toBe('5:00')
    expect(vibrate).not.toHaveBeenCalled()
    rerender(bar(12))
    expect(screen.getByText('ready; finish by 10:40')).toBeTruthy()
    rerender(bar(13))
    expect(vibrate).toHaveBeenCalledTimes(1)
    rerender(bar(41))
    expect(screen.getByText(wait.afterLatest!)).toBeTruthy()
    expect(vibrate).toHaveBeenCalledTimes(2)
    expect(vibrate.mock.calls[1]![0]).not.toEqual(vibrate.mock.calls[0]![0])
    expect(screen.getByRole('img', { name: /earliest 10:10, usual 10:20, latest 10:40/ })).toBeTruthy()
  })

  it('that does no harm after its latest stays ready, says so, and nobody is called', () => {
    const harmless = { ...wait, harmlessAfter: true, afterLatest: 'Longer does no harm.' }
    expect(stageOf(harmless, now(41))).toBe('ready')
    const { rerender } = render(<CountingBar wait={harmless} now={now(12)} colour="plum" />)
    rerender(<CountingBar wait={harmless} now={now(41)} colour="plum" />)
    expect(screen.getByText('Longer does no harm.')).toBeTruthy()
    expect(vibrate).not.toHaveBeenCalled()
  })

  it('that was past its mark when the page opened is not felt again', () => {
    render(<CountingBar wait={wait} now={now(15)} colour="plum" />)
    expect(vibrate).not.toHaveBeenCalled()
  })

  it('is not felt where shaking is switched off, on this device from then on', () => {
    const { result } = renderHook(() => useSignals())
    act(() => result.current.change({ shake: false }))
    const { rerender } = render(<CountingBar wait={wait} now={now(5)} colour="plum" />)
    rerender(<CountingBar wait={wait} now={now(12)} colour="plum" />)
    expect(vibrate).not.toHaveBeenCalled()
    expect(JSON.parse(localStorage.getItem('kamuri.signals')!)).toMatchObject({ value: { shake: false, voice: false } })
    act(() => result.current.change({ shake: true }))
  })

  it('has a line of its own on a phone', () => {
    render(<CountingLines waits={[wait]} nameOf={() => 'Ada'} now={now(12)} />)
    expect(screen.getByText('Ada').parentElement?.textContent).toBe('Ada Deep condition')
    expect(screen.getByText('12:00').parentElement?.textContent).toBe('12:00 ready')
  })
})

describe('the end of a day', () => {
  const heads = [
    { key: '1', name: 'Ada' },
    { key: '2', name: 'Esi' },
  ] as unknown as SessionView['heads']

  it('is rated for each head by itself, and may be left open', () => {
    const finish = vi.fn()
    render(<FinishSheet session={session({ heads })} open onClose={vi.fn()} onFinish={finish} onDiscard={vi.fn()} />)
    fireEvent.click(screen.getByLabelText('Softness 4 of 5'))
    fireEvent.click(screen.getByLabelText('Slip 2 of 5'))
    press('Esi')
    expect((screen.getByLabelText('Softness 4 of 5') as HTMLInputElement).checked).toBe(false)
    fireEvent.click(screen.getByLabelText('Softness 5 of 5'))
    write('Note', '  less oil next time ')
    press('Save this day')
    expect(finish).toHaveBeenCalledWith({ '1': { softness: 4, slip: 2 }, '2': { softness: 5 } }, 'less oil next time')
  })

  it('of a rehearsal says that nothing is kept', () => {
    const finish = vi.fn()
    render(
      <FinishSheet
        session={session({ rehearsal: true })}
        open
        onClose={vi.fn()}
        onFinish={finish}
        onDiscard={vi.fn()}
      />,
    )
    expect(screen.getByText('Nothing is saved.')).toBeTruthy()
    press('End without saving')
    expect(finish).toHaveBeenCalledWith({}, null)
  })

  it('can wait', () => {
    const close = vi.fn()
    render(<FinishSheet session={session()} open onClose={close} onFinish={vi.fn()} onDiscard={vi.fn()} />)
    press('Back to the run')
    expect(close).toHaveBeenCalledTimes(1)
  })
})

describe('a note', () => {
  it('is kept in its own words, and an empty one is not', () => {
    const keep = vi.fn()
    const close = vi.fn()
    render(<NoteSheet open onClose={close} onKeep={keep} />)
    write('Note', '   ')
    press('Save note')
    expect([keep.mock.calls.length, close.mock.calls.length]).toEqual([0, 0])
    write('Note', ' tender behind the left ear ')
    press('Save note')
    expect(keep).toHaveBeenCalledWith('tender behind the left ear')
    expect(close).toHaveBeenCalledTimes(1)
  })
})

describe('a reading', () => {
  const sheet = (take: (event: unknown) => void, more: Partial<SessionView> = {}) =>
    withServer(
      <ReadingSheet
        session={session(more)}
        now={Date.parse('2026-11-28T09:10:00Z')}
        task="look"
        open
        onClose={vi.fn()}
        onTake={take}
      />,
    )

  it('is written by hand as people write it, and nothing else is kept', async () => {
    const take = vi.fn()
    answers(({ path }) =>
      path.includes('hot')
        ? { body: { value: null, written: null, wrong: 'Write a temperature like 38 °C or 100 F.' } }
        : { body: { value: '38.5', written: '38.5 °C' } },
    )
    render(sheet(take))
    write('How warm', 'hot')
    press('Save: How warm')
    expect(await screen.findByText('Write a temperature like 38 °C or 100 F.')).toBeTruthy()
    expect(take).not.toHaveBeenCalled()
    write('How warm', '38,5')
    press('Save: How warm')
    await waitFor(() => expect(take).toHaveBeenCalledTimes(1))
    expect(take).toHaveBeenCalledWith({ kind: 'reading', reading: 'celsius', value: 38.5, task: 'look' })
    expect((screen.getByLabelText('How warm') as HTMLInputElement).value).toBe('')
  })

  it('is read from the scale, or it is said that nothing is on it', async () => {
    answers(() => ({ body: { grams: null } }))
    render(sheet(vi.fn()))
    press('From the scale')
    expect(await screen.findByText('The scale is empty.')).toBeTruthy()
    answers(() => ({ body: { grams: 142 } }))
    press('From the scale')
    await waitFor(() => expect((screen.getByLabelText('How much') as HTMLInputElement).value).toBe('142'))
  })

  it('of what cools is taken in its own vessel', async () => {
    const take = vi.fn()
    const tea = {
      id: 'tea/cool',
      title: 'Tea cooling',
      status: 'running',
      start: '2026-11-28T10:00:00+01:00',
      cools: { vessel: 'bowl', volumeMl: 500, fromCelsius: 95 },
    }
    answers(() => ({ body: { celsius: 61 } }))
    render(sheet(take, { tasks: [tea] as unknown as SessionView['tasks'] }))
    press('From the probe')
    await waitFor(() => expect((screen.getByLabelText('How warm') as HTMLInputElement).value).toBe('61\u00a0°C'))
    expect(asked[0]).toMatchObject({
      method: 'PUT',
      path: '/api/probe',
      body: { on: true, vessel: 'bowl', volumeMl: 500, fromCelsius: 95, stoodMinutes: 10 },
    })
    press('Save: How warm')
    expect(take).toHaveBeenCalledWith({ kind: 'reading', reading: 'celsius', value: 61, task: 'tea/cool' })
  })

  it('that warns is seen to, the newest first', () => {
    const readings = ['38 °C, good.', '52 °C, too warm for the scalp.'].map((sentence, n) => ({
      at: `2026-11-28T10:0${n}:00+01:00`,
      sentence,
      warns: n === 1,
    }))
    render(sheet(vi.fn(), { readings: readings as unknown as SessionView['readings'] }))
    const lines = within(document.querySelector<HTMLElement>('[data-readings]')!).getAllByRole('listitem')
    expect(lines.map((line) => line.textContent)).toEqual([
      '10:01 52 °C, too warm for the scalp.',
      '10:00 38 °C, good.',
    ])
    expect([lines[0]!.className, lines[1]!.className].map((name) => name.includes('text-stop'))).toEqual([true, false])
  })
})

describe('another order', () => {
  it('is asked for only where the day has drifted, and offered in a sentence', async () => {
    const take = vi.fn()
    answers(() => ({ body: { sentence: 'In another order it is over at 18:40, 12 min sooner.' } }))
    const { rerender } = render(withServer(<OtherOrder session={session()} onTake={take} />))
    expect(asked).toEqual([])
    rerender(withServer(<OtherOrder session={session({ orderAsks: 1 })} onTake={take} />))
    expect(await screen.findByText(/12 min sooner/)).toBeTruthy()
    press('Use the new order')
    expect(take).toHaveBeenCalledWith({ kind: 'orderChanged' })
  })

  it('is not offered again once it was declined, until the day has drifted further', async () => {
    answers(() => ({ body: { sentence: 'It would be over sooner.' } }))
    const queries = new QueryClient()
    const shown = (orderAsks: number) => (
      <QueryClientProvider client={queries}>
        <OtherOrder session={session({ orderAsks })} onTake={vi.fn()} />
      </QueryClientProvider>
    )
    const { rerender } = render(shown(1))
    await screen.findByText('It would be over sooner.')
    press('Keep this order')
    expect(screen.queryByRole('status')).toBeNull()
    rerender(shown(1))
    expect(screen.queryByRole('status')).toBeNull()
    rerender(shown(2))
    expect(await screen.findByRole('status')).toBeTruthy()
  })

  it('that does not exist is not spoken of', async () => {
    answers(() => ({ status: 204 }))
    render(withServer(<OtherOrder session={session({ orderAsks: 3 })} onTake={vi.fn()} />))
    await waitFor(() => expect(asked).toHaveLength(1))
    expect(screen.queryByRole('status')).toBeNull()
  })
})
