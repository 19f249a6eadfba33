import type { Parts } from '@/kit/texts'

export const jarLabelPage = {
  jarLabel: 'Jar label',
  sizeAndScan: ({ width, height }: Parts<'width' | 'height'>) =>
    `${width} by ${height}. Scan the code with a phone on your network to open this jar.`,
  print: 'Print',
  backToTheJar: 'Back to the jar',
}

export const jarsPage = {
  left: ({ amount }: Parts<'amount'>) => `${amount} left`,
  goneDay: ({ day }: Parts<'day'>) => `gone ${day}`,
  madeFrom: ({ day, parts }: Parts<'day' | 'parts'>) => `Made ${day} from ${parts}.`,
  cost: ({ cost }: Parts<'cost'>) => `It cost ${cost}.`,
  leftAndKept: ({ amount, place }: Parts<'amount' | 'place'>) => `${amount} left, ${place}.`,
  noJarsYet: 'No jars yet',
  everyJarIsStillGood: 'Every jar is still good',
  oneJarIsNoLonger: 'One jar is no longer good',
  wrongJarsAreNoLonger: ({ wrong }: Parts<'wrong'>) => `${wrong} jars are no longer good`,
  makeAFormula: 'Make a formula',
  madeDay: ({ day }: Parts<'day'>) => `made ${day}`,
  portionsPortions: ({ portions }: Parts<'portions'>) => `${portions} portions`,
  inTheRoom: 'In the room. ',
  inTheFridge: 'In the fridge. ',
  usedUpOrThrownOut: 'Used up or thrown out',
  undoTheLastChange: 'Undo the last change',
  lookAndSmell: 'Look and smell',
  itLooksAndSmellsRight: 'It looks and smells right',
  somethingIsWrongWithIt: 'Something is wrong with it',
  whereItIsKept: 'Where it is kept',
  inTheRoom2: 'In the room',
  inTheFridge2: 'In the fridge',
  freezeItInPortions: 'Freeze it in portions',
  freeze: 'Freeze',
  portionsToThawOfPortions: ({ portions }: Parts<'portions'>) => `Portions to thaw, of ${portions}`,
  thaw: 'Thaw',
  usedAbout: 'Used about',
  save: 'Save',
  whyThrowItOut: 'Why throw it out',
  throwOut: 'Throw out',
  printTheLabel: 'Print the label',
}
