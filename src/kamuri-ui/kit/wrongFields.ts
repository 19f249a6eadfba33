import { useEffect } from 'react'
import { Refused } from '@/api/client'

/** Puts the keyboard into the first field that is wrong, in the dialog that is open or on the page. */
export const toFirstWrong = () => {
  const all = (document.querySelector('[role=dialog]') ?? document).querySelectorAll<HTMLElement>('[aria-invalid=true]')
  all[0]?.focus()
  all[0]?.scrollIntoView({ block: 'center' })
}

/** What a refused form has wrong, a sentence or more at each field by name; the first of them gets the keyboard. */
export function useWrongFields(error: Error | null): Record<string, string[]> {
  const fields = error instanceof Refused ? error.fields : {}
  const isAny = Object.keys(fields).length > 0
  useEffect(() => {
    if (isAny) toFirstWrong()
  }, [error, isAny])
  return fields
}
