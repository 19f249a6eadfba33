// @vitest-environment jsdom
import { act, renderHook } from '@testing-library/react'
import { beforeEach, describe, expect, it } from 'vitest'
import type { ChoicesView, HeadView } from '../../src/kamuri-ui/api/client'
import { useWish, type Day } from '../../src/kamuri-ui/places/today/plan/wish'

const choices = {
  aims: [
    { value: 'moisture', kinds: ['loose', 'locs'] },
    { value: 'strength', kinds: ['loose'] },
    { value: 'quick', kinds: ['loose', 'locs'] },
  ],
  usual: [
    { kind: 'loose', aim: 'moisture', style: 'twists' },
    { kind: 'locs', aim: 'quick', style: 'asItIs' },
  ],
  styles: [
    { value: 'twists', word: 'twists', kinds: ['loose'] },
    { value: 'bun', word: 'a bun', kinds: ['loose', 'locs'] },
    { value: 'asItIs', word: 'as it is', kinds: ['loose', 'locs'] },
  ],
} as unknown as ChoicesView

const head = (id: string, kind = 'loose') => ({ id, kind, head: { name: id } }) as unknown as HeadView
const [ada, bram, esi] = [head('ada'), head('bram', 'locs'), head('esi')]
const kept = () => (JSON.parse(localStorage.getItem('kamuri.wish') ?? 'null') as { value: Day } | null)?.value ?? null

beforeEach(() => localStorage.clear())

function asking() {
  const { result } = renderHook(() => useWish())
  act(() => result.current.wash(choices, ada))
  return result
}

describe('what is asked for', () => {
  it('begins with what is usual for the hair of the first head', () => {
    const { result } = renderHook(() => useWish())
    expect(result.current.day).toBeNull()
    act(() => result.current.washOneOf(choices, [bram, ada]))
    expect(result.current.wish).toMatchObject({
      headId: 'bram',
      aim: 'quick',
      style: 'asItIs',
      when: { mode: 'soonest' },
    })
    expect(kept()?.heads).toHaveLength(1)
  })

  it('is there again when the page is opened again, and only the last of it', () => {
    const result = asking()
    act(() => result.current.change({ aim: 'strength' }))
    const again = renderHook(() => useWish()).result
    expect(again.current.wish?.aim).toBe('strength')
    expect(again.current.undo).toBeNull()
  })

  it('takes back each change in turn, words and edits alike', () => {
    const result = asking()
    expect(result.current.undo).toBeNull()
    act(() => result.current.change({ style: 'bun' }))
    act(() => result.current.edit({ kind: 'dropped', step: 'teaRinse' } as never))
    act(() => result.current.add(choices, bram))
    expect(result.current.day?.heads).toHaveLength(2)
    act(() => result.current.undo!())
    expect(result.current.day?.heads).toHaveLength(1)
    expect(result.current.wish?.edits).toHaveLength(1)
    act(() => result.current.undo!())
    expect(result.current.wish).toMatchObject({ style: 'bun', edits: [] })
    act(() => result.current.undo!())
    expect(result.current.wish?.style).toBe('twists')
    expect(result.current.undo).toBeNull()
    expect(kept()?.heads[0]?.wish.style).toBe('twists')
  })

  it('remembers fifty changes', () => {
    const result = asking()
    for (let n = 1; n <= 60; n++) act(() => result.current.change({ sections: n }))
    let back = 0
    while (result.current.undo) {
      act(() => result.current.undo!())
      back++
    }
    expect(back).toBe(50)
    expect(result.current.wish?.sections).toBe(10)
  })
})

describe('several heads', () => {
  it('have one hour, and everything else of their own', () => {
    const result = asking()
    act(() => result.current.add(choices, esi))
    expect(result.current.day?.at).toBe(1)
    const when = { mode: 'readyBy', date: '2026-11-28', time: '19:00:00' } as const
    act(() => result.current.change({ when, aim: 'strength' }))
    expect(result.current.day?.heads.map((each) => [each.wish.when, each.wish.aim])).toEqual([
      [when, 'moisture'],
      [when, 'strength'],
    ])
    act(() => result.current.add(choices, bram))
    expect(result.current.wish).toMatchObject({ headId: 'bram', when, style: 'asItIs' })
  })

  it('are swapped with the words that suit the other hair, and without what was changed for the first', () => {
    const result = asking()
    act(() => result.current.edit({ kind: 'dropped', step: 'teaRinse' } as never))
    act(() => result.current.swap(choices, bram, 0))
    expect(result.current.wish).toMatchObject({ headId: 'bram', style: 'asItIs', aim: 'moisture', edits: [] })
    act(() => result.current.change({ style: 'bun' }))
    act(() => result.current.swap(choices, esi, 0))
    expect(result.current.wish?.style).toBe('bun')
  })

  it('are looked at without that being a change, and left out with it being one', () => {
    const result = asking()
    act(() => result.current.add(choices, bram))
    act(() => result.current.look(0))
    expect(result.current.wish?.headId).toBe('ada')
    act(() => result.current.leaveOut(0))
    expect(result.current.day?.heads.map((each) => each.wish.headId)).toEqual(['bram'])
    act(() => result.current.undo!())
    expect(result.current.day?.heads).toHaveLength(2)
  })

  it('that are gone meanwhile are left out, and with none of them left it begins anew', () => {
    const result = asking()
    act(() => result.current.add(choices, bram))
    act(() => result.current.washOneOf(choices, [bram, esi]))
    expect(result.current.day?.heads.map((each) => each.wish.headId)).toEqual(['bram'])
    act(() => result.current.washOneOf(choices, [esi]))
    expect(result.current.wish).toMatchObject({ headId: 'esi', style: 'twists' })
  })

  it('come with who is there and whose hands, all in one change', () => {
    const result = asking()
    const heads = [{ ...result.current.day!.heads[0]!, readyBy: '18:00:00' }]
    const taken = [{ resource: 'shower' as const, from: '17:00:00', to: '17:30:00' }]
    act(() => result.current.arrange({ heads, hands: [{ name: 'Ama' }], taken }))
    expect(kept()).toMatchObject({ hands: [{ name: 'Ama' }], taken, heads: [{ readyBy: '18:00:00' }] })
    act(() => result.current.undo!())
    expect(result.current.day).toMatchObject({ hands: [], taken: [] })
  })
})
