import { queryOptions } from '@tanstack/react-query'
import { api, told } from '@/api/client'

/** The last finished day of a head; null when there is none. */
export const lastDay = (head: string) =>
  queryOptions({
    queryKey: ['sessions', 'last', head],
    queryFn: async () =>
      (await told(api.GET('/api/sessions', { params: { query: { head, take: 3 } } }))).find(
        (day) => day.status === 'finished' && day.headId === head,
      ) ?? null,
  })
