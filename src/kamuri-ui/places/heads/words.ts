import type { Parts } from '@/kit/texts'
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

export const headForm = {
  name: 'Name',
  age: 'Age',
  pullOneStrandStraightIn: 'Pull one strand straight in each zone and measure it.',
  nape: 'Nape',
  crown: 'Crown',
  front: 'Front',
  sides: 'Sides',
  density: 'Density',
  strand: 'Strand',
  porosity: 'Porosity',
  howYouKnow: 'How you know',
  coilWidth: 'Coil width',
  ifMeasured: 'if measured',
  usualSections: 'Usual sections',
  letKamuriChoose: 'let Kamuri choose',
  lastWash: 'Last wash',
  lastDetangle: 'Last detangle',
  wornSinceThen: 'Worn since then',
  layers: 'Layers',
  practitionersDisagreeOnTheseChoose:
    'Practitioners disagree on these. Choose what suits this head; any single day can differ.',
  scalpToday: 'Scalp today',
  goals: 'Goals',
  mustNeverTouchThisHead: 'Must never touch this head',
  ingredientsOrGroupsSeparatedBy: 'Ingredients or groups, separated by commas: nuts, fragrance, latex',
  maySitUnderAHood: 'May sit under a hood or steamer',
  askAClinicianFirst: 'Ask a clinician first',
  pregnancyOrAnythingElseTo: 'Pregnancy, or anything else to check with a clinician.',
  fragileZones: 'Fragile zones',
  zone: 'Zone',
  note: 'Note',
  removeZone: ({ zone }: Parts<'zone'>) => `Remove ${zone}`,
  addAFragileZone: 'Add a fragile zone',
  colourRelaxerHeatDamage: 'Colour, relaxer, heat damage',
  what: 'What',
  when: 'When',
  removeKind: ({ kind }: Parts<'kind'>) => `Remove ${kind}`,
  addAnEvent: 'Add an event',
}

export const portrait = {
  planAWashDay: 'Plan a wash day',
  planFor: ({ name }: Parts<'name'>) => `Plan a wash day for ${name}`,
  archivedKamuriMakesNoPlans: 'Archived: Kamuri makes no plans for this head.',
  unarchive: 'Unarchive',
  archive: 'Archive',
  edit: 'Edit',
  editPart: ({ part }: Parts<'part'>) => `Edit: ${part}`,
  save: 'Save',
  cancel: 'Cancel',
  saved: 'Saved.',
  today: 'Today',
  never: 'Must never touch it',
  nothingIsOnRecord: 'Nothing is on record.',
  askAClinicianFirst: 'Ask a clinician before anything new.',
  suits: 'What suits it',
  nothingSpecial: 'Nothing special: what suits most hair suits this head.',
  who: 'Who',
  ages: { adult: 'An adult.', sixToTwelve: '6 to 12 years old.', underSix: 'Under 6 years old.' },
  theHair: 'The hair',
  lengths: ({ crown, nape, front, sides }: Parts<'crown' | 'nape' | 'front' | 'sides'>) =>
    `${crown} at the crown, ${nape} at the nape, ${front} in front, ${sides} at the sides.`,
  body: ({ density, strand }: Parts<'density' | 'strand'>) => `Density is ${density}, strands are ${strand}.`,
  porosity: {
    low: 'Porosity is low: water beads, and it dries slowly.',
    medium: 'Porosity is medium.',
    high: 'Porosity is high: it soaks up and dries fast.',
  },
  likes: 'How it is done',
  learned: 'What was learned',
  days: 'Wash days',
  daysWith: ({ step, month }: Parts<'step' | 'month'>) => `With ${step}, ${month}`,
  noDaysYet: 'No wash days yet.',
  noneOfThese: 'No wash day like that is on record.',
  showEarlierDays: 'Show earlier days',
  aimIntoStyle: ({ aim, style }: Parts<'aim' | 'style'>) => `${aim} into ${style}`,
  size: 'How big that is',
  tangleToday: 'Tangle today',
  scalp: 'Scalp',
  surface: 'Surface',
  hair: 'Hair',
  countSections: ({ count }: Parts<'count'>) => `${count} sections`,
  tangleScale: '0.6 just combed, 2 after ten days loose, 3 at most',
}

export const headsPlace = {
  body: ({ length, density, strand, porosity }: Parts<'length' | 'density' | 'strand' | 'porosity'>) =>
    `${length}, ${density} density, ${strand} strands, ${porosity} porosity`,
  headsInThisHousehold: 'Heads in this household',
  addAHead: 'Add a head',
  archived: 'Archived',
  nameCountSections: ({ name, count }: Parts<'name' | 'count'>) => `${name}, ${count} sections`,
  never: 'Never:',
  noHeat: 'No heat',
}

export const patchTests = {
  patchTests: 'Patch tests',
  putALittleOnThe:
    'Put a little on the inner arm a day before anything new goes on the head. If it reddens, swells or itches, never use it on this head. If it does not go away, see a clinician.',
  noReaction: 'No reaction',
  itReacted: 'It reacted',
  remove: 'Remove',
  appliedJustNow: 'Applied just now',
  rosemaryOil: 'rosemary oil',
  save: 'Save',
}

export const wearFields = {
  keptAs: 'Kept as',
  stage: 'Stage',
  howManyLocs: 'How many locs',
  thicknessOfOne: 'Thickness of one',
  madeOf: 'Made of',
  putInOn: 'Put in on',
  addedHair: 'Added hair',
  itWas: 'It was',
  wornFor: 'Worn for',
}

export const schoolFields = {
  reasonAndPrice: ({ reason, price }: Parts<'reason' | 'price'>) => `${reason} Downside: ${price}`,
}
