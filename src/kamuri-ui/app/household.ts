import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { api, told, type HouseholdBody, type HouseholdView } from '@/api/client'
import { followStyle, styleOfBrowser } from './style'
import { followToday } from './time'

/** What the server said of the house holds for every date and figure that is written from now on. */
function heard(view: HouseholdView) {
  followToday(view.now.slice(0, 10))
  if (view.house.writing) followStyle(view.house.writing)
  return view
}

export function useHousehold() {
  return useQuery({
    queryKey: ['household'],
    queryFn: () => told(api.GET('/api/household')).then(heard),
    refetchInterval: 60_000,
  })
}

export function useChangeHousehold() {
  const queries = useQueryClient()
  return useMutation({
    // One after the other, so that the last press is the one that holds.
    scope: { id: 'household' },
    mutationFn: (body: HouseholdBody) => told(api.PUT('/api/household', { body })),
    onSuccess: (view) => {
      queries.setQueryData(['household'], heard(view))
      // Sentences of every page follow its units.
      void queries.invalidateQueries({ predicate: (query) => query.queryKey[0] !== 'household' })
    },
  })
}

/** The household's wall clock, "15:12", ticking on from the server's answer. */
export function useWallClock(): { time: string; date: string } | null {
  const { data, dataUpdatedAt } = useHousehold()
  const [present, tick] = useState(() => Date.now())
  useEffect(() => {
    const timer = setInterval(() => tick(Date.now()), 1000)
    return () => clearInterval(timer)
  }, [])
  if (!data) return null
  const offset = /([+-])(\d\d):(\d\d)$/.exec(data.now)
  const minutes = offset ? (offset[1] === '-' ? -1 : 1) * (Number(offset[2]) * 60 + Number(offset[3])) : 0
  const now = Date.parse(data.now) + Math.max(0, present - dataUpdatedAt) * data.clockSpeed
  const wall = new Date(now + minutes * 60_000).toISOString()
  return { time: wall.slice(11, 16), date: wall.slice(0, 10) }
}

/**
 * Whether the house has answered, so that a page knows its day and its way of writing before it is drawn. The first browser proposes
 * what its language writes.
 */
export function useIsHouseholdKnown() {
  const { data, isPending } = useHousehold()
  const house = data?.house
  const { mutate: change, isError } = useChangeHousehold()
  useEffect(() => {
    if (house && !house.writing) change({ ...house, writing: styleOfBrowser() })
  }, [house, change])
  // A page that is drawn before the proposal is taken would be drawn anew under somebody's hands.
  return !isPending && (!house || !!house.writing || isError)
}
