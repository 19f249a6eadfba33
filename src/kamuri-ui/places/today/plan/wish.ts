import { useCallback, useState } from 'react'
import type {
  ChoicesView,
  EditBody,
  HandsBody,
  HeadView,
  HouseholdPlanBody,
  PlanBody,
  StretchBody,
  TakenBody,
  TypedWish,
} from '@/api/client'
import { Kept } from '@/app/kept'
import { dayShape } from './wishShape'
import { wish as said } from './words'

/** What is asked for one head: the words of the sentence and the changes made to the plan. */
export type Wish = Omit<PlanBody, 'edits' | 'headId' | 'head' | 'steps'> & { headId: string; edits: EditBody[] }

/** One head of a day, with what only matters beside others. */
export interface Asked {
  wish: Wish
  /** When it is there to be worked on; none for always. */
  present: StretchBody[]
  readyBy: string | null
  pauseAfter: number | null
}

/** A day as it is asked for. Kept on this device until changed. */
export interface Day {
  heads: Asked[]
  /** The head whose steps are shown. */
  at: number
  hands: HandsBody[]
  taken: TakenBody[]
  /** The planned day it was opened from or saved as; saving it again changes that one. */
  planned: string | null
}

/** Several heads, or somebody or something to plan around: then all of it is placed together. */
export const isHousehold = (day: Day) =>
  day.heads.length > 1 ||
  day.hands.length > 0 ||
  day.taken.length > 0 ||
  day.heads.some((head) => head.present.length > 0 || head.readyBy !== null || head.pauseAfter !== null)

export const bodyOf = (day: Day): HouseholdPlanBody => ({
  heads: day.heads.map(({ wish, present, readyBy, pauseAfter }) => ({ plan: wish, present, readyBy, pauseAfter })),
  hands: day.hands.map((each) => ({ ...each, headIds: worksOn(each, day) })),
  when: day.heads[0]!.wish.when,
  taken: day.taken,
})

/** The heads of this day that a pair of hands works on; null for all. Whose only heads are not of the day any more works on all of it. */
export const worksOn = (hands: HandsBody, day: Pick<Day, 'heads'>): string[] | null => {
  const theirs = (hands.headIds ?? []).filter((id) => day.heads.some((head) => head.wish.headId === id))
  return theirs.length === 0 || theirs.length === day.heads.length ? null : theirs
}

/** Heads of one day. */
export const mostHeads = 4

/** Whose hands do it: those that were named, else those of the house. */
export const handsOf = (day: Pick<Day, 'hands'>, ofHouse: readonly string[]): HandsBody[] =>
  day.hands.length > 0 ? day.hands : ofHouse.map((name) => ({ name }))

/** These hands and a second pair that may do so much; null for all. */
export const withSecond = (one: HandsBody, mayDo: HandsBody['mayDo'] = null): HandsBody[] => [
  one,
  { name: one.name === 'Helper' ? said.you : 'Helper', mayDo },
]

/** Everybody's hands with the night left out. */
export const withoutNight = (hands: readonly HandsBody[], night: StretchBody): HandsBody[] =>
  hands.map((each) => ({ ...each, away: [...(each.away ?? []), night] }))

const kept = new Kept('kamuri.wish', 1, dayShape)

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
    when: { mode: 'soonest' },
    teaRinse: null,
    takesDown: false,
    treatmentHeat: null,
    dryingAir: 'still',
    layering: null,
    sections: null,
    edits: [],
  }
}

const alone = (wish: Wish): Day => ({
  heads: [{ wish, present: [], readyBy: null, pauseAfter: null }],
  at: 0,
  hands: [],
  taken: [],
  planned: null,
})

/** Makes a plan that was saved the one that is asked for when Today opens next. */
export const askFor = (plan: PlanBody, planned: string) =>
  kept.write({ ...alone({ ...plan, edits: plan.edits ?? [], headId: plan.headId! }), planned })

/** The same for a day of several heads, or one with people and things to plan around. */
export const askForAll = (body: HouseholdPlanBody, planned: string) => {
  const day: Day = {
    heads: body.heads.map(({ plan, present, readyBy, pauseAfter }) => ({
      wish: { ...plan, when: body.when, edits: plan.edits ?? [], headId: plan.headId! },
      present: present ?? [],
      readyBy: readyBy ?? null,
      pauseAfter: pauseAfter ?? null,
    })),
    at: 0,
    hands: body.hands ?? [],
    taken: body.taken ?? [],
    planned,
  }
  kept.write(day)
}

/** The head that was last asked for on this device. */
export const lastHead = () => {
  const day = kept.read()
  return day?.heads[day.at]?.wish.headId ?? null
}

const has = (heads: readonly HeadView[], id: string) => heads.some((head) => head.id === id)

/** The wish with its history: every change can be taken back, the sentence's words as well as edits to the plan. */
export function useWish() {
  const [{ day, past }, set] = useState<{ day: Day | null; past: Day[] }>(() => ({ day: kept.read(), past: [] }))

  const put = useCallback((make: (day: Day) => Day, remember = true) => {
    set((now) => {
      if (!now.day) return now
      const next = make(now.day)
      kept.write(next)
      return { day: next, past: remember ? [...now.past.slice(-49), now.day] : now.past }
    })
  }, [])

  const begin = useCallback((make: (day: Day | null) => Day | null) => {
    set((now) => {
      const next = make(now.day)
      if (!next || next === now.day) return now
      kept.write(next)
      return { day: next, past: [] }
    })
  }, [])

  /** Ask for this head alone, with the other words as they are. */
  const wash = useCallback(
    (choices: ChoicesView, head: HeadView) => begin((day) => alone(wishFor(choices, head, day?.heads[day.at]?.wish))),
    [begin],
  )
  /** Keep what is asked for as far as it is for these heads; with none of them left, begin anew with the first. */
  const washOneOf = useCallback(
    (choices: ChoicesView, heads: readonly HeadView[]) =>
      begin((day) => {
        const there = day?.heads.filter((each) => has(heads, each.wish.headId)) ?? []
        if (!day || there.length === 0) return alone(firstWish(choices, heads[0]!))
        return there.length === day.heads.length ? day : { ...day, heads: there, at: 0 }
      }),
    [begin],
  )

  const undo = useCallback(() => {
    set((now) => {
      const last = now.past.at(-1)
      if (!last) return now
      kept.write(last)
      return { day: last, past: now.past.slice(0, -1) }
    })
  }, [])

  /** Changes one head's wish; the hour is everybody's. */
  const changeAt = (at: number, asked: Partial<Wish>) => {
    // A routine is one of those for an aim: another aim begins with its own.
    const next = asked.aim && asked.routine === undefined ? { ...asked, routine: null, asLastTime: false } : asked
    put((day) => ({
      ...day,
      heads: day.heads.map((head, n) =>
        n === at
          ? { ...head, wish: { ...head.wish, ...next } }
          : next.when
            ? { ...head, wish: { ...head.wish, when: next.when } }
            : head,
      ),
    }))
  }

  const editAt = (at: number, edits: readonly EditBody[]) =>
    put((day) => ({
      ...day,
      heads: day.heads.map((head, n) =>
        n === at ? { ...head, wish: { ...head.wish, edits: [...head.wish.edits, ...edits] } } : head,
      ),
    }))

  return {
    day,
    wish: day?.heads[day.at]?.wish ?? null,
    changeAt,
    change: (next: Partial<Wish>) => changeAt(day?.at ?? 0, next),
    /** Changes who is there, whose hands do it and what is taken. */
    arrange: (next: Pick<Day, 'heads' | 'hands' | 'taken'>) => put((day) => ({ ...day, ...next })),
    edit: (...edits: EditBody[]) => editAt(day?.at ?? 0, edits),
    editAt,
    undo: past.length > 0 ? undo : null,
    wash,
    washOneOf,
    /** Another head in the place of one. */
    swap: (choices: ChoicesView, head: HeadView, at: number) =>
      put((day) => ({
        ...day,
        heads: day.heads.map((each, n) =>
          n === at ? { wish: wishFor(choices, head, each.wish), present: [], readyBy: null, pauseAfter: null } : each,
        ),
      })),
    /** What was typed, as far as it was understood: these heads, for this, worn so, at that hour. */
    write: (choices: ChoicesView, heads: readonly HeadView[], typed: TypedWish) =>
      put((day) => {
        const named = typed.heads.flatMap((id) => heads.find((each) => each.id === id) ?? [])
        const asked =
          named.length > 0
            ? named
            : day.heads.flatMap(({ wish }) => heads.find((each) => each.id === wish.headId) ?? [])
        return {
          ...day,
          at: 0,
          heads: asked.slice(0, mostHeads).map((head) => {
            const there = day.heads.find((each) => each.wish.headId === head.id)
            const before = there?.wish ?? firstWish(choices, head)
            const aim = choices.aims.find((each) => each.value === typed.aim && each.kinds.includes(head.kind))
            const style = choices.styles.find((each) => each.value === typed.style && each.kinds.includes(head.kind))
            return {
              present: [],
              readyBy: null,
              pauseAfter: null,
              ...there,
              wish: {
                ...before,
                when: typed.when ?? day.heads[0]!.wish.when,
                aim: aim?.value ?? before.aim,
                routine: aim && aim.value !== before.aim ? null : before.routine,
                style: style?.value ?? before.style,
              },
            }
          }),
        }
      }),
    /** One head more. */
    add: (choices: ChoicesView, head: HeadView) =>
      put((day) => ({
        ...day,
        at: day.heads.length,
        heads: [
          ...day.heads,
          {
            wish: { ...firstWish(choices, head), when: day.heads[0]!.wish.when },
            present: [],
            readyBy: null,
            pauseAfter: null,
          },
        ],
      })),
    leaveOut: (at: number) => put((day) => ({ ...day, at: 0, heads: day.heads.filter((_, n) => n !== at) })),
    /** It is a planned day from now on, or none any more. */
    savedAs: (planned: string | null) => put((day) => ({ ...day, planned }), false),
    /** It has begun: it is no planned day any more, and the hair does not come like that next time. */
    begun: () =>
      put(
        (day) => ({
          ...day,
          planned: null,
          heads: day.heads.map((head) => ({ ...head, wish: { ...head.wish, starts: null } })),
        }),
        false,
      ),
    look: (at: number) => put((day) => ({ ...day, at }), false),
  }
}

/** A head asked for with the words of another wish. A kept day goes along to it; changes made for the other one do not. */
const wishFor = (choices: ChoicesView, head: HeadView, like: Wish | undefined): Wish =>
  like
    ? {
        ...like,
        headId: head.id,
        aim: choices.aims.find((each) => each.value === like.aim)?.kinds.includes(head.kind)
          ? like.aim
          : firstWish(choices, head).aim,
        style: suiting(choices, head, like.style),
        takesDown: false,
        starts: null,
        routine: null,
        asLastTime: false,
        schools: null,
        uses: {},
        edits: [],
      }
    : firstWish(choices, head)
