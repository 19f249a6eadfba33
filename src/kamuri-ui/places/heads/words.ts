import type { HeadBody } from '@/api/client'

type Words<T> = { value: NonNullable<T>; word: string }[]

export const densities: Words<HeadBody['density']> = [
  { value: 'low', word: 'Low' },
  { value: 'medium', word: 'Medium' },
  { value: 'high', word: 'High' },
]
export const strands: Words<HeadBody['strand']> = [
  { value: 'fine', word: 'Fine' },
  { value: 'medium', word: 'Medium' },
  { value: 'coarse', word: 'Coarse' },
]
export const porosities: Words<HeadBody['porosity']> = [
  { value: 'low', word: 'Low: water beads, dries slowly' },
  { value: 'medium', word: 'Medium' },
  { value: 'high', word: 'High: soaks up and dries fast' },
]
export const evidences: Words<HeadBody['porosityEvidence']> = [
  { value: 'dryingTime', word: 'How long it takes to dry' },
  { value: 'sprayBeads', word: 'Beads when sprayed' },
  { value: 'strandInWater', word: 'A strand in water (weak)' },
  { value: 'guess', word: 'A guess' },
]
export const ages: Words<HeadBody['ageGroup']> = [
  { value: 'adult', word: 'Adult' },
  { value: 'sixToTwelve', word: '6 to 12' },
  { value: 'underSix', word: 'Under 6' },
]
export const worn: Words<HeadBody['wornAs']> = [
  { value: 'loose', word: 'Loose' },
  { value: 'bun', word: 'In a bun' },
  { value: 'twists', word: 'In twists' },
  { value: 'braids', word: 'In braids' },
]
export const schools: Words<HeadBody['layering']> = [
  { value: 'loc', word: 'LOC: leave-in, oil, cream' },
  { value: 'lco', word: 'LCO: leave-in, cream, oil' },
  { value: 'loLight', word: 'LO light: leave-in, a little oil' },
]
export const scalpSigns: Words<NonNullable<HeadBody['scalp']>[number]> = [
  { value: 'flaky', word: 'Flaky' },
  { value: 'itchy', word: 'Itchy' },
  { value: 'oily', word: 'Oily' },
  { value: 'sensitive', word: 'Sensitive' },
  { value: 'brokenSkin', word: 'Broken skin' },
]
export const goals: Words<NonNullable<HeadBody['goals']>[number]> = [
  { value: 'moisture', word: 'Moisture' },
  { value: 'definition', word: 'Definition' },
  { value: 'lengthRetention', word: 'Keeping length' },
  { value: 'strength', word: 'Strength' },
  { value: 'scalpComfort', word: 'Scalp comfort' },
  { value: 'lessShedding', word: 'Less shedding' },
]
export const zones: Words<NonNullable<HeadBody['fragileZones']>[number]['zone']> = [
  { value: 'edges', word: 'Edges' },
  { value: 'crown', word: 'Crown' },
  { value: 'nape', word: 'Nape' },
  { value: 'ends', word: 'Ends' },
  { value: 'front', word: 'Front' },
  { value: 'sides', word: 'Sides' },
]
export const chemicals: Words<NonNullable<HeadBody['chemicalHistory']>[number]['kind']> = [
  { value: 'colour', word: 'Colour' },
  { value: 'relaxer', word: 'Relaxer' },
  { value: 'heatDamage', word: 'Heat damage' },
]
export const kinds = [
  { value: 'loose', word: 'Loose' },
  { value: 'locs', word: 'Locs' },
  { value: 'style', word: 'In a protective style' },
  { value: 'takenDown', word: 'Just taken down' },
] as const
export const locStages = [
  { value: 'starter', word: 'Starter' },
  { value: 'maturing', word: 'Maturing' },
  { value: 'mature', word: 'Mature' },
] as const
export const stylesMade = [
  { value: 'braids', word: 'Braids' },
  { value: 'twists', word: 'Twists' },
  { value: 'cornrows', word: 'Cornrows' },
  { value: 'crochet', word: 'Crochet' },
] as const
