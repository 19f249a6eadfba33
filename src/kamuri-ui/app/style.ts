import { useSyncExternalStore } from 'react'
import { z } from 'zod'
import type { HouseholdBody } from '@/api/client'
import { Kept } from './kept'

export type WritingStyle = NonNullable<HouseholdBody['writing']>

const kept = new Kept<WritingStyle>(
  'kamuri.style',
  1,
  z.object({
    clock: z.enum(['twentyFourHours', 'twelveHours']),
    lengths: z.enum(['centimetres', 'inches']),
    temperatures: z.enum(['celsius', 'fahrenheit']),
    amounts: z.enum(['millilitres', 'spoons', 'grams']),
    cup: z.enum(['us', 'metric']),
    currency: z.string().regex(/^([A-Z]{3})?$/),
    firstDayOfWeek: z.enum(['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday']),
  }),
)

const plain: WritingStyle = {
  clock: 'twentyFourHours',
  lengths: 'centimetres',
  temperatures: 'celsius',
  amounts: 'millilitres',
  cup: 'us',
  currency: '',
  firstDayOfWeek: 'monday',
}

/** The household's way of writing, as this device last heard of it: it is there before the server has answered. */
let style: WritingStyle = kept.read() ?? plain
const listeners = new Set<() => void>()

/** Takes up what the household has chosen. */
export function followStyle(next: WritingStyle) {
  if (JSON.stringify(next) === JSON.stringify(style)) return
  style = next
  kept.write(next)
  listeners.forEach((listener) => listener())
}

const subscribe = (listener: () => void) => {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** How figures are written now; whoever asks is drawn again when it changes. */
export const useStyle = () => useSyncExternalStore(subscribe, () => style)

const withFahrenheit = ['US', 'LR', 'FM', 'MH', 'PW', 'KY', 'BS']
const withInches = ['US', 'LR', 'MM']
const weekdays = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'] as const
const euro = 'AT BE CY DE EE ES FI FR GR HR IE IT LT LU LV MT NL PT SI SK'.split(' ')
const currencies: Record<string, string> = {
  US: 'USD',
  GB: 'GBP',
  CA: 'CAD',
  AU: 'AUD',
  NZ: 'NZD',
  CH: 'CHF',
  NG: 'NGN',
  GH: 'GHS',
  KE: 'KES',
  ZA: 'ZAR',
  BR: 'BRL',
  IN: 'INR',
  JM: 'JMD',
  TT: 'TTD',
  ...Object.fromEntries(euro.map((region) => [region, 'EUR'])),
}

/** What people of this browser's language usually write. */
export function styleOfBrowser(language = navigator.language): WritingStyle {
  const locale = new Intl.Locale(language) as Intl.Locale & {
    getWeekInfo?: () => { firstDay: number }
    weekInfo?: { firstDay: number }
  }
  const region = locale.maximize().region ?? ''
  const week = locale.getWeekInfo?.() ?? locale.weekInfo
  const hour12 = new Intl.DateTimeFormat(language, { hour: 'numeric' }).resolvedOptions().hour12
  return {
    clock: hour12 ? 'twelveHours' : 'twentyFourHours',
    lengths: withInches.includes(region) ? 'inches' : 'centimetres',
    temperatures: withFahrenheit.includes(region) ? 'fahrenheit' : 'celsius',
    amounts: region === 'US' ? 'spoons' : 'millilitres',
    cup: region === 'US' ? 'us' : 'metric',
    currency: currencies[region] ?? '',
    firstDayOfWeek: weekdays[(week?.firstDay ?? 1) - 1]!,
  }
}

/** "17:45" as the household writes it: "17:45", or "5:45 pm" with a space at which no line ends. */
export function writtenTime(time: string): string {
  if (style.clock === 'twentyFourHours') return time
  const hour = Number(time.slice(0, 2))
  return `${hour % 12 || 12}${time.slice(2, 5)}\u00a0${hour < 12 ? 'am' : 'pm'}`
}

/** The household's unit of temperature. */
export const degree = () => (style.temperatures === 'celsius' ? '°C' : '°F')

/** °C as a number of the household's degrees. */
export const degrees = (celsius: number) => (style.temperatures === 'celsius' ? celsius : (celsius * 9) / 5 + 32)

/** Half of a step away from nothing, as the server rounds. */
const rounded = (value: number, digits: number) => {
  const factor = 10 ** digits
  return (Math.sign(value) * Math.round(Math.abs(value) * factor)) / factor
}

/** "40 °C", "104 °F". */
export const writtenTemperature = (celsius: number, digits = 0) =>
  `${rounded(degrees(celsius), digits)}\u00a0${degree()}`

const centimetresPerInch = 2.54
const same = (value: number) => value

/** A unit of the server's as the household has it, with the way there and back. */
export const householdUnit = (unit: string) =>
  unit === '°C' && style.temperatures === 'fahrenheit'
    ? { unit: degree(), to: degrees, from: (fahrenheit: number) => ((fahrenheit - 32) * 5) / 9 }
    : unit === 'cm' && style.lengths === 'inches'
      ? {
          unit: 'in',
          to: (cm: number) => cm / centimetresPerInch,
          from: (inches: number) => inches * centimetresPerInch,
        }
      : { unit, to: same, from: same }

const glyphs = ['', '¼', '½', '¾']

/** "18 cm", "7½ in"; quarters under ten inches, halves from there. */
export function writtenLength(centimetres: number): string {
  if (style.lengths === 'centimetres') return `${rounded(centimetres, 1)}\u00a0cm`
  const inches = centimetres / centimetresPerInch
  const parts = inches < 10 ? 4 : 2
  return `${inQuarters((Math.round(inches * parts) * 4) / parts)}\u00a0in`
}

/** "120 cm²", "19 sq in". */
export const writtenArea = (squareCentimetres: number) =>
  style.lengths === 'centimetres'
    ? `${Math.round(squareCentimetres)}\u00a0cm²`
    : `${Math.round(squareCentimetres / centimetresPerInch ** 2)}\u00a0sq\u00a0in`

const holds = {
  us: { teaspoon: 4.93, tablespoon: 14.79, cup: 236.6 },
  metric: { teaspoon: 5, tablespoon: 15, cup: 250 },
}
const inQuarters = (quarters: number) => {
  const whole = Math.floor(quarters / 4)
  const part = glyphs[quarters % 4]!
  return `${whole === 0 && part ? '' : whole}${part}`
}
const inCups = (quarters: number) => `${inQuarters(quarters)} ${quarters > 4 ? 'cups' : 'cup'}`

function inSpoons(millilitres: number): string {
  const { teaspoon, tablespoon, cup } = holds[style.cup]
  if (millilitres < tablespoon) return `${inQuarters(Math.max(1, Math.round((millilitres / teaspoon) * 4)))} tsp`
  if (millilitres >= cup * 0.97) return inCups(Math.round((millilitres / cup) * 4))
  const spoons = Math.round((millilitres / tablespoon) * 2) / 2
  if (spoons < 8) return `${inQuarters(spoons * 4)} tbsp`
  const perQuarter = Math.floor(cup / 4 / tablespoon + 0.01)
  const quarters = Math.floor(spoons / perQuarter)
  const rest = spoons - quarters * perQuarter
  return rest > 0 ? `${inCups(quarters)} and ${inQuarters(rest * 4)} tbsp` : inCups(quarters)
}

/** "120 ml", "½ cup"; millilitres where a household weighs, for a density is needed for grams. */
export const writtenAmount = (millilitres: number) =>
  (style.amounts === 'spoons' && millilitres > 0
    ? inSpoons(millilitres)
    : `${rounded(millilitres, millilitres < 10 ? 1 : 0)} ml`
  ).replaceAll(' ', '\u00a0')

/** "€4.20"; the figure alone while the household has no currency. */
export const writtenMoney = (amount: number) =>
  style.currency
    ? new Intl.NumberFormat('en', { style: 'currency', currency: style.currency }).format(amount)
    : amount.toFixed(2)
