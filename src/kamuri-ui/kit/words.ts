import type { WritingStyle } from '@/app/style'
import type { Parts } from '@/kit/texts'

export const measures: { value: WritingStyle['amounts']; word: string }[] = [
  { value: 'millilitres', word: 'millilitres' },
  { value: 'spoons', word: 'spoons and cups' },
  { value: 'grams', word: 'grams' },
]

export const amount = {
  amountsInUnit: ({ unit }: Parts<'unit'>) => `Amounts in ${unit}`,
  exactlyExact: ({ exact }: Parts<'exact'>) => `Exactly ${exact}`,
  amountsIn: 'Amounts in',
}

export const removing = {
  deleteAsk: 'Delete…',
  deleteName: ({ name }: Parts<'name'>) => `Delete ${name}?`,
  deleteNow: 'Delete',
  cancel: 'Cancel',
}

export const sheet = {
  close: 'Close',
}

export const typedField = {
  examples: {
    time: { twentyFourHours: '18:00, half past six', twelveHours: '6 pm, half past six' },
    date: '6 Dec',
    length: { centimetres: '18 cm', inches: '7½ in' },
    temperature: { celsius: '38 °C', fahrenheit: '100 °F' },
    amount: '120 ml, 2 tbsp',
  },
  cannotRead: 'Kamuri could not read this. Try again.',
  openCalendar: ({ label }: Parts<'label'>) => `${label}: open the calendar`,
  calendar: ({ label }: Parts<'label'>) => `${label}: calendar`,
}

export const field = {
  enterANumber: 'Enter a number.',
}

export const pageTitle = {
  titleOfKamuri: ({ title }: Parts<'title'>) => `${title} – Kamuri`,
}
