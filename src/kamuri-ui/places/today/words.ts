import type { Parts } from '@/kit/texts'

export const todayPlace = {
  today: 'Today',
  whoseHairIsIt: 'Whose hair is it?',
  addAHeadFirstHow: 'Add a head first: how long, how dense, what suits it. It takes two minutes.',
  addTheFirstHead: 'Add the first head',
  loading: 'Loading…',
}

export const underway = {
  paused: ({ names }: Parts<'names'>) => `The wash day for ${names} is paused.`,
  underWay: ({ names }: Parts<'names'>) => `The wash day for ${names} is under way.`,
  openTheRun: 'Open the run',
}
