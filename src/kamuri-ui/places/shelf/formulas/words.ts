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

export const asWord = (use: string) => uses.find((each) => each.value === use)?.word ?? use

export const vessels: { value: NonNullable<FormulaBody['vessel']>; word: string }[] = [
  { value: 'wideBowl', word: 'Wide bowl' },
  { value: 'jar', word: 'Jar' },
  { value: 'applicatorBottle', word: 'Applicator bottle' },
  { value: 'coldWaterBath', word: 'Bowl in cold water' },
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
