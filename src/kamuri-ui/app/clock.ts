import { useSyncExternalStore } from 'react'
import { z } from 'zod'
import type { HouseholdBody } from '@/api/client'
import { Kept } from './kept'

export type ClockFormat = NonNullable<HouseholdBody['clock']>

/** The household's way, as this device last heard of it: it is there before the server has answered. */
const kept = new Kept<ClockFormat>('kamuri.clock', 1, z.enum(['twentyFourHours', 'twelveHours']))
const listeners = new Set<() => void>()
let format: ClockFormat = kept.read() ?? 'twentyFourHours'

/** Takes up what the household has chosen. */
export function followClock(next: ClockFormat) {
  if (next === format) return
  format = next
  kept.write(next)
  listeners.forEach((listener) => listener())
}

const subscribe = (listener: () => void) => {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** How times are written now; whoever asks is drawn again when it changes. */
export const useClockFormat = () => useSyncExternalStore(subscribe, () => format)

/** What this browser's language usually writes. */
export const clockOfBrowser = (): ClockFormat =>
  new Intl.DateTimeFormat(undefined, { hour: 'numeric' }).resolvedOptions().hour12 ? 'twelveHours' : 'twentyFourHours'

/** "17:45" as the household writes it: "17:45", or "5:45 pm" with a space at which no line ends. */
export function writtenTime(time: string): string {
  if (format === 'twentyFourHours') return time
  const hour = Number(time.slice(0, 2))
  return `${hour % 12 || 12}${time.slice(2, 5)}\u00a0${hour < 12 ? 'am' : 'pm'}`
}
