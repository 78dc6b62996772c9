import { describe, expect, it } from 'vitest'
import { clock, dateTime, minutesOf, timeOf, timeRead, timeWords, dayOf } from '../../web/words/clock'

// Times of day: as documents have them, by twenty-four hours, and as anglers say and type them.

it('times of day go to minutes and back', () => {
  for (const time of ['0:00', '7:52', '14:05', '24:00']) expect(timeOf(minutesOf(time))).toBe(time)
})

describe('said', () => {
  it.each([
    ['0:00', 'midnight'],
    ['0:05', '12:05 AM'],
    ['7:52', '7:52 AM'],
    ['12:00', 'noon'],
    ['12:30', '12:30 PM'],
    ['17:30', '5:30 PM'],
    ['24:00', 'midnight'],
    ['at dawn', 'at dawn'],
  ])('%s is %s', (time, words) => {
    expect(timeWords(time)).toBe(words)
  })

  it('and read, every minute of the day is the same again', () => {
    for (let minute = 0; minute < 1440; minute += 1) expect(timeRead(timeWords(timeOf(minute)))).toBe(timeOf(minute))
    expect(timeRead(timeWords('24:00'), true)).toBe('24:00')
  })
})

describe('typed', () => {
  it.each([
    ['5', '5:00'],
    ['530', '5:30'],
    ['05:30', '5:30'],
    ['5 pm', '17:00'],
    ['5:30 P.M.', '17:30'],
    ['1730', '17:30'],
    ['12 AM', '0:00'],
    ['12:15p', '12:15'],
    ['Noon', '12:00'],
    ['24', '24:00'],
  ])('%s is %s', (typed, time) => {
    expect(timeRead(typed)).toBe(time)
  })

  it.each(['', 'soon', '25:00', '24:01', '5:75', '13 am', '-5', '5:3'])('“%s” is no time', (typed) => {
    expect(timeRead(typed)).toBeNull()
  })
})

it('a moment is said by the clock of the device', () => {
  expect(clock(new Date(2026, 10, 26, 9, 7))).toBe('9:07 AM')
  expect(dateTime(new Date(2026, 10, 26, 12, 0).toISOString())).toBe('Nov 26, noon')
})

it('a day is the day of the device, late in the evening too', () => {
  expect(dayOf(new Date(2026, 10, 26, 23, 30))).toBe('2026-11-26')
  expect(dayOf(new Date(2026, 0, 5, 0, 15))).toBe('2026-01-05')
})
