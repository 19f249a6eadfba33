import { writtenTime } from '@/app/style'
import { minutesBetween } from '@/app/time'

/** The clock on the household's wall along a drawing. */
export interface WallClock {
  /** Minute of the day at which the drawing begins. */
  startsAt: number
  /** The minute from the start at which it is put forward by so many minutes, or back; null when it is not. */
  change: { minute: number; by: number } | null
}

/** The clock of a day that begins at a moment, and whose clocks may change, both as the server told them. */
export const wallClock = (start: string, change: { at: string; minutes: number } | null | undefined): WallClock => ({
  startsAt: Number(start.slice(11, 13)) * 60 + Number(start.slice(14, 16)),
  change: change ? { minute: minutesBetween(start, change.at), by: change.minutes } : null,
})

/** Minutes by which the clock shows more than has passed. */
const shownAhead = ({ startsAt, change }: WallClock, minute: number) =>
  startsAt + (change && minute >= change.minute ? change.by : 0)

/** Round hours or half-hours for the axis, as minutes from the start, at least so many pixels apart. */
export function ticks(clock: WallClock, minutes: number, perMinute: number, apart: number): number[] {
  const step = [15, 30, 60, 120, 240].find((each) => each * perMinute >= apart) ?? 480
  const list: number[] = []
  for (let minute = 0; minute <= minutes; minute++) {
    const isRound = (minute + shownAhead(clock, minute)) % step === 0
    if (isRound && !(minute - (list.at(-1) ?? -Infinity) < apart / perMinute)) list.push(minute)
  }
  return list
}

/** What the clock shows so many minutes from the start, as "15:30" or "3:30 pm". */
export const clockOf = (clock: WallClock, minutes: number) => {
  const minute = (((Math.round(minutes) + shownAhead(clock, minutes)) % 1440) + 1440) % 1440
  return writtenTime(`${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`)
}
