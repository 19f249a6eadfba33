import { useMemo } from 'react'
import type { MeasuredWords } from '@/api/client'
import { useChangeHousehold, useHousehold } from './household'
import { followStyle, useStyle, type WritingStyle } from './style'

type Amounts = WritingStyle['amounts']
export type Measure = 'metric' | 'spoons' | 'weight'

const keys: Record<Amounts, Measure> = { millilitres: 'metric', spoons: 'spoons', grams: 'weight' }

/** How amounts are written in this household; every amount on the screen follows it at once. */
export function useMeasure() {
  const style = useStyle()
  const house = useHousehold().data?.house
  const change = useChangeHousehold().mutate
  return {
    measure: keys[style.amounts],
    amounts: style.amounts,
    choose: (amounts: Amounts) => {
      const writing = { ...style, amounts }
      followStyle(writing)
      if (house) change({ ...house, writing })
    },
  }
}

/** Words in which no line ends between a number and what it counts. */
export const unbroken = (words: string) => words.replace(/([\d¼½¾⅓⅔]) (?=\p{L})/gu, '$1\u00a0')

/** An amount, or a sentence with amounts in it, as the household writes amounts. */
export const written = (words: MeasuredWords, measure: Measure) => words[measure]

/** Tasks with the amounts in their titles as the household writes them. */
export function useTitled<T extends { title: string; words?: MeasuredWords | null }>(tasks: readonly T[]): T[] {
  const measure = keys[useStyle().amounts]
  return useMemo(
    () => tasks.map((task) => (task.words ? { ...task, title: written(task.words, measure) } : task)),
    [tasks, measure],
  )
}
