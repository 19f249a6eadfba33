import { useEffect, useRef } from 'react'

export type Keys = Record<string, () => void>

/** Single-key shortcuts; quiet while someone types, and while a modifier is held. */
export function useKeys(keys: Keys) {
  const latest = useRef(keys)
  useEffect(() => {
    latest.current = keys
  })
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement | null
      if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey) return
      if (target?.closest('input, textarea, select, [contenteditable], [role="menu"], [role="dialog"]')) return
      // A focused button keeps the space bar for itself.
      if (event.key === ' ' && target?.closest('button, a, [role="checkbox"], summary')) return
      const act = latest.current[event.key]
      if (act) {
        event.preventDefault()
        act()
      }
    }
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  }, [])
}
