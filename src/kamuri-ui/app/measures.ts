import { useSyncExternalStore } from 'react'
import type { MeasuredAmount } from '@/api/client'

export type Measure = 'metric' | 'spoons' | 'weight'

export const measures: { value: Measure; word: string }[] = [
  { value: 'metric', word: 'millilitres' },
  { value: 'spoons', word: 'spoons and cups' },
  { value: 'weight', word: 'grams' },
]

const name = 'kamuri.measure'
const listeners = new Set<() => void>()
const read = (): Measure => (localStorage.getItem(name) as Measure | null) ?? 'metric'
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
      localStorage.setItem(name, next)
      listeners.forEach((listener) => listener())
    },
  }
}

/** One amount as the device writes amounts. */
export const written = (amount: MeasuredAmount, measure: Measure) => amount[measure]
