export const notHere = {
  pageNotFound: 'Page not found',
  thisPageDoesNotExist: 'This page does not exist.',
  backToToday: 'Back to Today',
}

export const time = {
  today: 'today',
  tomorrow: 'tomorrow',
  yesterday: 'yesterday',
}

export const shell = {
  skipToThePage: 'Skip to the page',
  kamuri: 'Kamuri',
  places: 'Places',
  householdTime: 'Household time',
  dayTheme: 'Day theme',
  nightTheme: 'Night theme',
  keyboardShortcuts: 'Keyboard shortcuts',
  craftFigures: 'Craft figures',
  thisHousehold: 'This household',
  devices: 'Devices',
  productLabelsLocalRulesAnd: 'Product labels, local rules and your clinician come before anything Kamuri says.',
}

export const shortcutSheet = {
  undoTheLastChangeTo: 'Undo the last change to the plan',
  moveTheFocusedStepEarlier: 'Move the focused step earlier or later',
  leaveOutTheFocusedStep: 'Leave out the focused step',
  startTickASectionOr: 'Start, tick a section, or finish the step',
  fiveMinutesMore: 'Five minutes more',
  pauseOrResume: 'Pause or resume',
  undoTheLastPress: 'Undo the last press',
  writeANote: 'Write a note',
  keyboardShortcuts: 'Keyboard shortcuts',
  anywhere: 'Anywhere',
  craftFigures: 'Craft figures',
  thisList: 'This list',
  whilePlanning: 'While planning',
  duringARun: 'During a run',
}

export const places = {
  ahead: 'Ahead',
  today: 'Today',
  behind: 'Behind',
  shelf: 'Shelf',
  heads: 'Heads',
}
