import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { EventBody, PlanBody } from '../../src/kamuri-ui/api/client'
import {
  askFor,
  askForAll,
  bodyOf,
  isHousehold,
  lastHead,
  type Day,
  type Wish,
} from '../../src/kamuri-ui/places/today/plan/wish'
import { newId } from '../../src/kamuri-ui/app/newId'
import { Waiting } from '../../src/kamuri-ui/places/today/run/presses'

/** What a browser keeps for a page. */
const store = new Map<string, string>()
beforeEach(() => {
  store.clear()
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => store.get(key) ?? null,
    setItem: (key: string, value: string) => void store.set(key, value),
    removeItem: (key: string) => void store.delete(key),
  })
})

const press = (id: string, more: Partial<EventBody> = {}): EventBody => ({ id, kind: 'taskDone', ...more }) as EventBody

describe('what was pressed out of reach', () => {
  it('is kept in the order it was pressed, and answered from the front', () => {
    const waiting = new Waiting('a day')
    expect(waiting.first).toBeUndefined()
    waiting.add(press('1', { kind: 'taskStarted', task: '1/rinse' }))
    waiting.add(press('2', { task: '1/rinse' }))
    expect([waiting.count, waiting.first?.id]).toEqual([2, '1'])
    waiting.drop()
    expect([waiting.count, waiting.first?.id]).toEqual([1, '2'])
  })

  it('is still there when the page was closed and opened again, each day its own', () => {
    new Waiting('a day').add(press('1'))
    new Waiting('another').add(press('2'))
    expect(new Waiting('a day').first?.id).toBe('1')
    expect(new Waiting('another').first?.id).toBe('2')
  })

  it('leaves nothing behind when all of it is answered, and answering nothing is no harm', () => {
    const waiting = new Waiting('a day')
    waiting.add(press('1'))
    waiting.drop()
    waiting.drop()
    expect(waiting.count).toBe(0)
    expect([...store.keys()]).toEqual([])
  })

  it('begins empty where what is kept cannot be read', () => {
    store.set('kamuri.waiting.a day', '[{"id":')
    const waiting = new Waiting('a day')
    expect(waiting.count).toBe(0)
    waiting.add(press('1'))
    expect(new Waiting('a day').first?.id).toBe('1')
  })
})

describe('an id for a press', () => {
  const shape = /^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/

  it('is one that no other press has', () => {
    const ids = Array.from({ length: 500 }, newId)
    expect(new Set(ids).size).toBe(500)
    for (const id of ids) expect(id).toMatch(shape)
  })

  it('can be made on a page of the home network, which has no ids of its own', () => {
    const bytes = crypto.getRandomValues.bind(crypto)
    vi.stubGlobal('crypto', { getRandomValues: bytes })
    const ids = Array.from({ length: 500 }, newId)
    vi.unstubAllGlobals()
    expect(new Set(ids).size).toBe(500)
    for (const id of ids) expect(id).toMatch(shape)
  })
})

const wish = (headId: string, more: Partial<Wish> = {}): Wish =>
  ({ headId, aim: 'moisture', style: 'twists', when: { mode: 'startNow' }, edits: [], ...more }) as Wish

const asked = (headId: string, more: Partial<Wish> = {}) => ({
  wish: wish(headId, more),
  present: [],
  readyBy: null,
  pauseAfter: null,
})

const day = (more: Partial<Day> = {}): Day => ({
  heads: [asked('oriel')],
  at: 0,
  hands: [],
  taken: [],
  planned: null,
  ...more,
})

describe('a day as it is asked for', () => {
  it('is placed together as soon as there is anybody or anything to plan around', () => {
    const only = asked('oriel')
    expect(isHousehold(day())).toBe(false)
    expect(isHousehold(day({ heads: [only, asked('bram')] }))).toBe(true)
    expect(isHousehold(day({ hands: [{ name: 'Sol' }] as Day['hands'] }))).toBe(true)
    expect(isHousehold(day({ taken: [{ resource: 'shower', from: '17:00', to: '17:30' }] as Day['taken'] }))).toBe(true)
    expect(isHousehold(day({ heads: [{ ...only, readyBy: '20:30' }] }))).toBe(true)
    expect(isHousehold(day({ heads: [{ ...only, pauseAfter: 25 }] }))).toBe(true)
    expect(isHousehold(day({ heads: [{ ...only, present: [{ from: '15:00', to: '20:00' }] as never }] }))).toBe(true)
  })

  it('has one hour for all of its heads, that of the first', () => {
    const when = { mode: 'readyBy', date: '2026-03-14', time: '20:00' } as Wish['when']
    const body = bodyOf(day({ heads: [asked('oriel', { when }), asked('bram')] }))
    expect(body.when).toEqual(when)
    expect(body.heads.map((head) => head.plan.headId)).toEqual(['oriel', 'bram'])
  })

  it('that was kept for later comes back whole, with the hour it was kept for', () => {
    const when = { mode: 'startAt', date: '2026-03-15', time: '09:00' } as Wish['when']
    const sent = bodyOf(
      day({ heads: [{ ...asked('bram', { when }), readyBy: '18:00', pauseAfter: 25 }, asked('wren', { when })] }),
    )
    askForAll(sent, 'planned-1')
    expect(lastHead()).toBe('bram')
    const kept = (JSON.parse(store.get('kamuri.wish')!) as { value: Day }).value
    expect(bodyOf(kept)).toEqual(sent)
    expect(kept.planned).toBe('planned-1')
  })

  it('of one head that was kept before there were several is read as a day of one', () => {
    askFor({ ...wish('wren'), edits: null } as unknown as PlanBody, 'planned-2')
    expect(lastHead()).toBe('wren')
  })

  it('is forgotten where it cannot be read', () => {
    store.set('kamuri.wish', 'not a day')
    expect(lastHead()).toBeNull()
    store.delete('kamuri.wish')
    expect(lastHead()).toBeNull()
  })
})

describe('what this device keeps', () => {
  const named = (wishes: object) => {
    store.set('kamuri.wish', JSON.stringify(wishes))
    return lastHead()
  }

  it('is dropped when a word in it is not known any more', () => {
    expect(named({ ...wish('wren'), aim: 'shine' })).toBeNull()
    expect(store.has('kamuri.wish')).toBe(false)
    expect(named({ ...wish('wren'), edits: [{ kind: 'polish', step: 'oil' }] })).toBeNull()
  })

  it('is dropped when another version wrote it', () => {
    expect(named({ version: 99, value: wish('wren') })).toBeNull()
    expect(named({ version: 1, value: wish('wren') })).toBe('wren')
  })

  it('is dropped when it points past what is there', () => {
    const one = { wish: wish('wren'), present: [], readyBy: null, pauseAfter: null }
    expect(named({ version: 1, value: { heads: [one], at: 3, hands: [], taken: [] } })).toBeNull()
    expect(named({ version: 1, value: { heads: [], at: 0, hands: [], taken: [] } })).toBeNull()
  })

  it('loses only the presses nobody understands', () => {
    store.set(
      'kamuri.waiting.a-day',
      JSON.stringify({
        version: 1,
        value: [{ id: 'x', kind: 'taskDone', task: 'look' }, { id: 'y', kind: 'hover' }, 7],
      }),
    )
    expect(new Waiting('a-day').all.map((press) => press.id)).toEqual(['x'])
    store.set('kamuri.waiting.a-day', '{broken')
    expect(new Waiting('a-day').count).toBe(0)
  })
})
