import { useMemo, useSyncExternalStore } from 'react'
import { z } from 'zod'
import type { MeasuredWords } from '@/api/client'
import { Kept } from './kept'

export type Measure = 'metric' | 'spoons' | 'weight'

export const measures: { value: Measure; word: string }[] = [
  { value: 'metric', word: 'millilitres' },
  { value: 'spoons', word: 'spoons and cups' },
  { value: 'weight', word: 'grams' },
]

const kept = new Kept<Measure>('kamuri.measure', 1, z.enum(['metric', 'spoons', 'weight']))
const listeners = new Set<() => void>()
const read = (): Measure => kept.read() ?? 'metric'
const subscribe = (listener: () => void) => {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** How amounts are written on this device; every amount on the screen follows it at once. */
export function useMeasure() {
  const measure = useSyncExternalStore(subscribe, read)
  return {
    measure,
    choose: (next: Measure) => {
      kept.write(next)
      listeners.forEach((listener) => listener())
    },
  }
}

/** Words in which no line ends between a number and what it counts. */
export const unbroken = (words: string) => words.replace(/([\d¼½¾⅓⅔]) (?=\p{L})/gu, '$1\u00a0')

/** An amount, or a sentence with amounts in it, as the device writes amounts. */
export const written = (words: MeasuredWords, measure: Measure) => words[measure]

/** Tasks with the amounts in their titles as the device writes them. */
export function useTitled<T extends { title: string; words?: MeasuredWords | null }>(tasks: readonly T[]): T[] {
  const { measure } = useMeasure()
  return useMemo(
    () => tasks.map((task) => (task.words ? { ...task, title: written(task.words, measure) } : task)),
    [tasks, measure],
  )
}
