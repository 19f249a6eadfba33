import type { Treatment } from '@/api/client'
import type { Parts } from '@/kit/texts'

export const treatments: { value: Treatment | 'any'; word: string }[] = [
  { value: 'any', word: 'any steps' },
  { value: 'wash', word: 'a wash' },
  { value: 'clarify', word: 'clarifying' },
  { value: 'lightProtein', word: 'light protein' },
  { value: 'strongProtein', word: 'strong protein' },
  { value: 'hotOil', word: 'hot oil' },
  { value: 'herbPrePoo', word: 'a herb pre-poo' },
  { value: 'retwist', word: 'a retwist' },
  { value: 'tensionStyle', word: 'a tight style' },
  { value: 'locDetox', word: 'a detox soak' },
  { value: 'grainWater', word: 'grain water' },
  { value: 'takeDown', word: 'taking a style down' },
]

export const record = {
  step: 'Step',
  month: 'Month',
  always: 'at any time',
  inMonth: ({ month }: Parts<'month'>) => `in ${month}`,
}

export const behindPlace = {
  behind: 'Behind',
  washDays: ({ heads, treatment, month }: Parts<'heads' | 'treatment' | 'month'>) =>
    `Wash days of ${heads} with ${treatment}, ${month}`,
  head: 'Head',
  everyone: 'everyone',
  noneOfThese: 'No wash day like that is on record.',
  noWashDaysYetThe: 'No wash days yet. The first one you finish appears here, with the plan beside what happened.',
  theThinLineIsThe: 'The thin line is the plan; the stitched line is what it took.',
  aimIntoStyle: ({ aim, style }: Parts<'aim' | 'style'>) => `${aim}, into ${style}`,
  showEarlierDays: 'Show earlier days',
  plannedPlannedMinutesTookActualMinutes: ({
    plannedMinutes,
    actualMinutes,
  }: Parts<'plannedMinutes' | 'actualMinutes'>) => `Planned ${plannedMinutes}, took ${actualMinutes}`,
}

export const reviewPage = {
  nameOfWhose: ({ name, whose }: Parts<'name' | 'whose'>) => `${name}, ${whose}`,
  pointsOf5: ({ label, points }: Parts<'label' | 'points'>) => `${label}: ${points} of 5`,
  whenItWas: ({ day, from, to, sentence, hands }: Parts<'day' | 'from' | 'to' | 'sentence' | 'hands'>) =>
    `${day}, ${from} to ${to}. ${sentence} Hands were busy for ${hands}.`,
  allWashDays: 'All wash days',
  headNameAimIntoStyle: ({ headName, aim, style }: Parts<'headName' | 'aim' | 'style'>) =>
    `${headName}, ${aim} into ${style}`,
  stillRunning: 'still running',
  plannedAndActual: 'Planned and actual',
  started: 'Started',
  what: 'What',
  planned: 'Planned',
  actual: 'Actual',
  drawing: 'Drawing',
  howItTurnedOut: 'How it turned out',
  reopenThisDay: 'Reopen this day',
  thisDay: 'this day',
}

export const takings = {
  planned: ({ name, planned }: Parts<'name' | 'planned'>) => `${name}, planned ${planned}`,
  plannedAndUsed: ({ name, planned, used }: Parts<'name' | 'planned' | 'used'>) =>
    `${name}, planned ${planned}, used about ${used}`,
  productsUsed: 'Products used',
  usedAbout: 'Used about',
  save: 'Save',
}
