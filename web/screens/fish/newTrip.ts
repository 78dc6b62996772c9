import { likelyPlace } from '../../ui/likelyPlace'
import type { Reading, SavedTrip, SkyChance, TripRequest, Water } from '../../words/documents'
import type { Sky } from '../../words/vocabulary'
import { dayOf } from '../../words/clock'

const FROM = '6:00'
const TO = '18:00'
/** What is carried where nobody says otherwise. */
export const CARRY = { lures: 4, trailers: 6 }

/** The next Saturday that is not today. */
function nextSaturday(today: Date): Date {
  return new Date(today.getFullYear(), today.getMonth(), today.getDate() + ((6 - today.getDay() + 6) % 7) + 1)
}

/** A sky as it is overhead: how low the sun stands follows from the time of day. */
const overhead = (sky: Sky): Sky => (sky === 'low_sun' || sky === 'night' ? 'sun' : sky)

const allDay = (sky: Sky): SkyChance[] => [{ from: '0:00', to: '24:00', sky: overhead(sky), chance: 1 }]

/**
 * A trip as it begins: the water and the cover of the present reading, on the next Saturday. What is so today only is not
 * carried over to another day: temperature, its trend, what was eaten.
 */
export function newTrip(reading: Reading, water: Water | null, today = new Date()): SavedTrip {
  const date = dayOf(nextSaturday(today))
  const place = water?.place ?? likelyPlace(today)
  return {
    name: nameOf(water, date),
    note: '',
    water_id: water?.id ?? null,
    trip: {
      date,
      from: FROM,
      to: TO,
      place,
      reading: {
        ...reading,
        lure: 'any',
        surface_f: null,
        trend_f: null,
        forage: 'unknown',
        forage_in: null,
        forage_also: [],
        forage_colours: [],
      },
      visibility_in: around(reading.visibility_in),
      sky: allDay(reading.sky),
      covers: [reading.cover],
      lures: [],
      forage: [{ forage: water?.forage ?? 'unknown', share: 1 }],
      carry: CARRY,
    },
  }
}

const nameOf = (water: Water | null, date: string) => `${water?.name ?? 'Trip'}, ${date}`

/** The changed trip, named after its water and day for as long as nobody has named it otherwise. */
export function renamed(was: SavedTrip, now: SavedTrip, waters: readonly Water[]): SavedTrip {
  const usual = (trip: SavedTrip) => nameOf(waters.find((one) => one.id === trip.water_id) ?? null, trip.trip.date)
  return was.name === now.name && was.name === usual(was) ? { ...now, name: usual(now) } : now
}

/** The visibility that is expected, and what it may come to. */
function around(likely: number): TripRequest['visibility_in'] {
  return [Math.max(1, Math.round(likely * 0.75)), likely, Math.round(likely * 1.25)]
}

/** What is usual at a water, put into a trip. */
export function atWater(trip: SavedTrip, water: Water | null): SavedTrip {
  if (!water) return { ...trip, water_id: null }
  return {
    ...trip,
    water_id: water.id ?? null,
    trip: {
      ...trip.trip,
      place: water.place ?? trip.trip.place,
      reading: { ...trip.trip.reading, tint: water.tint, red_crawfish: water.red_crawfish },
      forage: water.forage ? [{ forage: water.forage, share: 1 }] : trip.trip.forage,
    },
  }
}
