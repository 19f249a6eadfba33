import { useCallback, useState } from 'react'
import type { ChoicesView, EditBody, HeadView, PlanBody } from '@/api/client'

/** What is asked for: the words of the sentence and the changes made to the plan. Kept on this device until changed. */
export type Wish = Omit<PlanBody, 'edits' | 'headId' | 'head' | 'steps'> & { headId: string; edits: EditBody[] }

const kept = 'kamuri.wish'

/** The style as it was asked for where this kind of hair can be worn so; else what the core says is usual for it. */
const suiting = (choices: ChoicesView, head: HeadView, style: Wish['style']): Wish['style'] => {
  const usual = choices.usual.find((each) => each.kind === head.kind)?.style ?? 'asItIs'
  const fits = choices.styles.find((each) => each.value === style)?.kinds.includes(head.kind)
  return fits && (style !== 'asItIs' || usual === 'asItIs') ? style : usual
}

const firstWish = (choices: ChoicesView, head: HeadView): Wish => {
  const usual = choices.usual.find((each) => each.kind === head.kind)
  return {
    headId: head.id,
    aim: usual?.aim ?? 'moisture',
    style: usual?.style ?? 'asItIs',
    when: { mode: 'startNow' },
    teaRinse: null,
    treatmentHeat: null,
    dryingAir: 'still',
    layering: null,
    sections: null,
    edits: [],
  }
}

/** Makes a plan that was kept the one that is asked for when Today opens next. */
export const askFor = (plan: PlanBody) =>
  localStorage.setItem(kept, JSON.stringify({ ...plan, edits: plan.edits ?? [], headId: plan.headId }))

/** The head that was last asked for on this device. */
export const lastHead = () => restore()?.headId ?? null

function restore(): Wish | null {
  try {
    return JSON.parse(localStorage.getItem(kept) ?? 'null') as Wish | null
  } catch {
    return null
  }
}

/** The wish with its history: every change can be taken back, the sentence's words as well as edits to the plan. */
export function useWish(): {
  wish: Wish | null
  change: (next: Partial<Wish>) => void
  edit: (...edits: EditBody[]) => void
  undo: (() => void) | null
  /** Ask for this head, with the other words as they are. */
  wash: (choices: ChoicesView, head: HeadView) => void
  /** Keep what is asked for if it is for one of these heads; else begin anew with the first. */
  washOneOf: (choices: ChoicesView, heads: readonly HeadView[]) => void
} {
  const [{ wish, past }, set] = useState<{ wish: Wish | null; past: Wish[] }>(() => ({ wish: restore(), past: [] }))

  const put = useCallback((make: (wish: Wish) => Wish) => {
    set((now) => {
      if (!now.wish) return now
      const next = make(now.wish)
      localStorage.setItem(kept, JSON.stringify(next))
      return { wish: next, past: [...now.past.slice(-49), now.wish] }
    })
  }, [])

  const begin = useCallback((make: (wish: Wish | null) => Wish | null) => {
    set((now) => {
      const next = make(now.wish)
      if (!next || next === now.wish) return now
      localStorage.setItem(kept, JSON.stringify(next))
      return { wish: next, past: [] }
    })
  }, [])
  const wash = useCallback(
    (choices: ChoicesView, head: HeadView) =>
      begin((wish) =>
        wish
          ? // A kept day goes along to the next head; changes made for this one do not.
            { ...wish, headId: head.id, style: suiting(choices, head, wish.style), schools: null, uses: {}, edits: [] }
          : firstWish(choices, head),
      ),
    [begin],
  )
  const washOneOf = useCallback(
    (choices: ChoicesView, heads: readonly HeadView[]) =>
      begin((wish) => (heads.some((head) => head.id === wish?.headId) ? wish : firstWish(choices, heads[0]!))),
    [begin],
  )

  const undo = useCallback(() => {
    set((now) => {
      const last = now.past.at(-1)
      if (!last) return now
      localStorage.setItem(kept, JSON.stringify(last))
      return { wish: last, past: now.past.slice(0, -1) }
    })
  }, [])

  return {
    wish,
    change: (next) => put((wish) => ({ ...wish, ...next })),
    edit: (...edits) => put((wish) => ({ ...wish, edits: [...wish.edits, ...edits] })),
    undo: past.length > 0 ? undo : null,
    wash,
    washOneOf,
  }
}
