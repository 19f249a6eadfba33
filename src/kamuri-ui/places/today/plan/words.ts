import type { HeadView } from '@/api/client'
import type { Choice } from '@/kit/Word'
import type { Wish } from './wish'

export const aims: Choice<Wish['aim']>[] = [
  { value: 'moisture', word: 'moisture', hint: 'Pre-poo, cleanse, a deep condition' },
  { value: 'strength', word: 'strength', hint: 'Light protein, moisture behind it' },
  { value: 'definition', word: 'definition', hint: 'Plant gel before, gel after' },
  { value: 'scalpComfort', word: 'scalp comfort', hint: 'Massage and oil, washed out' },
  { value: 'lengthKeeping', word: 'length', hint: 'Shielded, fed, sealed' },
  { value: 'reset', word: 'a reset', hint: 'Clarify, then a long deep condition' },
  { value: 'oilFree', word: 'an oil-free wash', hint: 'Herb juice instead of oil' },
  { value: 'recovery', word: 'recovery', hint: 'After a style: two passes, protein' },
  { value: 'beforeStyle', word: 'a style to come', hint: 'Clean, combed and fed' },
  { value: 'quick', word: 'a quick wash', hint: 'Cleanse, condition, light layers' },
]

type Kind = HeadView['kind']
const combable: Kind[] = ['loose', 'takenDown']

export const styles: (Choice<Wish['style']> & { kinds: Kind[] })[] = [
  { value: 'twists', word: 'twists', kinds: combable },
  { value: 'twistOut', word: 'a twist-out', kinds: combable },
  { value: 'washAndGo', word: 'a wash-and-go', kinds: combable },
  { value: 'bun', word: 'a bun', kinds: combable },
  { value: 'singleTwists', word: 'single twists', kinds: combable },
  { value: 'braids', word: 'braids', kinds: combable },
  { value: 'asItIs', word: 'as it is', kinds: ['locs', 'style'] },
  { value: 'retwist', word: 'retwisted', kinds: ['locs'] },
]

export const teas: Choice<'yes' | 'no'>[] = [
  { value: 'yes', word: 'with a tea rinse' },
  { value: 'no', word: 'without a tea rinse' },
]

export const heats: { value: NonNullable<Wish['treatmentHeat']>; word: string }[] = [
  { value: 'cap', word: 'Body heat, under a cap' },
  { value: 'hood', word: 'Hood, low' },
  { value: 'steamer', word: 'Steamer' },
]

export const airs: { value: NonNullable<Wish['dryingAir']>; word: string }[] = [
  { value: 'still', word: 'Still air' },
  { value: 'fan', word: 'A fan' },
  { value: 'hoodLow', word: 'Hood, low' },
  { value: 'blowDryCool', word: 'Blow-dry, cool' },
]

export const layerings: { value: 'own' | 'loc' | 'lco' | 'loLight'; word: string }[] = [
  { value: 'own', word: "The head's own" },
  { value: 'loc', word: 'LOC: leave-in, oil, cream' },
  { value: 'lco', word: 'LCO: leave-in, cream, oil' },
  { value: 'loLight', word: 'LO light: leave-in, a little oil' },
]

export const stretches: { value: 'none' | NonNullable<Wish['stretch']>; word: string }[] = [
  { value: 'none', word: 'Not tried' },
  { value: 'balanced', word: 'Stretches a little and returns' },
  { value: 'needsProtein', word: 'Stretches far, mushy' },
  { value: 'needsMoisture', word: 'Snaps at once' },
]
