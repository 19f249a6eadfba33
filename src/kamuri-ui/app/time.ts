import { writtenTime } from './style'
import { time as words } from './words'

/** Moments come from the server with the household's offset, so the wall-clock time is read off, never computed. */
export const clock = (moment: string) => writtenTime(moment.slice(11, 16))

/** The same beside another moment: a different day is named, "08:10 on Friday". */
export const clockBeside = (moment: string, beside: string) =>
  moment.slice(0, 10) === beside.slice(0, 10)
    ? clock(moment)
    : `${clock(moment)} on ${Math.abs(minutesBetween(beside, moment)) < 6 * 24 * 60 ? date(moment).split(' ')[0] : date(moment)}`

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

/** The household's day, as last heard from the server. */
let today = ''
export const followToday = (date: string) => {
  today = date
}

const dayNumber = (date: string) => Date.parse(date.slice(0, 10)) / 86_400_000
const daysFromToday = (moment: string) => dayNumber(moment) - dayNumber(today || moment)

/** A date with its weekday, "Saturday 14 March", whenever it is. */
export function date(moment: string): string {
  const [year = 0, month = 1, of = 1] = moment.slice(0, 10).split('-').map(Number)
  return `${days[new Date(Date.UTC(year, month - 1, of)).getUTCDay()]} ${of} ${months[month - 1]}`
}

/** "March 2026". */
export const monthName = (date: string) => `${months[Number(date.slice(5, 7)) - 1]!} ${date.slice(0, 4)}`

/** "14 Mar 2026", short enough for a field. */
export const fieldDate = (moment: string) =>
  `${Number(moment.slice(8, 10))} ${months[Number(moment.slice(5, 7)) - 1]!.slice(0, 3)} ${moment.slice(0, 4)}`

/** A day as people say it: "today", "tomorrow", within two weeks "Saturday 14 March", else "14 March", another year with the year. */
export function day(moment: string): string {
  const away = daysFromToday(moment)
  if (away === 0) return words.today
  if (away === 1) return words.tomorrow
  if (away === -1) return words.yesterday
  if (Math.abs(away) < 14) return date(moment)
  const short = date(moment).replace(/^\S+ /, '')
  return moment.slice(0, 4) === today.slice(0, 4) ? short : `${short} ${moment.slice(0, 4)}`
}

/** The same where a line begins with it. */
export const Day = (moment: string) => day(moment).replace(/^./, (letter) => letter.toUpperCase())

/** A moment so many minutes later, as milliseconds. */
export const after = (moment: string, minutes: number) => Date.parse(moment) + minutes * 60_000
