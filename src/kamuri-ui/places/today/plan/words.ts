import type { StepView } from '@/api/client'
import type { Choice } from '@/kit/Word'
import type { Wish } from './wish'

export const teas: Choice<'yes' | 'no'>[] = [
  { value: 'yes', word: 'with a tea rinse' },
  { value: 'no', word: 'without a tea rinse' },
]

export const covers: { value: NonNullable<Wish['treatmentHeat']>; word: string }[] = [
  { value: 'cap', word: 'Body heat, under a cap' },
  { value: 'hood', word: 'Hood, low' },
  { value: 'steamer', word: 'Steamer' },
]

export const heats: { value: 'own' | NonNullable<Wish['treatmentHeat']>; word: string }[] = [
  { value: 'own', word: "The head's own" },
  ...covers,
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

export const phases: Record<StepView['phase'], string> = {
  ahead: 'Ahead',
  ready: 'Ready',
  loosen: 'Loosen',
  clean: 'Clean',
  feed: 'Feed',
  close: 'Close',
  layer: 'Layer',
  set: 'Set',
  keep: 'Keep',
}

export const directions: { value: StepView['direction']; word: string }[] = [
  { value: 'endsToRoots', word: 'Ends to roots' },
  { value: 'midToEnds', word: 'Mid-lengths to ends' },
  { value: 'rootsToEnds', word: 'Roots to ends' },
]

export const zones: { value: StepView['places'][number]; word: string }[] = [
  { value: 'scalp', word: 'Scalp' },
  { value: 'roots', word: 'Roots' },
  { value: 'lengths', word: 'Lengths' },
  { value: 'ends', word: 'Ends' },
  { value: 'edges', word: 'Edges' },
]

export const waters: { value: StepView['water']; word: string }[] = [
  { value: 'cool', word: 'Cool' },
  { value: 'lukewarm', word: 'Lukewarm' },
  { value: 'warm', word: 'Warm, 36 to 40 °C' },
]
