import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query'
import { useSearchParams } from 'react-router'
import { api, told, type Treatment } from '@/api/client'
import { useWallClock } from '@/app/household'
import { monthName } from '@/app/time'
import { ChoiceWord } from '@/kit/Word'
import { record as words, treatments } from './words'

/**
 * Finished days by step and month, page by page, with the words that choose them. The choice stands in the address, so that a
 * link can ask for it and the way back finds the list as it was.
 */
export function useRecord(head: string, page: number) {
  const [search, setSearch] = useSearchParams()
  const now = useWallClock()
  const month = search.get('month') ?? ''
  const treatment = (treatments.find((each) => each.value === search.get('step'))?.value ?? 'any') as Treatment | 'any'
  const choose = (name: 'head' | 'step' | 'month') => (value: string) =>
    setSearch(
      (before) => {
        if (value === '' || value === 'any') before.delete(name)
        else before.set(name, value)
        return before
      },
      { replace: true },
    )
  const query = {
    take: page,
    ...(head && { head }),
    ...(treatment !== 'any' && { treatment }),
    ...(month && { month }),
  }
  const asked = useInfiniteQuery({
    queryKey: ['sessions', 'pages', query],
    placeholderData: keepPreviousData,
    initialPageParam: null as string | null,
    queryFn: ({ pageParam }) =>
      told(api.GET('/api/sessions', { params: { query: { ...query, ...(pageParam && { before: pageParam }) } } })),
    getNextPageParam: (last) => (last.length < page ? undefined : last.at(-1)!.startedAt),
  })
  return {
    asked,
    days: asked.data?.pages.flat().filter((day) => day.status === 'finished'),
    isChosen: !!month || treatment !== 'any',
    choose,
    step: <ChoiceWord label={words.step} value={treatment} choices={treatments} onChoose={choose('step')} />,
    month: (
      <ChoiceWord
        label={words.month}
        value={month}
        choices={[{ value: '', word: words.always }, ...lastMonths(now?.date)]}
        onChoose={choose('month')}
      />
    ),
  }
}

/** This month and the two years before it. */
function lastMonths(today: string | undefined) {
  if (!today) return []
  const [year = 0, of = 1] = today.split('-').map(Number)
  return Array.from({ length: 25 }, (_, ago) => {
    const first = new Date(Date.UTC(year, of - 1 - ago, 1)).toISOString().slice(0, 10)
    return { value: first, word: words.inMonth({ month: monthName(first) }) }
  })
}
