import type { Parts } from '@/kit/texts'

export const aheadPlace = {
  noHeadsYet: ({ add }: Parts<'add'>) => `No heads yet. ${add}`,
  whoIsDueForA: 'Who is due for a wash day',
  todayIsDayEachBar: ({ day }: Parts<'day'>) =>
    `Today is ${day}. Each bar runs from the first sensible day to the last. The mark is the usual day for that head.`,
  addTheFirstOne: 'Add the first one',
  lastTimeLastAimIntoLastStyle: ({ lastAim, lastStyle }: Parts<'lastAim' | 'lastStyle'>) =>
    `Last time: ${lastAim}, into ${lastStyle}.`,
  backToTheRunningDay: 'Back to the running day',
  planAWashDay: 'Plan a wash day',
  planAWashDayFor: ({ name }: Parts<'name'>) => `Plan a wash day for ${name}`,
  backToTheRunningDayOf: ({ name }: Parts<'name'>) => `Back to the running day of ${name}`,
  fromDayUsuallyDay2Day3: ({ day, day2, day3 }: Parts<'day' | 'day2' | 'day3'>) =>
    `From ${day}, usually ${day2}, ${day3} at the latest`,
  today: 'today',
  nWk: ({ n }: Parts<'n'>) => `+${n} wk`,
}

export const toBegin = {
  nameForHeadOnDay: ({ name, head, day, what }: Parts<'name' | 'head' | 'day' | 'what'>) =>
    `${name} for ${head}, ${day}: ${what}`,
  ingredientOnHead: ({ ingredient, head, sentence }: Parts<'ingredient' | 'head' | 'sentence'>) =>
    `${ingredient} on ${head}: ${sentence}`,
  dayCancelled: 'Day cancelled.',
  startAhead: 'Start ahead',
  whatToStartEarly: 'Start ahead',
  itIsTooLateFor: 'It is too late for that day.',
  startByDayTime: ({ day, time }: Parts<'day' | 'time'>) => `Start by ${day}, ${time}.`,
  theDayBefore: 'The day before',
  patchTestIngredientsOnHeadName: ({ ingredients, headName, day }: Parts<'ingredients' | 'headName' | 'day'>) =>
    `Patch-test ${ingredients} on ${headName} before ${day}.`,
  patchTest: 'Patch test',
  inTheKitchen: 'In the kitchen',
  plannedDays: 'Planned days',
  planned: 'Planned',
  open: 'Open',
  cancelThisDay: 'Cancel this day',
  undo: 'Undo',
}
