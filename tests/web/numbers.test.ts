import { describe, expect, test } from 'vitest'
import { count, date, moneyIn, number } from '../../web/words/numbers'
import { unitsOf } from '../../web/words/quantity'

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

describe('units', () => {
  // By definition: the international inch, foot and pound of 1959.
  test.each([
    ['water', 10, 25.4, 'cm'],
    ['part', 3.5, 89, 'mm'],
    ['area', 2, 12.9, 'cm²'],
    ['long', 87, 2.21, 'm'],
    ['depth', 10, 3, 'm'],
    ['weight', 0.5, 14, 'g'],
    ['strength', 15, 6.8, 'kg'],
    ['rise', 9, 5, '°C'],
  ] as const)('%s: %d is %d %s', (what, stored, shown, unit) => {
    const metric = unitsOf(true)[what]
    expect([metric.toShown(stored), metric.unit]).toEqual([shown, unit])
    expect(metric.fromShown(stored * metric.per)).toBeCloseTo(stored, 12)
    const us = unitsOf(false)[what]
    expect(us.fromShown(us.toShown(stored))).toBeCloseTo(stored, 1)
  })
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
      expect(unitsOf(true).warmth.toShown(fahrenheit)).toBeCloseTo(celsius, 1)
      expect(unitsOf(true).warmth.fromShown(celsius)).toBeCloseTo(fahrenheit, 12)
    })
  }
})
