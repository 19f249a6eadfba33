// @vitest-environment jsdom
import { answers, asked, type Answer } from './server'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react'
import type { ComponentProps, ReactElement } from 'react'
import { MemoryRouter, Route, Routes } from 'react-router'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { HeadView, HouseholdPlanBody } from '../../src/kamuri-ui/api/client'
import { PasscodePage } from '../../src/kamuri-ui/places/devices/PasscodePage'
import { DayActions } from '../../src/kamuri-ui/places/today/plan/DayActions'
import { WhoIsThere } from '../../src/kamuri-ui/places/today/plan/WhoIsThere'
import type { Day } from '../../src/kamuri-ui/places/today/plan/wish'

const shown = (element: ReactElement) =>
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <MemoryRouter initialEntries={['/today']}>
        <Routes>
          <Route path="/today" element={element} />
          <Route path="/run/:id" element={<p>running</p>} />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  )
const button = (name: string | RegExp) => screen.getByRole<HTMLButtonElement>('button', { name })
const press = (name: string | RegExp) => fireEvent.click(button(name))
const field = (label: string, at = 0) => screen.getAllByLabelText<HTMLInputElement>(label)[at]!
const write = (label: string, value: string, at = 0) => {
  fireEvent.change(field(label, at), { target: { value } })
  fireEvent.blur(field(label, at))
}

/** Types a time and leaves the field, as a person would, and waits until it is understood. */
const writeTime = async (label: string, value: string, at = 0) => {
  write(label, value, at)
  fireEvent.blur(field(label, at))
  const asks = () => asked.filter((each) => each.path.endsWith(`text=${encodeURIComponent(value)}`)).length
  await waitFor(() => expect(asks()).toBeGreaterThan(0))
  await waitFor(() => expect(field(label, at).value).toBe(value))
}
/** Times mean what they say; to everything else the answer is the same. */
const timesAnd = (body: unknown) =>
  answers(({ path }) => {
    const typed = /^\/api\/typed\/time\?text=(.*)$/.exec(path)?.[1]
    if (!typed) return { body }
    const written = decodeURIComponent(typed)
    return { body: { value: `${written}:00`, written } }
  })

beforeEach(() => localStorage.clear())
afterEach(cleanup)

describe('who is there', () => {
  const heads = [{ id: 'ada', head: { name: 'Ada' } }] as unknown as HeadView[]
  const day = {
    heads: [
      { wish: { headId: 'ada', when: { mode: 'startNow' }, edits: [] }, present: [], readyBy: null, pauseAfter: null },
    ],
    at: 0,
    hands: [],
    taken: [],
  } as unknown as Day
  const sheet = (arrange = vi.fn(), ofHouse = ['You'], asked = day) => {
    shown(<WhoIsThere day={asked} heads={heads} ofHouse={ofHouse} open onClose={vi.fn()} onArrange={arrange} />)
    return arrange
  }

  it('is sent to be placed as it was written, half a time being none', async () => {
    timesAnd({})
    const arrange = sheet()
    await writeTime('At home from', '15:00')
    await writeTime('to', '20:30')
    press('Add a time')
    await writeTime('At home from', '21:00', 1)
    await writeTime('Done and dry by', '19:00')
    write('A break after', '45')
    press('Plan with this')
    await waitFor(() => expect(arrange).toHaveBeenCalledTimes(1))
    const head = { present: [{ from: '15:00:00', to: '20:30:00' }], readyBy: '19:00:00', pauseAfter: 45 }
    expect((asked.find((each) => each.body)!.body as HouseholdPlanBody).heads[0]).toMatchObject(head)
    expect(arrange.mock.calls[0]![0]).toMatchObject({ heads: [head], hands: [], taken: [] })
  })

  it('may be two pairs of hands that do different things, and one again', async () => {
    answers(() => ({ body: {} }))
    const arrange = sheet()
    press('A second pair of hands')
    expect(field('Name').value).toBe('You')
    write('Name', 'Kofi', 1)
    fireEvent.click(screen.getAllByLabelText('Detangling')[1]!)
    press('Plan with this')
    await waitFor(() => expect(arrange).toHaveBeenCalledTimes(1))
    const [one, other] = (asked[0]!.body as HouseholdPlanBody).hands!
    expect([one!.name, one!.mayDo ?? null]).toEqual(['You', null])
    expect([other!.name, other!.mayDo]).toEqual(['Kofi', ['kitchen', 'water', 'treating', 'styling']])
    press('Remove Kofi')
    press('One pair that does it all')
    expect(screen.queryByLabelText('Name')).toBeNull()
  })

  it('says which heads a pair of hands works on, as long as they are of the day', async () => {
    answers(() => ({ body: {} }))
    const bo = { ...day.heads[0]!, wish: { ...day.heads[0]!.wish, headId: 'bo' } }
    heads.push({ id: 'bo', head: { name: 'Bo' } } as unknown as HeadView)
    const two = { ...day, heads: [...day.heads, bo], hands: [{ name: 'You' }, { name: 'Kofi', headIds: ['gone'] }] }
    const arrange = sheet(vi.fn(), ['You'], two)
    // Whose only head is gone works on all that are there.
    expect(screen.getAllByLabelText<HTMLInputElement>('Bo').map((box) => box.checked)).toEqual([true, true])
    fireEvent.click(screen.getAllByLabelText('Ada')[1]!)
    press('Plan with this')
    await waitFor(() => expect(arrange).toHaveBeenCalledTimes(1))
    const hands = (asked[0]!.body as HouseholdPlanBody).hands!
    expect(hands.map((each) => each.headIds)).toEqual([null, ['bo']])
    heads.pop()
  })

  it('begins with the hands of the house, of which one can be left out for a day', async () => {
    answers(() => ({ body: {} }))
    const arrange = sheet(vi.fn(), ['You', 'Helper'])
    expect(screen.queryByText('A second pair of hands', { selector: 'button' })).toBeNull()
    press('Remove Helper')
    expect(field('Name').value).toBe('You')
    press('Both pairs of the house')
    press('Remove You')
    press('Plan with this')
    await waitFor(() => expect(arrange).toHaveBeenCalledTimes(1))
    expect((asked[0]!.body as HouseholdPlanBody).hands).toMatchObject([{ name: 'Helper' }])
    // A second pair beside the helper is not a second helper.
    press('A second pair of hands')
    expect([field('Name').value, field('Name', 1).value]).toEqual(['Helper', 'You'])
  })

  it('comes with what others have taken, which can be taken back', async () => {
    answers(() => ({ body: {} }))
    const arrange = sheet()
    press('Add something in use')
    press('Add something in use')
    fireEvent.change(screen.getAllByLabelText('What')[1]!, { target: { value: 'steamer' } })
    fireEvent.click(screen.getAllByRole('button', { name: 'Remove' })[0]!)
    press('Plan with this')
    await waitFor(() => expect(arrange).toHaveBeenCalledTimes(1))
    expect((asked[0]!.body as HouseholdPlanBody).taken).toEqual([
      { resource: 'steamer', from: '17:00:00', to: '17:30:00' },
    ])
  })

  it('that does not fit is said at its field, and nothing written is lost', async () => {
    timesAnd({})
    const arrange = sheet()
    await writeTime('Done and dry by', '06:00')
    answers(() => ({ status: 400, body: { errors: { 'heads[0].readyBy': ['That hour is over.'] } } }))
    press('Plan with this')
    await waitFor(() => expect(field('Done and dry by').getAttribute('aria-invalid')).toBe('true'))
    const note = document.getElementById(field('Done and dry by').getAttribute('aria-describedby')!)
    expect(note?.textContent).toBe('That hour is over.')
    expect(field('Done and dry by').value).toBe('06:00')
    expect(arrange).not.toHaveBeenCalled()
  })

  it('that cannot be placed at all is said in a sentence', async () => {
    answers(() => ({ status: 422, body: { detail: 'Nobody may do this for Ada: detangle.' } }))
    sheet()
    press('Plan with this')
    expect((await screen.findByRole('alert')).textContent).toBe('Nobody may do this for Ada: detangle.')
  })
})

describe('what can be done with a plan', () => {
  const at = (time: string) => `2026-11-28T${time}:00+01:00`
  const house: Answer = { body: { now: at('10:00'), clockSpeed: 1, house: {} } }
  const says =
    (answer: Answer) =>
    ({ path, method }: { path: string; method: string }): Answer =>
      path === '/api/household' ? house : path === '/api/sessions' && method === 'GET' ? { body: [] } : answer
  const actions = (mode: string, more: Partial<ComponentProps<typeof DayActions>> = {}) => {
    const body = { plan: { headId: 'ada', when: { mode } } } as unknown as ComponentProps<typeof DayActions>['body']
    shown(
      <DayActions
        body={body}
        kept={body}
        begins={at('10:05')}
        canStart
        canKeep
        planned={null}
        onSaved={vi.fn()}
        onBegun={vi.fn()}
        onFromNow={vi.fn()}
        {...more}
      >
        {null}
      </DayActions>,
    )
  }

  it('is to begin it now, or to rehearse it on the fast clock', async () => {
    answers(says({ status: 201, body: { id: 'd1', rehearsal: true } }))
    actions('startNow')
    expect(screen.queryByRole('button', { name: 'Save the day' })).toBeNull()
    press('Rehearse')
    expect(await screen.findByText('running')).toBeTruthy()
    expect(asked.find((each) => each.method === 'POST')?.body).toMatchObject({ rehearsal: true, speed: 60 })
  })

  it('is to keep it where it begins later, and then it says where', async () => {
    answers(says({ body: { day: { id: 'k1' }, before: null } }))
    const [fromNow, saved] = [vi.fn(), vi.fn()]
    actions('readyBy', { begins: at('15:00'), onFromNow: fromNow, onSaved: saved })
    await waitFor(() => expect(button('Save the day').disabled).toBe(false))
    expect(screen.queryByRole('button', { name: 'Begin now' })).toBeNull()
    press('Plan again from now')
    expect(fromNow).toHaveBeenCalledTimes(1)
    press('Save the day')
    expect((await screen.findByRole('status')).textContent).toContain('Ahead')
    const [put] = asked.filter((each) => each.method === 'PUT')
    expect(put!.path).toBe(`/api/planned-days/${String(saved.mock.calls[0]![0])}`)
    press('Undo')
    await waitFor(() => expect(saved).toHaveBeenLastCalledWith(null))
    expect(asked.at(-1)).toMatchObject({ method: 'DELETE', path: '/api/planned-days/k1' })
  })

  it('is saved with the hour it was put off to, when nobody named one', async () => {
    answers(says({ body: { day: { id: 'k1' }, before: null } }))
    actions('soonest', { begins: '2026-11-29T09:00:00+01:00' })
    await waitFor(() => expect(button('Save the day').disabled).toBe(false))
    press('Save the day')
    await screen.findByRole('status')
    expect(asked.find((each) => each.method === 'PUT')!.body).toMatchObject({
      plan: { when: { mode: 'startAt', date: '2026-11-29', time: '09:00:00' } },
    })
    cleanup()
    actions('soonest')
    expect(await screen.findByRole('button', { name: 'Begin now' })).toBeTruthy()
  })

  it('is to change the planned day it was opened from, and to go back', async () => {
    const before = { plan: { headId: 'ada', when: { mode: 'readyBy' } } }
    answers(says({ body: { day: { id: 'k1' }, before } }))
    actions('readyBy', { begins: at('15:00'), planned: 'k1' })
    await waitFor(() => expect(button('Save the day').disabled).toBe(false))
    press('Save the day')
    expect((await screen.findByRole('status')).textContent).toContain('The planned day is changed.')
    press('Undo')
    await waitFor(() => expect(asked.filter((each) => each.path === '/api/planned-days/k1')).toHaveLength(2))
    expect(asked.filter((each) => each.path === '/api/planned-days/k1')[1]!.body).toEqual(before)
  })

  it('is to go back to the run while one of its heads is in it', async () => {
    answers(({ path }) =>
      path === '/api/household' ? house : { body: [{ id: 'r1', headId: 'ada', status: 'running' }] },
    )
    actions('startNow')
    expect((await screen.findByRole('link', { name: 'Open the run' })).getAttribute('href')).toBe('/run/r1')
    expect(screen.queryByRole('button', { name: 'Begin now' })).toBeNull()
  })

  it('is to begin it where its hour has come, half an hour early or less', async () => {
    answers(says(house))
    actions('startAt', { begins: at('10:30') })
    expect(await screen.findByRole('button', { name: 'Begin now' })).toBeTruthy()
    expect(button('Save the day').disabled).toBe(false)
  })

  it('is nothing while it cannot be begun, and says why it was refused', async () => {
    answers(says({ status: 409, body: { detail: 'Ada is being washed already.' } }))
    actions('startNow', { canStart: false })
    expect([button('Begin now').disabled, button('Rehearse').disabled]).toEqual([true, true])
    cleanup()
    actions('startNow')
    press('Begin now')
    expect((await screen.findByRole('alert')).textContent).toBe('Ada is being washed already.')
  })
})

describe('another device', () => {
  it('enters with the passcode and its own name, and hears what was wrong', async () => {
    answers(() => ({ status: 403, body: { detail: 'That is not it.' } }))
    shown(<PasscodePage hasPasscode />)
    expect(button('Enter').disabled).toBe(true)
    write('Passcode', 'green kettle')
    write('This device is called', 'bathroom phone')
    press('Enter')
    expect((await screen.findByRole('alert')).textContent).toBe('That is not it.')
    expect(asked[0]).toMatchObject({
      path: '/api/access/enter',
      body: { passcode: 'green kettle', device: 'bathroom phone' },
    })
    // What keeps passcodes keeps this one under the household, not under the name of the device.
    expect(document.querySelector<HTMLInputElement>('[autocomplete=username]')?.value).toBe('household')
  })

  it('is told where a passcode is set while there is none', () => {
    shown(<PasscodePage hasPasscode={false} />)
    expect(screen.getByText(/Set one on the computer Kamuri runs on/)).toBeTruthy()
    expect(screen.queryByLabelText('Passcode')).toBeNull()
  })
})
