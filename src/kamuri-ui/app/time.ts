import { writtenTime } from './clock'

/** Moments come from the server with the household's offset, so the wall-clock time is read off, never computed. */
export const clock = (moment: string) => writtenTime(moment.slice(11, 16))

/** The same beside another moment: a different day is named, "08:10 on Friday". */
export const clockBeside = (moment: string, beside: string) =>
  moment.slice(0, 10) === beside.slice(0, 10)
    ? clock(moment)
    : `${clock(moment)} on ${Math.abs(minutesBetween(beside, moment)) < 6 * 24 * 60 ? day(moment).split(' ')[0] : day(moment)}`

export const minutesBetween = (from: string, to: string) => (Date.parse(to) - Date.parse(from)) / 60_000

/** "32 min", "1 h 05", with spaces at which no line ends. */
export function spell(minutes: number): string {
  const whole = Math.round(Math.abs(minutes))
  if (whole < 60) return `${whole}\u00a0min`
  return whole % 60 === 0
    ? `${whole / 60}\u00a0h`
    : `${Math.floor(whole / 60)}\u00a0h\u00a0${String(whole % 60).padStart(2, '0')}`
}

/** "4:07" for a counter. */
export function counter(milliseconds: number): string {
  const seconds = Math.max(0, Math.floor(milliseconds / 1000))
  const hours = Math.floor(seconds / 3600)
  const rest = `${String(Math.floor((seconds % 3600) / 60)).padStart(hours ? 2 : 1, '0')}:${String(seconds % 60).padStart(2, '0')}`
  return hours ? `${hours}:${rest}` : rest
}

const months = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
]
const days = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday']

/** "Saturday 14 March" from a date or moment as the server writes it. */
export function day(moment: string): string {
  const [year = 0, month = 1, date = 1] = moment.slice(0, 10).split('-').map(Number)
  return `${days[new Date(Date.UTC(year, month - 1, date)).getUTCDay()]} ${date} ${months[month - 1]}`
}

/** A moment so many minutes later, as milliseconds. */
export const after = (moment: string, minutes: number) => Date.parse(moment) + minutes * 60_000
