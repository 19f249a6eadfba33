import type { Parts } from '@/kit/texts'

export const warmthCurve = {
  lineIsNow: 'The vertical line is now.',
  sentenceItFallsFromCelsius: ({ sentence, from, to, last }: Parts<'sentence' | 'from' | 'to' | 'last'>) =>
    `${sentence} It falls from ${from} to ${to} in ${last} minutes.`,
  warmOnSkin: 'warm on skin',
  fittedToYourReadings: 'Fitted to your readings.',
  basedOnYourCraftFigures: 'Based on your craft figures.',
}

export const warmthPage = {
  isItWarm: ({ vessel }: Parts<'vessel'>) => `Is the mixture in the ${vessel} warm?`,
  reading: 'reading',
  readings: 'readings',
  coolingRate: ({ value, now }: Parts<'value' | 'now'>) =>
    `Your readings give a cooling rate of ${value} a minute. Plans use ${now}.`,
  comfortableAt: ({ time }: Parts<'time'>) => `Comfortable at ${time}.`,
  vessel: 'Vessel',
  howMuch: 'How much',
  startingTemperature: 'Starting temperature',
  roomOrWaterBath: 'Room or water bath',
  startNow: 'Start now',
  thermometerProbe: 'Thermometer probe',
  simulatedProbeRunning60Times: 'Simulated probe, running 60 times faster.',
  theProbeShows: 'The probe shows',
  useThisReading: 'Use this reading',
  orAReadingByHand: 'Or a reading by hand',
  useIt: 'Use it',
  undoTheLastReading: 'Undo the last reading',
  drawingTheCurve: 'Drawing the curve…',
  useThisFromNowOn: 'Use this from now on',
  savedAsACraftFigure: 'Saved as a craft figure. Plans use it now.',
}
