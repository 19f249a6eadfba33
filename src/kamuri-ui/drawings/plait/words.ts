import type { Parts } from '@/kit/texts'

export const driftLine = {
  plan: 'plan',
}

export const hairStrip = {
  wrungOut: 'wrung out',
  onTheHair: 'on the hair',
  onTheScalp: 'on the scalp',
  theHairSummary: ({ summary }: Parts<'summary'>) => `The hair: ${summary}`,
  water: 'water',
}

export const horizontalPlait = {
  wanted: 'wanted',
  sitDown: 'sit down',
  now: 'now',
}
