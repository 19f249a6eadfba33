import { useQuery } from '@tanstack/react-query'
import { api, told, type ChoicesView } from '@/api/client'

/** Everything that can be asked for, in the core's own words. It never changes while the server runs. */
export function useChoices(): ChoicesView | undefined {
  return useQuery({
    queryKey: ['choices'],
    queryFn: () => told(api.GET('/api/plans/choices')),
    staleTime: Infinity,
  }).data
}
