import type { Parts } from '@/kit/texts'

export const counting = {
  dryIn: ({ time }: Parts<'time'>) => `dry in ${time}`,
  overdue: 'overdue',
  titleIsReady: ({ title }: Parts<'title'>) => `${title} is ready.`,
  notBeforeTime: ({ time }: Parts<'time'>) => `not before ${time}`,
  readyFinishByTime: ({ time }: Parts<'time'>) => `ready; finish by ${time}`,
  titleSoFar: ({ title }: Parts<'title'>) => `${title} so far`,
  titleEarliestTimeUsualTime2: ({ title, time, time2, time3 }: Parts<'title' | 'time' | 'time2' | 'time3'>) =>
    `${title}: earliest ${time}, usual ${time2}, latest ${time3}`,
  readyAtTime: ({ time }: Parts<'time'>) => `ready at ${time}`,
}

export const doingNow = {
  sectionsDone: ({ done, sections }: Parts<'done' | 'sections'>) => `${done} of ${sections} sections`,
  inTheKitchen: 'in the kitchen',
  aBreakUntilTime: ({ time }: Parts<'time'>) => `Time for a break until ${time}.`,
  putAside: 'Put aside.',
  putAsideWith: ({ done, sections }: Parts<'done' | 'sections'>) =>
    `Put aside with ${done} of ${sections} sections done.`,
  next: 'Next:',
  nextOn: ({ name }: Parts<'name'>) => `Next, on ${name}:`,
  titleOfSection: ({ title, section }: Parts<'title' | 'section'>) => `${title}, section ${section}`,
  thenOnTheSame: ({ name, instruction }: Parts<'name' | 'instruction'>) =>
    `Then, on the same section: ${name}. ${instruction}`,
  takeAmount: ({ amount }: Parts<'amount'>) => `Take ${amount}.`,
  onPlaces: ({ places }: Parts<'places'>) => `On ${places}.`,
  onPlacesWay: ({ places, way }: Parts<'places' | 'way'>) => `On ${places}, ${way}.`,
  theStoveForName: ({ name }: Parts<'name'>) => `the stove, for ${name}`,
  putUpSinceTimeTicked: ({ time }: Parts<'time'>) =>
    `Put up since ${time}. Ticked sections are kept. Resume when you are back.`,
  pausedWhatIsOnThe: 'Paused. What is on the hair keeps working.',
  handsAreFreeUntilTime: ({ time }: Parts<'time'>) => `Hands are free until ${time}.`,
  everythingIsDone: 'Everything is done.',
  handsAreFree: 'Hands are free.',
  wellDone: 'Well done',
  fromTheEndsUp: 'from the ends up',
  fromTheRootsDown: 'from the roots down',
  fromTheMiddleDown: 'from the middle down',
}

export const endings = {
  dueNext: ({ name, due }: Parts<'name' | 'due'>) => `${name}: ${due}`,
  inAll: ({ heads, time }: Parts<'heads' | 'time'>) => `${heads}, ${time} in all.`,
  theDayIsDone: 'The day is done.',
  nameAimIntoStyle: ({ name, aim, style }: Parts<'name' | 'aim' | 'style'>) => `${name}, ${aim} into ${style}`,
  backToThePlan: 'Back to the plan',
  seePlannedAndActual: 'See planned and actual',
  noWashDayIsRunning: 'No wash day is running here.',
  backToToday: 'Back to Today',
}

export const finishSheet = {
  note: 'Note',
  endTheRehearsal: 'End the rehearsal',
  howDidItTurnOut: 'How did it turn out?',
  nothingIsSaved: 'Nothing is saved.',
  skipWhatYouCannotSay: 'Skip what you cannot say yet.',
  whoseHair: 'Whose hair',
  nameValueOf5: ({ name, value }: Parts<'name' | 'value'>) => `${name} ${value} of 5`,
  endWithoutSaving: 'End without saving',
  saveThisDay: 'Save this day',
  backToTheRun: 'Back to the run',
  itWasNotAWashDay: 'It was not a wash day',
}

export const lanes = {
  doneAbout: ({ time }: Parts<'time'>) => `done about ${time}`,
  hands: 'Hands',
  now: 'now',
  inHand: ({ hands, title }: Parts<'hands' | 'title'>) => `${hands}: ${title}.`,
  inHandWith: ({ hands, title, done, sections }: Parts<'hands' | 'title' | 'done' | 'sections'>) =>
    `${hands}: ${title}, ${done} of ${sections} sections.`,
  then: ({ title, time }: Parts<'title' | 'time'>) => `Then ${time}: ${title}.`,
  needs: ({ title, time }: Parts<'title' | 'time'>) => `Needed ${time}: ${title}.`,
  waitsForHands: ({ title, time }: Parts<'title' | 'time'>) => `Waits for hands, ${time}: ${title}.`,
  kitchen: 'Kitchen',
  noMoreHandsOnWork: 'No more hands-on work.',
  theRestNeedsNoHands: 'The rest needs no hands.',
  done: 'Done.',
  aboutTime: ({ time }: Parts<'time'>) => `about ${time}`,
}

export const mishapSheet = {
  doneAt: ({ time }: Parts<'time'>) => `Done at ${time}.`,
  doneLater: ({ time, minutes }: Parts<'time' | 'minutes'>) => `Done at ${time}, ${minutes} later than now planned.`,
  doneEarlier: ({ time, minutes }: Parts<'time' | 'minutes'>) =>
    `Done at ${time}, ${minutes} earlier than now planned.`,
  itStayedOnTooLong: 'It stayed on too long',
  iHaveToGoAway: 'I have to go away',
  itItchesOrStings: 'It itches or stings',
  tooHot: 'Too hot',
  notEnoughOfIt: 'Not enough of it',
  tooMuchOfIt: 'Too much of it',
  tooThick: 'Too thick',
  tooRunny: 'Too runny',
  oilWillNotWashOut: 'Oil will not wash out',
  bitsLeftInTheHair: 'Bits left in the hair',
  notSureWhichSectionsAre: 'Not sure which sections are done',
  runningOutOfTime: 'Running out of time',
  bedtimeAndStillWet: 'Bedtime, and still wet',
  somethingsOff: 'Something’s off',
  onWhoseHair: 'On whose hair',
  putUpByTime: ({ time }: Parts<'time'>) => `Put up by ${time}.`,
  backToTheList: 'Back to the list',
}

export const notTaken = {
  pressedWhileKamuriWasOut: 'Pressed while Kamuri was out of reach, and not accepted:',
  gotIt: 'Got it',
}

export const noteSheet = {
  writeANote: 'Write a note',
  note: 'Note',
  saveNote: 'Save note',
}

export const otherOrder = {
  useTheNewOrder: 'Use the new order',
  keepThisOrder: 'Keep this order',
}

export const readingSheet = {
  temperatureIsFor: ({ what }: Parts<'what'>) => `The temperature is for ${what}.`,
  saveReading: ({ label }: Parts<'label'>) => `Save: ${label}`,
  reading: 'Reading',
  whatTheTemperatureIsFor: 'What the temperature is for',
  somethingElse: 'something else',
  howWarm: 'How warm',
  fromTheProbe: 'From the probe',
  theProbeIsNotIn: 'The probe is not in anything. Set it up under Shelf, Warm or cool.',
  howMuch: 'How much',
  fromTheScale: 'From the scale',
  theScaleIsEmpty: 'The scale is empty.',
  save: 'Save',
}

export const runHeader = {
  ends: ({ time, drift }: Parts<'time' | 'drift'>) => `Ends ${time}, ${drift}`,
  late: ({ minutes }: Parts<'minutes'>) => `${minutes} late`,
  early: ({ minutes }: Parts<'minutes'>) => `${minutes} early`,
  kamuri: 'Kamuri',
  rehearsal: 'Rehearsal',
  whoseHandsThisScreenIs: 'Whose hands this screen is for',
  rehearsalSpeed: 'Rehearsal speed',
  surpriseMe: 'Surprise me',
  play: 'Play',
  stopPlaying: 'Stop playing',
  theClockStands: 'The clock starts with your first press, or with Play.',
  onceYouAnswer: 'once you answer below',
  nothingCanGoWrongJust: 'Nothing can go wrong just now. Ask again while you are working on something.',
  kamuriIsOutOfReach: 'Kamuri is out of reach. What you press is saved and sent later.',
  asPlanned: 'as planned',
}

export const runKeys = {
  whatTheBigButtonSays: 'what the big button says',
  thatSectionIsDone0: 'that section is done; 0 is the tenth',
  fiveMinutesMore: 'five minutes more',
  pauseOrResume: 'pause or resume',
  undo: 'undo',
  settingsOfThisDevice: 'how this screen runs the day',
  theOtherPairOfHands: 'the other pair of hands',
  finishAndRateIt: 'finish, and rate it',
  theseKeys: 'these keys',
  keyboardShortcuts: 'Keyboard shortcuts',
}

export const runPage = {
  runOf: ({ title, names }: Parts<'title' | 'names'>) => `${title}, ${names}`,
  workedAndPlanned: ({ worked, planned }: Parts<'worked' | 'planned'>) => `${worked} on this, ${planned} planned.`,
  amountsIn: ({ unit }: Parts<'unit'>) => `Amounts in ${unit}.`,
  then: 'Then:',
  titleOn: ({ title, name }: Parts<'title' | 'name'>) => `${title} on ${name}`,
  loading: 'Loading…',
  note: 'Note',
  reading: 'Reading',
  settings: 'Settings',
  finish: 'Finish',
  tickBySection: 'Tick section by section',
  tickWholeStep: 'Tick the whole step',
  nameSectionsOfTitle: ({ name, title }: Parts<'name' | 'title'>) => `${name}: sections of ${title}`,
  nameSections: ({ name }: Parts<'name'>) => `${name}, sections`,
  rest: 'Rest',
  theWholeDay: 'The whole day',
  skip: 'Skip',
  nothingToDo: 'Nothing to do',
  space: 'space',
  somethingsOff: 'Something’s off',
  n5MinMore: '5 min more',
  resume: 'Resume',
  pause: 'Pause',
  undo: 'Undo',
}

export const awayQuestion = {
  yes: ({ minutes }: Parts<'minutes'>) => `Yes, leave out ${minutes}`,
  no: 'No, I was working',
}

export const signalsSheet = {
  byTheClock: 'By the clock',
  day: 'Day',
  night: 'Night',
  theScreenIsKeptAwake: 'The screen is kept awake while this page is in sight.',
  thisBrowserDoesNotKeep: 'This browser does not keep the screen awake. Set the device so that it stays on.',
  theScreenIsNotKept: 'The screen is not kept awake just now.',
  settingsOfThisDevice: 'How this screen runs the day',
  goesOn: 'Done begins the next step',
  goesOnHint: 'Undo takes back both.',
  bySection: 'Tick section by section',
  bySectionHint: 'Otherwise the big button ticks the whole step.',
  sound: 'Sound',
  chimesAtTheEarliestAnd: 'Chimes at the earliest and latest time of every wait.',
  voice: 'Voice',
  saysEachStepAndEvery: 'Says each step and every mark aloud.',
  thisBrowserCannotSpeak: 'This browser cannot speak.',
  theVoiceIsOn: 'The voice is on.',
  vibration: 'Vibration',
  vibratesAtEveryMark: 'Vibrates at every mark.',
  thisDeviceCannotVibrate: 'This device cannot vibrate.',
  light: 'Light',
  onAnotherDeviceToo: 'On another device too',
}

export const wholeDay = {
  kitchen: 'Kitchen',
  theDayOfNamesEnding: ({ names, time }: Parts<'names' | 'time'>) => `The day of ${names}, ending ${time}`,
}

export const mainPress = {
  titleOf: ({ title, name }: Parts<'title' | 'name'>) => `${title} (${name})`,
  waitsFor: ({ name, title }: Parts<'name' | 'title'>) => `Waits for ${name}: ${title}`,
  resumeTitle: ({ title }: Parts<'title'>) => `Resume: ${title}`,
  startTitle: ({ title }: Parts<'title'>) => `Start: ${title}`,
  isOver: ({ title }: Parts<'title'>) => `${title} is over`,
  resume: 'Resume',
  sectionSectionDone: ({ section }: Parts<'section'>) => `Section ${section} done`,
  done: 'Done',
  otherHands: 'other hands',
  drying: 'Drying',
  itIsDry: 'It is dry',
  early: ({ done, earliest, title }: Parts<'done' | 'earliest' | 'title'>) =>
    `${done} of ${earliest} minutes. ${title} now?`,
  earlyEnd: ({ done, earliest }: Parts<'done' | 'earliest'>) => `${done} of ${earliest} minutes. End it now?`,
  finishTheDay: 'Finish the day',
}

export const ratings = {
  softness: 'Softness',
  definition: 'Definition',
  slip: 'Slip',
  itCaught: 'it caught',
  itGlided: 'it glided',
  scalpComfort: 'Scalp comfort',
  atEase: 'at ease',
  suppleness: 'Suppleness',
}

export const spoken = {
  theHairIsPutUp: 'The hair is put up. Resume when you are back.',
  pausedWhatIsOnThe: 'Paused. What is on the hair keeps working.',
  aBreakUntilTime: ({ time }: Parts<'time'>) => `Time for a break until ${time}.`,
  handsAreFreeUntilTime: ({ time }: Parts<'time'>) => `Hands are free until ${time}.`,
  next: ({ title }: Parts<'title' | 'name'>) => `Next: ${title}.`,
  nextFor: ({ title, name }: Parts<'title' | 'name'>) => `Next, for ${name}: ${title}.`,
  everythingIsDone: 'Everything is done.',
}
