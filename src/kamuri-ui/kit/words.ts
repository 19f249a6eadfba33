import type { Parts } from '@/kit/texts'

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

export const timeField = {
  example: '18:00, 6 pm',
  cannotRead: 'Kamuri could not read this time. Try again.',
}
