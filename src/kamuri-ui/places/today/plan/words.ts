import type { Parts } from '@/kit/texts'
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
  { value: 'own', word: 'As usual for this head' },
  ...covers,
]

export const airs: { value: NonNullable<Wish['dryingAir']>; word: string }[] = [
  { value: 'still', word: 'Still air' },
  { value: 'fan', word: 'A fan' },
  { value: 'hoodLow', word: 'Hood, low' },
  { value: 'blowDryCool', word: 'Blow-dry, cool' },
]

export const layerings: { value: 'own' | 'loc' | 'lco' | 'loLight'; word: string }[] = [
  { value: 'own', word: 'As usual for this head' },
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
  { value: 'warm', word: 'Warm, tested on your wrist' },
]

export const allFields = {
  schoolsChanged: 'Schools for this day, changed',
  schoolsOfHead: ({ name }: Parts<'name'>) => `Schools for this day, as usual for ${name}`,
  switched: ({ ask, to, from, reason }: Parts<'ask' | 'to' | 'from' | 'reason'>) =>
    `${ask}: ${to}. Before: ${from}. ${reason}`,
  optionsForThisDay: 'Options for this day',
  heatForTreatments: 'Heat for treatments',
  drying: 'Drying',
  layers: 'Layers',
  sections: 'Sections',
  asUsualForThisHead: 'as usual for this head',
  stretchTestOnAWet: 'Stretch test on a wet strand',
  decidesBetweenProteinAndMoisture: 'Decides between protein and moisture.',
  bedtimeFollows: 'Bedtime follows',
  addsAScarfLocsAnd: 'Adds a scarf. Locs and braids must be dry.',
  useNameSOwn: ({ name }: Parts<'name'>) => `Use ${name}’s own`,
  whatThatChanges: 'What that changes',
  roomAndEquipment: ({ household }: Parts<'household'>) => `Room air, hands and equipment: ${household}`,
  thisHousehold: 'This household',
}

export const dayActions = {
  savedForThen: ({ ahead }: Parts<'ahead'>) => `Saved. ${ahead} shows what to start early.`,
  changedForThen: ({ ahead }: Parts<'ahead'>) => `The planned day is changed. ${ahead} shows what to start early.`,
  saveTheDay: 'Save the day',
  openTheRun: 'Open the run',
  undo: 'Undo',
  beginNow: 'Begin now',
  rehearse: 'Rehearse',
  planAgainFromNow: 'Plan again from now',
  ahead: 'Ahead',
}

export const household = {
  planning: ({ seconds }: Parts<'seconds'>) => `Planning… ${seconds} s`,
  stoveAndBowl: 'stove, bowl',
  headNameCannotBeginLikeThis: ({ headName }: Parts<'headName'>) =>
    `${headName} cannot begin like this. See below what stops the day.`,
  doItTheDayBefore: 'Do it the day before',
  leaveOutTheNight: 'Leave out the night',
  kitchen: 'Kitchen',
  planForHeadsSentence: ({ heads, sentence }: Parts<'heads' | 'sentence'>) => `Plan for ${heads}. ${sentence}`,
}

export const dayNeeds = {
  whatThisDayNeeds: 'What this day needs',
  from: { shelf: 'From the shelf', jar: 'From a jar', made: 'To make', buy: 'To buy' },
  change: ({ step }: Parts<'step'>) => `${step}: use something else`,
  stepOf: ({ step, name }: Parts<'step' | 'name'>) => `${step}, ${name}`,
}

export const inTheKitchen = {
  amountsOfHand: ({ name, change, times }: Parts<'name' | 'change' | 'times'>) =>
    `Amounts are adjusted by ${change}: that is what ${name} used, measured ${times}.`,
  time: 'time',
  times: 'times',
  cost: ({ cost }: Parts<'cost'>) => `The day’s products cost ${cost}.`,
  costWithout: ({ cost, unpriced }: Parts<'cost' | 'unpriced'>) =>
    `The day’s products cost ${cost}, not counting ${unpriced}.`,
  inTheKitchen: 'In the kitchen',
  nothingToMake: 'Nothing to make.',
}

export const porosityQuestion = {
  porosity: 'Porosity',
}

export const typeIt = {
  writeIt: 'Write it',
  enterTakesIt: 'Press Enter. What Kamuri understands is underlined.',
  example: 'wash Oriel and Bram, moisture, ready by 6pm',
  nothing: 'Nothing was understood. Name a head, an aim, a style or a time.',
}

export const hairComes = {
  hairOf: ({ name }: Parts<'name'>) => `Hair of ${name}`,
  hairIs: ({ name }: Parts<'name'>) => `${name}’s hair is`,
  since: 'Since',
  sinceTime: ({ time }: Parts<'time'>) => `since ${time}`,
}

export const soonerWays = {
  quick: 'A quick wash',
  fan: 'Dry with a fan',
  hood: 'Dry under the hood',
  morning: 'Begin in the morning',
  doneBy: ({ way, time }: Parts<'way' | 'time'>) => `${way}: done about ${time}`,
}

export const keptDays = {
  savedPlans: 'My routines',
  savedBefore: 'Saved before',
  whenYouUseOneFor: 'When you use one for another head, Kamuri times and checks it again.',
  saveThisPlanAs: 'Name of the routine',
  itsStepsAsTheyAre: 'Its steps as they are now.',
  savePlan: 'Save as my routine',
  undo: 'Undo',
  removeForGood: 'Remove for good',
  countStepsMadeForHair: ({ count, madeFor, steps }: Parts<'count' | 'madeFor' | 'steps'>) =>
    `${count} steps, made for hair that was ${madeFor}: ${steps}.`,
  useThisPlan: 'Use this routine',
  renameName: ({ name }: Parts<'name'>) => `Rename ${name}`,
  removeName: ({ name }: Parts<'name'>) => `Remove ${name}`,
  exportName: ({ name }: Parts<'name'>) => `Export ${name}`,
  importARoutine: 'Import a routine file (YAML)',
  newName: 'New name',
  rename: 'Rename',
  cancel: 'Cancel',
}

export const lookLonger = {
  theSearchStoppedEarly: 'The search stopped early.',
  lookLongerForABetter: 'Look longer for a better plan',
  lookingForABetterPlan: 'Looking for a better plan…',
  searchProgress: 'Search progress',
  stop: 'Stop',
  useThisPlan: 'Use this plan',
}

export const mixtureLines = {
  begin: ({ best, latest }: Parts<'best' | 'latest'>) => `Best started ${best}; ${latest} at the latest.`,
  tooLate: ({ best, latest }: Parts<'best' | 'latest'>) =>
    `Too late: it was best started ${best}, and ${latest} at the latest.`,
  beforeTheDay: 'Before the day:',
  howItCools: 'How it cools',
}

export const planning = {
  skipToTheSteps: 'Skip to the steps',
  namedHands: ({ names }: Parts<'names'>) => `Hands: ${names}`,
  handsEveryoneHome: ({ hands }: Parts<'hands'>) => `${hands}, everyone home`,
  handsWithLimits: ({ hands }: Parts<'hands'>) => `${hands}, around who and what is free`,
  stoveAndBowl: 'stove, bowl',
  washAnotherHeadToo: 'Add a head to this day',
  addAHead: 'Add a head',
  options: 'Options',
  savedPlans: 'My routines',
  waterBeadsOff: 'Water beads off',
  undo: 'Undo',
  resetSteps: 'Reset steps',
  whoseStepsAreShown: 'Whose steps are shown',
  onePairOfHands: 'One pair of hands',
  twoPairsOfHands: 'Two pairs of hands',
  kitchen: 'Kitchen',
  planForHeadNameFinishSentence: ({ headName, finishSentence }: Parts<'headName' | 'finishSentence'>) =>
    `Plan for ${headName}. ${finishSentence}`,
}

export const moreAbout = {
  moreAboutThisPlan: 'More about this plan',
}

export const stepList = {
  putInTheOrderOf: 'Put in the order of the day',
  steps: 'Steps',
  movePhaseEarlier: ({ phase }: Parts<'phase'>) => `Move ${phase} earlier`,
  movePhaseLater: ({ phase }: Parts<'phase'>) => `Move ${phase} later`,
  dayAfterTheNight: ({ day }: Parts<'day'>) => `${day}, after the night`,
  dragToMove: 'Drag to move',
  withIt: 'with it',
  stop: 'stop',
  check: 'check',
  endsToRoots: 'ends to roots',
  rootsToEnds: 'roots to ends',
  dryHair: 'dry hair',
  mistedHair: 'misted hair',
  dampHair: 'damp hair',
  blottedHair: 'blotted hair',
  soakedHair: 'soaked hair',
}

export const stepPanel = {
  whyReason: ({ reason }: Parts<'reason'>) => `Why: ${reason}`,
  cautions: 'Cautions',
  moveNameEarlier: ({ name }: Parts<'name'>) => `Move ${name} earlier`,
  moveNameLater: ({ name }: Parts<'name'>) => `Move ${name} later`,
  leaveThisOut: 'Leave this out',
  repeatThisStep: 'Repeat this step',
  separatelyFromBefore: ({ before }: Parts<'before'>) => `Separately from ${before}`,
  sectionBySectionWithBefore: ({ before }: Parts<'before'>) => `Section by section with ${before}`,
  addAStepAfterThis: 'Add a step after this',
  chooseAStep: 'Choose a step',
  hands: 'Hands',
  drying: 'Drying',
  processing: 'Processing',
  afterTheLatestTimeAfterLatest: ({ afterLatest }: Parts<'afterLatest'>) => `After the latest time: ${afterLatest}`,
  amount: 'Amount',
  changeHowItIsDone: 'Change how it is done',
  water: 'Water',
  hot: 'Hot',
  heat: 'Heat',
  direction: 'Direction',
  howDry: 'How dry',
  toTheTouch80: 'To the touch, 80 %',
  toTheCore95: 'To the core, 95 %',
  howMany: 'How many',
  whereItGoes: 'Where it goes',
  minutesOfName: ({ name }: Parts<'name'>) => `Minutes of ${name}`,
  fiveMinutesLess: 'Five minutes less',
  fiveMinutesMore: 'Five minutes more',
  atLeastEarliestUsuallyUsual: ({ earliest, usual, latest }: Parts<'earliest' | 'usual' | 'latest'>) =>
    `at least ${earliest}, usually ${usual}, at most ${latest}`,
}

export const useFields = {
  doneWith: 'Product or mixture to use',
  doneWithName: ({ name }: Parts<'name'>) => `Product or mixture: ${name}`,
  noProtein: 'No protein',
  lightProtein: 'Light protein',
  strongProtein: 'Strong protein',
  fromTheShelf: 'From the shelf',
  chooseAProduct: 'Choose a product',
  suitsSuitsOf5: ({ suits }: Parts<'suits'>) => `suits ${suits} of 5`,
  expired: 'expired',
  aJar: 'A jar',
  chooseAJar: 'Choose a jar',
  madeFresh: 'Made fresh',
  chooseAFormula: 'Choose a formula',
  makeItFreshEvenIf: 'Make it fresh even if there is a good jar',
  makeTheWholeBatch: 'Make the whole batch and keep the rest in a jar',
  nothingInParticular: 'Nothing in particular',
  somethingElse: 'Something else',
  productOrMixture: 'Product or mixture',
  proteinInIt: 'Protein in it',
  whatIsInIt: 'What is in it',
  separateNamesWithCommasKamuri:
    'Separate names with commas. Kamuri checks them against what must never touch this head.',
  essentialOil: 'Essential oil',
  temperature: 'Temperature',
  roomTemperature: 'room temperature',
  newOnThisHead: 'New on this head',
  useThis: 'Use this',
}

export const waterSheet = {
  whyDoesWaterBeadOff: ({ name }: Parts<'name'>) => `Why does water bead off ${name}’s hair?`,
  change: 'Change',
  questionAtOfAtMost: ({ at, outOf }: Parts<'at' | 'outOf'>) => `Question ${at} of at most ${outOf}.`,
  alreadyKnown: 'already known',
  whatChangesOnTheNext: 'What changes on the next wash day:',
  planItLikeThis: 'Plan it like this',
  ifHairOrScalpChanged:
    'If hair or scalp changed suddenly, or after a chemical service, ask the professional who did it, or a clinician.',
}

export const whoIsThere = {
  none: 'none',
  theseHands: 'these hands',
  removeHands: ({ name }: Parts<'name'>) => `Remove ${name}`,
  kitchen: 'Kitchen',
  washing: 'Washing',
  puttingOn: 'Putting on',
  detangling: 'Detangling',
  styling: 'Styling',
  shower: 'Shower',
  stove: 'Stove',
  hood: 'Hood',
  steamer: 'Steamer',
  whoIsHomeAndWho: 'Who is home, and who helps',
  atHome: 'At home',
  leaveItEmptyIfName: ({ name }: Parts<'name'>) =>
    `Leave it empty if ${name} is home all day. An end before the start means past midnight.`,
  doneAndDryBy: 'Done and dry by',
  aBreakAfter: 'A break after',
  hands: 'Hands',
  aSecondPairOfHands: 'A second pair of hands',
  name: 'Name',
  canDo: 'Can do',
  worksOn: 'Works on',
  away: 'Away',
  moreAboutThem: 'More about them',
  bothPairsOfTheHouse: 'Both pairs of the house',
  onePairThatDoesIt: 'One pair that does it all',
  usedByOthers: 'Used by others',
  ifTheHouseholdHasSeveral: 'If the household has several of something, each line takes one.',
  what: 'What',
  from: 'From',
  to: 'To',
  remove: 'Remove',
  addSomethingInUse: 'Add something in use',
  planning: 'Planning…',
  planWithThis: 'Plan with this',
  labelFrom: ({ label }: Parts<'label'>) => `${label} from`,
  to2: 'to',
  addATime: 'Add a time',
}

export const whyNot = {
  looking: 'Looking for the smallest change that is enough…',
  lookingAt: ({ trying }: Parts<'trying'>) => `Looking for the smallest change that is enough: ${trying}…`,
  theSearchStoppedEarly: 'The search stopped early.',
  notEveryoneIsDoneIn: 'Not everyone is done in time.',
  searchProgress: 'Search progress',
  oneOrTwoChangesAre: 'One or two changes are not enough. Try another time or another day.',
  planWithThem: 'Plan with them',
  dryItThisWay: 'Dry it this way',
  leaveItOut: 'Leave it out',
  doBoth: 'Do both',
}

export const wishSentence = {
  worn: {
    braids: { in: 'in the braids', down: 'after taking the braids down' },
    twists: { in: 'in the twists', down: 'after taking the twists down' },
    cornrows: { in: 'in the cornrows', down: 'after taking the cornrows down' },
    crochet: { in: 'in the crochet style', down: 'after taking the crochet style down' },
  },
  stays: 'Scalp and lengths are washed while the style stays in.',
  comesDown: 'Take it down, wash, and put it in again.',
  wornOrDown: 'Style',
  wornOrDownOf: ({ of }: Parts<'of'>) => `Style on ${of}`,
  aim: 'Aim',
  routine: 'Way',
  routineOf: ({ of }: Parts<'of'>) => `Way for ${of}`,
  savedPlan: 'Routine',
  style: 'Style',
  washFor: ({ head, aim }: Parts<'head' | 'aim'>) => `Wash ${head} for ${aim}`,
  andFor: ({ head, aim }: Parts<'head' | 'aim'>) => `and ${head} for ${aim}`,
  washAsIn: ({ head, plan }: Parts<'head' | 'plan'>) => `Wash ${head} with ${plan}`,
  andAsIn: ({ head, plan }: Parts<'head' | 'plan'>) => `and ${head} with ${plan}`,
  giveHead: ({ head, aim }: Parts<'head' | 'aim'>) => `Give ${head} ${aim}`,
  andGiveHead: ({ head, aim }: Parts<'head' | 'aim'>) => `and give ${head} ${aim}`,
  into: 'into',
  dryByTime: ({ time }: Parts<'time'>) => `dry by ${time}`,
  dryByTimeOn: ({ time, day }: Parts<'time' | 'day'>) => `dry by ${time} ${day}`,
  startingAtTime: ({ time }: Parts<'time'>) => `starting at ${time}`,
  startingAtTimeOn: ({ time, day }: Parts<'time' | 'day'>) => `starting at ${time} ${day}`,
  tomorrow: 'tomorrow',
  onDay: ({ day }: Parts<'day'>) => `on ${day}`,
  headAt: ({ at }: Parts<'at'>) => `Head ${at}`,
  head: 'Head',
  removeThisHead: 'Remove this head',
  aimOf: ({ of }: Parts<'of'>) => `Aim of ${of}`,
  savedPlanOf: ({ of }: Parts<'of'>) => `Routine of ${of}`,
  madeForHairThatWas: ({ madeFor }: Parts<'madeFor'>) => `Made for hair that was ${madeFor}`,
  bestFor: ({ hint }: Parts<'hint'>) => `${hint} Proposed for this.`,
  asLastTime: 'as last time',
  onDayFor: ({ day, aim, style }: Parts<'day' | 'aim' | 'style'>) => `${day}: ${aim}, into ${style}.`,
  aRemovedPlan: 'a removed routine',
  aNewPlan: 'a new plan',
  andLeaveIt: 'and leave it',
  styleOf: ({ of }: Parts<'of'>) => `Style of ${of}`,
  teaRinse: 'Tea rinse',
  readyAndDryBy: 'Ready and dry by',
  startAt: 'Start at',
  outOfTheNight: 'As soon as possible, but not at night',
  startNow: 'Start now',
  startingSoon: 'starting soon',
  startingNow: 'starting now',
  when: 'When',
  time: 'Time',
  day: 'Day',
}

export const worthKnowing = {
  worthKnowing: 'Worth knowing',
  continuingAnyway: 'Continuing anyway',
  mustChangeBeforeYouBegin: 'Must change before you begin',
  betterToChange: 'Better to change',
  goodToKnow: 'Good to know',
  becauseOverridden: ({ overridden }: Parts<'overridden'>) => `Because: ${overridden}`,
  fixEverythingThatCanBe: 'Fix everything that can be fixed',
  schoolsAndThisHead: 'Schools and this head',
  followedAnyway: 'followed anyway',
  notFollowed: 'not followed',
  leftOut: 'Left out',
  youCouldLeaveOut: 'You could leave out',
  nameSavesMinutesSaved: ({ name, minutesSaved }: Parts<'name' | 'minutesSaved'>) => `${name}, saves ${minutesSaved}`,
  changesThatNoLongerApply: 'Changes that no longer apply',
  noProblemsFound: 'No problems found.',
  takeCare: 'Take care',
  savedSentence: ({ sentence }: Parts<'sentence'>) => `Saved. ${sentence}`,
  iHaveJustPutA: 'I have just put a patch on',
  iHaveJustPutAOf: ({ ingredients }: Parts<'ingredients'>) => `I have just put a patch on: ${ingredients}`,
  continueAnyway: 'Continue anyway',
  yourReasonInAFew: 'Your reason, in a few words',
  saveTheReasonAndContinue: 'Save the reason and continue',
}

export const wish = {
  you: 'You',
}
