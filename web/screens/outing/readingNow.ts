import type { Outing, Reading, TripRequest } from '../../api/client'
import { currentReading } from '../../stores/currentReading.svelte'
import { minutesOf } from '../../words/clock'
import { eventsOf } from './noted'

/** The likeliest sky of a plan at this time of the day. */
function skyNow(trip: TripRequest, now: Date): Reading['sky'] {
  const at = 60 * now.getHours() + now.getMinutes()
  const likely = (trip.sky ?? [])
    .filter((one) => minutesOf(one.from) <= at && at < minutesOf(one.to))
    .toSorted((a, b) => b.chance - a.chance)[0]
  return likely?.sky ?? trip.reading.sky
}

/**
 * The reading that is noted with a lure: the one before in this outing; that of the trip it was started from; else the current one. What
 * fish spat up is added.
 */
export function readingNow(outing: Outing, trip: TripRequest | null, now: Date): Reading {
  const last = outing.stints?.at(-1)?.reading
  const planned: Reading | null = trip && {
    ...trip.reading,
    visibility_in: trip.visibility_in[1] ?? trip.reading.visibility_in,
    sky: skyNow(trip, now),
  }
  return withSeen(last ?? planned ?? { ...currentReading.asked, lure: 'any' }, outing)
}

/** The forage and colors seen on this outing, put into its reading (F7). */
export function withSeen(reading: Reading, outing: Outing): Reading {
  const seen = eventsOf(outing)
  const forages = [...new Set(seen.flatMap((event) => event.forage_seen ?? []))]
  const colours = [
    ...new Set([...(reading.forage_colours ?? []), ...seen.flatMap((event) => event.colours_seen ?? [])]),
  ]
  const main = forages.at(-1) ?? reading.forage
  const also = [...new Set([...(reading.forage_also ?? []), ...(main === reading.forage ? [] : [reading.forage])])]
  return {
    ...reading,
    forage: main,
    forage_also: also.filter((one) => one !== main && one !== 'unknown'),
    forage_colours: colours,
  }
}
