import { describe, expect, test } from 'vitest'
import type { Reading, TripTurn, Water } from '../../web/words/documents'
import { grouped } from '../../web/screens/fish/grouped'
import { atWater, newTrip, renamed } from '../../web/screens/fish/newTrip'

const READING = {
  lure: 'jig',
  visibility_in: 24,
  tint: 'green',
  sky: 'low_sun',
  cover: 'wood',
  forage: 'shad',
  surface_f: 58,
  trend_f: 3,
} as Reading
const WATER: Water = {
  id: 'w',
  name: 'Quarry',
  tint: 'none',
  red_crawfish: true,
  forage: 'crawfish',
  note: '',
  place: { latitude: 44, longitude: -89, time_zone: 'America/Chicago' },
}
const turn = (part: Partial<TripTurn>): TripTurn =>
  ({
    at: '7:52',
    lure: 'jig',
    sky: 'sun',
    why: 'the sun climbs above 12°',
    pick: 'skirt.base',
    before: ['black'],
    after: ['brown'],
    because: '',
    facts: [],
    ...part,
  }) as TripTurn

describe('a new trip', () => {
  test.each([
    ['a Friday', '2026-11-27', '2026-11-28'],
    ['a Saturday', '2026-11-28', '2026-12-05'],
    ['a Sunday', '2026-11-29', '2026-12-05'],
  ])('is on the next Saturday: %s', (_, today, expected) => {
    expect(newTrip(READING, null, new Date(`${today}T12:00:00`)).trip.date).toBe(expected)
  })

  test('begins with the reading and the place of the water', () => {
    const { trip, name, water_id } = newTrip(READING, WATER, new Date('2026-11-27T12:00:00'))
    expect(name).toBe('Quarry, 2026-11-28')
    expect(water_id).toBe('w')
    expect(trip.place).toEqual(WATER.place)
    expect(trip.reading.lure).toBe('any')
    expect(trip.visibility_in).toEqual([18, 24, 30])
    // What is so today only is not so on another day.
    expect(trip.reading).toMatchObject({ surface_f: null, trend_f: null, forage: 'unknown' })
    expect(trip.forage).toEqual([{ forage: 'crawfish', share: 1 }])
    // How low the sun stands follows from the time of day.
    expect(trip.sky).toEqual([{ from: '0:00', to: '24:00', sky: 'sun', chance: 1 }])
  })

  test('is named after its water and day until somebody names it', () => {
    const trip = newTrip(READING, null, new Date('2026-11-27T12:00:00'))
    const there = renamed(trip, atWater(trip, WATER), [WATER])
    expect([trip.name, there.name]).toEqual(['Trip, 2026-11-28', `${WATER.name}, 2026-11-28`])
    const later = { ...there, trip: { ...there.trip, date: '2026-12-05' } }
    expect(renamed(there, later, [WATER]).name).toBe(`${WATER.name}, 2026-12-05`)
    const own = { ...there, name: 'With a friend' }
    expect(renamed(there, own, [WATER]).name).toBe('With a friend')
    expect(renamed(own, { ...later, name: own.name }, [WATER]).name).toBe('With a friend')
  })

  test('takes what is usual at a water, and keeps the rest', () => {
    const moved = atWater(newTrip(READING, null), WATER)
    expect(moved.trip.reading).toMatchObject({ tint: 'none', red_crawfish: true, cover: 'wood' })
    expect(moved.trip.forage).toEqual([{ forage: 'crawfish', share: 1 }])
    expect(moved.trip.place).toEqual(WATER.place)
    expect(atWater(moved, null).water_id).toBeNull()
  })
})

describe('turns', () => {
  test('of one moment stand together, and the same under two skies once', () => {
    const groups = grouped([
      turn({}),
      turn({ pick: 'trailer.base' }),
      turn({ sky: 'broken' }),
      turn({ sky: 'broken', pick: 'trailer.base' }),
      turn({ at: '11:00', why: 'the likely sky changes to rain', sky: 'rain' }),
    ])
    expect(groups.map((group) => [group.at, group.skyWords, group.turns.length])).toEqual([
      ['7:52', ', under sun or broken cloud', 2],
      ['11:00', '', 1],
    ])
  })

  test('that differ under two skies stay apart', () => {
    expect(grouped([turn({}), turn({ sky: 'rain', after: ['white'] })])).toHaveLength(2)
  })
})
