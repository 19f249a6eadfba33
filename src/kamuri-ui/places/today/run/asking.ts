import { useEffect, useState } from 'react'

/** Milliseconds within which a second press is the bounce of a wet finger, and no answer. */
const bounce = 700
/** Milliseconds the button asks before it forgets. */
const patience = 8_000

/** A button that asks before it does something that ends a wait too soon: the first press asks, the second one answers. */
export function useAsking() {
  const [about, setAbout] = useState<string | null>(null)
  const [hears, setHears] = useState(false)
  useEffect(() => {
    if (about === null) return
    const [listen, forget] = [setTimeout(() => setHears(true), bounce), setTimeout(() => setAbout(null), patience)]
    return () => {
      clearTimeout(listen)
      clearTimeout(forget)
    }
  }, [about])
  return {
    about,
    /** Whether it may be done now; else it is asked about. */
    isAnswered: (what: string) => {
      if (about === what) return hears
      setAbout(what)
      setHears(false)
      return false
    },
    forget: () => setAbout(null),
  }
}
