import type { Choice } from '@/kit/Word'
import type { Wish } from './wish'

export const aims: Choice<Wish['aim']>[] = [
  { value: 'moisture', word: 'moisture', hint: 'Pre-poo, cleanse, a deep condition' },
  { value: 'strength', word: 'strength', hint: 'Light protein, moisture behind it' },
  { value: 'reset', word: 'a reset', hint: 'Clarify, then a long deep condition' },
  { value: 'quick', word: 'a quick wash', hint: 'Cleanse, condition, light layers' },
]

export const styles: Choice<Wish['style']>[] = [
  { value: 'twists', word: 'twists' },
  { value: 'twistOut', word: 'a twist-out' },
  { value: 'washAndGo', word: 'a wash-and-go' },
  { value: 'bun', word: 'a bun' },
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
