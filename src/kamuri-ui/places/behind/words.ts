import type { Parts } from '@/kit/texts'

export const behindPlace = {
  washDaysBehindYou: 'Wash days behind you',
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
  valueOf5: ({ value }: Parts<'value'>) => `${value} of 5`,
  notAnswered: 'not answered',
}

export const takings = {
  planned: ({ name, planned }: Parts<'name' | 'planned'>) => `${name}, planned ${planned}`,
  plannedAndUsed: ({ name, planned, used }: Parts<'name' | 'planned' | 'used'>) =>
    `${name}, planned ${planned}, used about ${used}`,
  productsUsed: 'Products used',
  usedAbout: 'Used about',
  save: 'Save',
}
