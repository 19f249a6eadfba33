// @vitest-environment jsdom
import { afterEach, describe, expect, it } from 'vitest'
import { Day, day, followToday } from '../../src/kamuri-ui/app/time'
import table from '../Shared/writing.json'
import {
  followStyle,
  styleOfBrowser,
  writtenAmount,
  writtenLength,
  writtenMoney,
  writtenTemperature,
  writtenTime,
  type WritingStyle,
} from '../../src/kamuri-ui/app/style'

const metric: WritingStyle = {
  clock: 'twentyFourHours',
  lengths: 'centimetres',
  temperatures: 'celsius',
  amounts: 'millilitres',
  cup: 'metric',
  currency: 'EUR',
  firstDayOfWeek: 'monday',
}
const imperial: WritingStyle = {
  ...metric,
  clock: 'twelveHours',
  lengths: 'inches',
  amounts: 'spoons',
  cup: 'us',
  temperatures: 'fahrenheit',
  currency: '',
}

const written = (row: { kind: string; value: string | number }) =>
  (row.kind === 'time'
    ? writtenTime(String(row.value))
    : row.kind === 'length'
      ? writtenLength(Number(row.value))
      : row.kind === 'amount'
        ? writtenAmount(Number(row.value))
        : writtenTemperature(Number(row.value))
  ).replaceAll('\u00a0', ' ')

describe('figures are written as the server writes them', () => {
  afterEach(() => followStyle(metric))

  it.each(table)('$kind $value', (row) => {
    followStyle(metric)
    expect(written(row)).toBe(row.metric)
    followStyle(imperial)
    expect(written(row)).toBe(row.imperial)
  })

  it('writes money with the household’s currency, if it has one', () => {
    followStyle(metric)
    expect(writtenMoney(4.2)).toBe('€4.20')
    followStyle(imperial)
    expect(writtenMoney(4.2)).toBe('4.20')
  })
})

describe('what a browser proposes', () => {
  it.each([
    ['en-US', { clock: 'twelveHours', lengths: 'inches', temperatures: 'fahrenheit', cup: 'us', currency: 'USD' }],
    ['en-GB', { clock: 'twentyFourHours', lengths: 'centimetres', temperatures: 'celsius', currency: 'GBP' }],
    ['de', { clock: 'twentyFourHours', lengths: 'centimetres', cup: 'metric', currency: 'EUR' }],
  ])('%s', (language, expected) => expect(styleOfBrowser(language)).toMatchObject(expected))
})

describe('days as people say them', () => {
  it.each([
    ['2026-12-01', 'today'],
    ['2026-12-02T18:00:00+01:00', 'tomorrow'],
    ['2026-11-30', 'yesterday'],
    ['2026-12-05', 'Saturday 5 December'],
    ['2026-11-20', 'Friday 20 November'],
    ['2026-12-20', '20 December'],
    ['2027-01-03', '3 January 2027'],
  ])('%s is %s', (moment, said) => {
    followToday('2026-12-01')
    expect(day(moment)).toBe(said)
    expect(Day(moment)[0]).toBe(said[0]!.toUpperCase())
  })
})
