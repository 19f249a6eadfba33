import { useEffect, useState } from 'react'

/** Milliseconds within which a second press of the big button is the bounce of a wet finger. */
const bounce = 400

/** Whether the big button was pressed just now, so that one press is never two. */
export function useBounce() {
  const [isFresh, setFresh] = useState(false)
  useEffect(() => {
    if (!isFresh) return
    const over = setTimeout(() => setFresh(false), bounce)
    return () => clearTimeout(over)
  }, [isFresh])
  return { isFresh, pressed: () => setFresh(true) }
}
