import type { Parts } from '@/kit/texts'

export const todayPlace = {
  today: 'Today',
  loading: 'Loading…',
}

export const welcome = {
  wash: 'Wash days, planned and timed',
  whatItDoes:
    'Kamuri puts the steps of a wash day in order, tells you what to do now, and times everything that works by itself. It starts with your hair.',
  describe: 'Describe your hair',
}

export const underway = {
  paused: ({ names }: Parts<'names'>) => `The wash day for ${names} is paused.`,
  underWay: ({ names }: Parts<'names'>) => `The wash day for ${names} is under way.`,
  openTheRun: 'Open the run',
}
