import type { WritingStyle } from '@/app/style'

type Choices<K extends keyof WritingStyle> = { value: WritingStyle[K]; word: string }[]

export const clocks: Choices<'clock'> = [
  { value: 'twentyFourHours', word: '24 hours, 17:45' },
  { value: 'twelveHours', word: '12 hours, 5:45 pm' },
]

export const lengths: Choices<'lengths'> = [
  { value: 'centimetres', word: 'Centimetres' },
  { value: 'inches', word: 'Inches' },
]

export const temperatures: Choices<'temperatures'> = [
  { value: 'celsius', word: '°C' },
  { value: 'fahrenheit', word: '°F' },
]

export const amounts: Choices<'amounts'> = [
  { value: 'millilitres', word: 'Millilitres' },
  { value: 'spoons', word: 'Spoons and cups' },
  { value: 'grams', word: 'Grams' },
]

export const cups: Choices<'cup'> = [
  { value: 'us', word: 'US: cup 236.6 ml, tablespoon 14.79 ml' },
  { value: 'metric', word: 'Metric: cup 250 ml, tablespoon 15 ml' },
]

export const firstDays: Choices<'firstDayOfWeek'> = [
  { value: 'monday', word: 'Monday' },
  { value: 'tuesday', word: 'Tuesday' },
  { value: 'wednesday', word: 'Wednesday' },
  { value: 'thursday', word: 'Thursday' },
  { value: 'friday', word: 'Friday' },
  { value: 'saturday', word: 'Saturday' },
  { value: 'sunday', word: 'Sunday' },
]

export const householdPage = {
  thisHousehold: 'This household',
  writing: 'How figures are written',
  theRoom: 'The room',
  roomAirDecidesHowLong: 'Room air decides how long hair takes to dry.',
  equipment: 'Hands and equipment',
  times: 'Times',
  timeZone: 'Time zone',
  lengths: 'Lengths',
  temperatures: 'Temperatures',
  amounts: 'Amounts',
  cup: 'Cups and spoons',
  currency: 'Currency',
  currencyHint: 'Three letters, such as EUR. Leave it empty for none.',
  firstDay: 'Weeks begin on',
  room: 'Temperature',
  humidity: 'Humidity',
  pairsOfHands: 'Pairs of hands',
  showersOrBasins: 'Showers or basins',
  stovePlates: 'Stove plates',
  hoods: 'Hoods',
  steamers: 'Steamers',
  save: 'Save',
  saved: 'All changes are saved.',
}
