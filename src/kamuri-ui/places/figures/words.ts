import type { Parts } from '@/kit/texts'

export const figureRow = {
  rangeAndSource: ({ least, most, source }: Parts<'least' | 'most' | 'source'>) => `${least} to ${most}. ${source}.`,
  resetTo: ({ value }: Parts<'value'>) => `Reset to ${value}`,
  isDefault: 'default',
}

export const figuresPage = {
  headSize: 'Head size',
  handsOnWork: 'Hands-on work',
  steps: 'Steps',
  whatChangesProcessingTimes: 'What changes processing times',
  drying: 'Drying',
  cooling: 'Cooling',
  amounts: 'Amounts',
  mixtureLimits: 'Mixture limits',
  rhythm: 'Rhythm',
  theNight: 'The night',
  loading: 'Loading…',
  craftFigures: 'Craft figures',
  everyPlanIsWorkedOut:
    'Every plan is worked out from these. They are usual values, not laws: change what you have measured yourself. A bought product’s label still comes first, and limits that protect someone can only be made stricter.',
  findAFigure: 'Find a figure',
  resetAllCount: ({ count }: Parts<'count'>) => `Reset all ${count}`,
  undoBringOurValuesBack: 'Undo: bring our values back',
  everyFigureIsAtIts: 'Every figure is at its default.',
  countChangedHere: ({ count }: Parts<'count'>) => `${count} changed here.`,
  groupsOfFigures: 'Groups of figures',
  changedHere: 'Changed here',
  noFigureMatches: 'No figure matches.',
}
