import type { Draft } from './draft'

export const landmarks: { value: NonNullable<Draft['landmark']>; word: string }[] = [
  { value: 'ear', word: 'Ear' },
  { value: 'chin', word: 'Chin' },
  { value: 'shoulder', word: 'Shoulder' },
  { value: 'armpit', word: 'Armpit' },
  { value: 'midBack', word: 'Mid-back' },
  { value: 'waist', word: 'Waist' },
]

/** What most often must not touch a head, as labels and mixtures are read for it. */
export const neverWords = [
  { value: 'nuts', word: 'Nuts' },
  { value: 'protein', word: 'Protein' },
  { value: 'fragrance', word: 'Fragrance' },
  { value: 'essential oils', word: 'Essential oils' },
  { value: 'onion family', word: 'Onion family' },
  { value: 'latex', word: 'Latex' },
]

export const describe = {
  whoseHairIsIt: 'Whose hair is it?',
  fiveAnswers: 'Five answers are enough to plan a day. Everything else can wait until it matters.',
  name: 'Name',
  age: 'Age',
  keptAs: 'Kept as',
  reaches: 'Pulled straight, it reaches the',
  pullAStrand: 'Pull one strand from the crown down your back.',
  orMeasured: 'Or measured at the crown',
  density: 'How dense it grows',
  strand: 'How thick one strand is',
  mustNeverTouch: 'Must never touch this head',
  anythingElse: 'Anything else',
  separatedByCommas: 'Ingredients, separated by commas.',
  saveAndPlan: 'Save and plan a day',
  notSavedYet: 'Not saved yet. Check the fields marked above.',
}
