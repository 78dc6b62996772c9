import { describe, expect, test } from 'vitest'
import { count, date, moneyIn, number } from '../../web/words/numbers'
import { fromCelsius, toCelsius } from '../../web/words/words'

// Numbers, plurals, dates and money as Intl (ECMA-402, CLDR) writes them in American English.

describe('numbers', () => {
  test('thousands are set apart', () => expect(number(2942055)).toBe('2,942,055'))
  for (const [value, words] of [
    [0, '0 builds'],
    [1, '1 build'],
    [2, '2 builds'],
    [5000, '5,000 builds'],
  ] as const) {
    test(`${value} of a thing`, () => expect(count(value, 'build')).toBe(words))
  }
  test('a plural of its own', () => expect(count(3, 'kind of part', 'kinds of part')).toBe('3 kinds of part'))
})

test('a date by its month and day', () => expect(date('2026-04-09T12:00:00+00:00')).toBe('Apr 9, 2026'))

describe('money in the angler’s own', () => {
  for (const [currency, words] of [
    ['USD', '$1,234.50'],
    ['EUR', '€1,234.50'],
    ['GBP', '£1,234.50'],
    ['CAD', 'CA$1,234.50'],
    // ISO 4217: the yen has no minor unit.
    ['JPY', '¥1,235'],
  ] as const) {
    test(currency, () => expect(moneyIn(currency, 1234.5)).toBe(words))
  }
})

describe('temperatures', () => {
  // By definition of the two scales.
  for (const [fahrenheit, celsius] of [
    [32, 0],
    [212, 100],
    [-40, -40],
    [50, 10],
  ] as const) {
    test(`${fahrenheit} °F is ${celsius} °C`, () => {
      expect(toCelsius(fahrenheit)).toBeCloseTo(celsius, 12)
      expect(fromCelsius(celsius)).toBeCloseTo(fahrenheit, 12)
    })
  }
})
