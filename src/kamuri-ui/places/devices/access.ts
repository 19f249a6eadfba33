import { useQuery } from '@tanstack/react-query'
import { api, told } from '@/api/client'

/** How Kamuri can be reached, and whether this device may use it. */
export const useAccess = (often = false) =>
  useQuery({
    queryKey: ['access'],
    queryFn: () => told(api.GET('/api/access')),
    ...(often && { refetchInterval: 5_000 }),
    retry: false,
  })
