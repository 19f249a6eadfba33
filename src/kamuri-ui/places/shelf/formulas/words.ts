import type { Parts } from '@/kit/texts'
import type { FormulaBody, IngredientBody, MethodStepBody } from '@/api/client'

export const kinds: { value: FormulaBody['kind']; word: string }[] = [
  { value: 'seedGel', word: 'Seed gels' },
  { value: 'leafGel', word: 'Leaf gels' },
  { value: 'podGel', word: 'Pod gels' },
  { value: 'grainWater', word: 'Grain waters' },
  { value: 'herbTea', word: 'Herb teas' },
  { value: 'onionJuice', word: 'Onion juice' },
  { value: 'infusedOil', word: 'Infused oils' },
  { value: 'warmedOil', word: 'Warmed oils' },
  { value: 'powderPaste', word: 'Powder pastes' },
  { value: 'meltedBar', word: 'Melted treatments' },
  { value: 'boostedConditioner', word: 'Boosted conditioners' },
  { value: 'eggMask', word: 'Egg masks' },
  { value: 'clayMask', word: 'Clay masks' },
  { value: 'refreshSpray', word: 'Refresh sprays' },
  { value: 'whippedButter', word: 'Butters and seal blends' },
  { value: 'other', word: 'Everything else' },
]

export const units: { value: IngredientBody['unit']; word: string }[] = [
  { value: 'millilitre', word: 'ml' },
  { value: 'gram', word: 'g' },
  { value: 'teaspoon', word: 'tsp' },
  { value: 'tablespoon', word: 'tbsp' },
  { value: 'cup', word: 'cups' },
  { value: 'drop', word: 'drops' },
  { value: 'piece', word: 'pieces' },
  { value: 'partByVolume', word: 'parts by volume' },
  { value: 'partByWeight', word: 'parts by weight' },
  { value: 'litre', word: 'litres' },
  { value: 'kilogram', word: 'kg' },
  { value: 'ounce', word: 'oz' },
  { value: 'fluidOunce', word: 'fl oz' },
]

export const uses: { value: NonNullable<FormulaBody['servesAs']>[number]; word: string }[] = [
  { value: 'prePoo', word: 'Pre-poo' },
  { value: 'plantGel', word: 'Plant gel' },
  { value: 'herbJuice', word: 'Herb juice' },
  { value: 'onionJuice', word: 'Onion juice' },
  { value: 'grainWater', word: 'Grain water' },
  { value: 'hotOil', word: 'Hot oil' },
  { value: 'heavyOil', word: 'Heavy oil' },
  { value: 'herbPaste', word: 'Herb paste' },
  { value: 'clay', word: 'Clay' },
  { value: 'egg', word: 'Egg mask' },
  { value: 'protein', word: 'Light protein' },
  { value: 'tea', word: 'Tea rinse' },
  { value: 'conditioner', word: 'Conditioner' },
  { value: 'deepConditioner', word: 'Deep conditioner' },
  { value: 'endShield', word: 'End shield' },
  { value: 'oilRinse', word: 'Oil rinse' },
  { value: 'acidicRinse', word: 'Acidic rinse' },
  { value: 'mist', word: 'Mist' },
  { value: 'slipMist', word: 'Slip mist' },
  { value: 'lightSpray', word: 'Light spray' },
  { value: 'leaveIn', word: 'Leave-in' },
  { value: 'oil', word: 'Oil' },
  { value: 'scalpOil', word: 'Scalp oil' },
  { value: 'cream', word: 'Cream' },
  { value: 'butter', word: 'Butter' },
  { value: 'gel', word: 'Gel' },
  { value: 'edgeControl', word: 'Edge control' },
]

/** As they read in a sentence. */
const useNouns: Record<string, string> = {
  prePoo: 'pre-poo',
  plantGel: 'plant gel',
  herbJuice: 'herb juice',
  onionJuice: 'onion juice',
  grainWater: 'grain water',
  hotOil: 'hot oil',
  heavyOil: 'heavy oil',
  herbPaste: 'herb paste',
  clay: 'clay',
  egg: 'egg mask',
  protein: 'light protein',
  tea: 'tea rinse',
  conditioner: 'conditioner',
  deepConditioner: 'deep conditioner',
  endShield: 'end shield',
  oilRinse: 'oil rinse',
  acidicRinse: 'acidic rinse',
  mist: 'mist',
  slipMist: 'slip mist',
  lightSpray: 'light spray',
  leaveIn: 'leave-in',
  oil: 'oil',
  scalpOil: 'scalp oil',
  cream: 'cream',
  butter: 'butter',
  gel: 'gel',
  edgeControl: 'edge control',
}

export const asNoun = (use: string) => useNouns[use] ?? use

export const vessels: { value: NonNullable<FormulaBody['vessel']>; word: string }[] = [
  { value: 'wideBowl', word: 'Wide bowl' },
  { value: 'jar', word: 'Jar' },
  { value: 'applicatorBottle', word: 'Applicator bottle' },
  { value: 'coldWaterBath', word: 'Bowl in cold water' },
]

/** As they read in a sentence. */
export const vesselNouns: typeof vessels = [
  { value: 'wideBowl', word: 'wide bowl' },
  { value: 'jar', word: 'jar' },
  { value: 'applicatorBottle', word: 'applicator bottle' },
  { value: 'coldWaterBath', word: 'bowl in cold water' },
]

export const waitsAt: { value: NonNullable<MethodStepBody['at']>; word: string }[] = [
  { value: 'counter', word: 'On the counter' },
  { value: 'stove', word: 'On the stove' },
  { value: 'fridge', word: 'In the fridge' },
]

export const deeds: { value: NonNullable<MethodStepBody['does']>[number]; word: string }[] = [
  { value: 'strains', word: 'Strains' },
  { value: 'sieves', word: 'Sieves out bits' },
  { value: 'drainsSap', word: 'Drains the sap' },
]

/** A list with one of its things replaced. */
export const replaced = <T>(list: readonly T[], at: number, next: T) => list.map((each, n) => (n === at ? next : each))

export const formulaEditor = {
  youCannotEditThisFormula: 'You cannot edit this formula. Copy it instead.',
  nameOurWay: ({ name }: Parts<'name'>) => `${name}, our way`,
  editName: ({ name }: Parts<'name'>) => `Edit ${name}`,
  newFormula: 'New formula',
  name: 'Name',
  kind: 'Kind',
  shareLeftAfterStraining: 'Share left after straining',
  vessel: 'Vessel',
  temperatureWhenMade: 'Temperature when made',
  useItAs: 'Use it as',
  applyItWarm: 'Apply it warm',
  notes: 'Notes',
  saveChanges: 'Save changes',
  saveFormula: 'Save formula',
  archive: 'Archive',
  cancel: 'Cancel',
}

export const formulaPage = {
  makeIt: ({ name, head }: Parts<'name' | 'head' | 'use'>) => `${name} ${head}`,
  makeItAs: ({ name, head, use }: Parts<'name' | 'head' | 'use'>) => `${name} ${head}, used as ${use}`,
  takeHowMuch: ({ amount, unit }: Parts<'amount' | 'unit'>) => `Make ${amount}, in ${unit}`,
  costs: ({ cost }: Parts<'cost'>) => `Costs ${cost}.`,
  costsWithout: ({ cost, unpriced }: Parts<'cost' | 'unpriced'>) => `Costs ${cost}, not counting ${unpriced}.`,
  cheaperBought: ({ amount, made, cheapest, bought }: Parts<'amount' | 'made' | 'cheapest' | 'bought'>) =>
    `${amount} comes to ${made}; ${cheapest} is cheaper at ${bought}.`,
  dearerBought: ({ amount, made, cheapest, bought }: Parts<'amount' | 'made' | 'cheapest' | 'bought'>) =>
    `${amount} comes to ${made}; bought, ${cheapest} is ${bought}.`,
  noPricesEnteredForIts: 'No prices entered for its ingredients.',
  jarSaved: ({ name, place }: Parts<'name' | 'place'>) => `Saved: ${name}, ${place}.`,
  thisFormulaNoLongerExists: 'This formula no longer exists.',
  allFormulas: 'All formulas',
  forWhom: 'For whom',
  forName: ({ name }: Parts<'name'>) => `for ${name}`,
  asWritten: 'as written',
  asWhat: 'As what',
  asMuchAsAllows: ({ amount, word, name }: Parts<'amount' | 'word' | 'name'>) =>
    `as much as ${amount} ${word} of ${name} allows`,
  asMuchAsNeeded: 'as much as needed',
  howMuch: 'How much',
  thisMuch: 'This much',
  take: 'Take',
  iHaveOnly: 'I have only',
  unit: 'Unit',
  whatIHave: 'What I have',
  asMuchAsNeeded2: 'As much as needed',
  ingredients: 'Ingredients',
  instead: 'Instead',
  makes: 'Makes',
  method: 'Method',
  cautions: 'Cautions',
  printTheLabel: 'Print the label',
  undo: 'Undo',
  iMadeItSaveThe: 'I made it: save the jar',
  copyAndEdit: 'Copy and edit',
  edit: 'Edit',
  exportAsRecipeJsonLd: 'Export as recipe JSON-LD',
  exportAsMarkdown: 'Export as Markdown',
  tooThick: 'Too thick',
  tooRunny: 'Too runny',
  tooLittle: 'Too little',
  itDidNotComeOut: 'It did not come out right',
  thereIs: 'There is',
}

export const formulasPage = {
  formulas: 'Formulas',
  import: 'Import',
  importThisFormula: 'Import this formula',
  newFormula: 'New formula',
  yourOwn: 'Your own',
  containsHolds: ({ holds }: Parts<'holds'>) => `Contains ${holds}.`,
  essentialOilPercentEssentialOil: ({ essentialOilPercent }: Parts<'essentialOilPercent'>) =>
    `${essentialOilPercent} % essential oil.`,
  importAFormula: 'Import a formula',
  aSchemaOrgRecipeIn: 'A schema.org Recipe in JSON-LD, or Markdown.',
  formulaText: 'Formula text',
  markdownNeedsAHeadingA:
    'Markdown needs a heading, a list under Ingredients with lines such as “250 ml water”, and steps under Method.',
  orChooseAFile: 'Or choose a file',
}

export const ingredientRows = {
  removeName: ({ name }: Parts<'name'>) => `Remove ${name}`,
  removeIt: 'Remove this ingredient',
  ingredients: 'Ingredients',
  name: 'Name',
  amount: 'Amount',
  unit: 'Unit',
  comesFrom: 'Comes from',
  theKitchen: 'The kitchen',
  aJarOfName: ({ name }: Parts<'name'>) => `A jar of ${name}`,
  addAfterStraining: 'Add after straining',
  addAnIngredient: 'Add an ingredient',
}

export const keepFields = {
  inTheRoom: 'In the room',
  inTheFridge: 'In the fridge',
  frozen: 'Frozen',
  howLongItKeeps: 'How long it keeps',
  leaveItEmptyWhereIt: 'Leave it empty where it does not keep. 0 days means the same day.',
  ifItLooksAndSmells: 'If it looks and smells right',
}

export const methodRows = {
  method: 'Method',
  writeAnIngredientInBraces: 'Write an ingredient in braces, such as {water}, and Kamuri puts its amount there.',
  stepN: ({ n }: Parts<'n'>) => `Step ${n}`,
  handsBusy: 'Hands busy',
  moveStepNEarlier: ({ n }: Parts<'n'>) => `Move step ${n} earlier`,
  moveStepNLater: ({ n }: Parts<'n'>) => `Move step ${n} later`,
  removeStepN: ({ n }: Parts<'n'>) => `Remove step ${n}`,
  needsTheStove: 'Needs the stove',
  thenItWaits: 'Then it waits',
  waiting: 'Waiting',
  untilItIsSkinWarm: 'until it is skin-warm',
  whatHappens: 'What happens',
  where: 'Where',
  atLeast: 'At least',
  usually: 'Usually',
  atMost: 'At most',
  whatHappensMeanwhile: 'What happens meanwhile',
  addAStep: 'Add a step',
}
