import { useQueryClient } from '@tanstack/react-query'
import { useEffect, type ReactNode } from 'react'
import { onShutOut } from '@/api/client'
import { useAccess } from '@/places/devices/access'
import { useIsHouseholdKnown } from './household'
import { PasscodePage } from '@/places/devices/PasscodePage'

/** Lets in who may use this household's Kamuri, and asks everyone else for the passcode. */
export function Door({ children }: { children: ReactNode }) {
  const queries = useQueryClient()
  const access = useAccess()
  useEffect(() => onShutOut(() => void queries.invalidateQueries({ queryKey: ['access'] })), [queries])
  // A server that does not answer is said on the page itself.
  if (access.isPending) return null
  if (access.data && !access.data.mayEnter) return <PasscodePage hasPasscode={access.data.hasPasscode} />
  return <House>{children}</House>
}

const House = ({ children }: { children: ReactNode }) => (useIsHouseholdKnown() ? children : null)
