import type { ObservedReading, Outing, Reading, Stint, TripRequest, UsualWater } from '../../words/documents'
import { minutesOf } from '../../words/clock'
import { clearerIn, dirtierIn } from '../../words/stick'
import { STARTING_READING } from '../../words/vocabulary'
import { eventsOf } from './noted'

// What somebody saw of the water, and what an advice takes for granted beside it. Only the first is stored and counted.

/** A reading to ask with, and what of it nobody saw. */
export interface Filled {
  reading: Reading
  assumed: (keyof ObservedReading)[]
}

/** What an angler wants, beside what the water is like. */
const WISHES: readonly (keyof ObservedReading)[] = ['lure', 'goal', 'lead_free', 'schools', 'arm', 'run']

const isSaid = (value: unknown) => value != null && !(Array.isArray(value) && value.length === 0)
const said = (reading: ObservedReading | undefined) =>
  Object.fromEntries(Object.entries(reading ?? {}).filter(([, value]) => isSaid(value))) as ObservedReading

/** What was seen of the water so far on this outing, with what fish spat up (F7). */
export function seenSoFar(outing: Outing): ObservedReading {
  const last = outing.stints?.at(-1)
  return withSpatUp(last?.confirmed === false ? {} : said(last?.reading), outing)
}

/** What a stint says of its water, where somebody said it. */
export const seenIn = (stint: Stint): ObservedReading => (stint.confirmed === false ? {} : said(stint.reading))

/** Whether all that is said of the water was said by somebody who was there. */
export const isConfirmed = (outing: Outing): boolean =>
  (outing.stints ?? []).every((stint) => stint.confirmed !== false || Object.keys(said(stint.reading)).length === 0)

/** The outing with its water as it was said to be, or as nobody knows it. */
export const confirmed = (outing: Outing, isSo: boolean): Outing => ({
  ...outing,
  stints: (outing.stints ?? []).map((stint) =>
    stint.confirmed === false ? { ...stint, confirmed: true, ...(isSo ? {} : { reading: {} }) } : stint,
  ),
})

/** Whether the water is told otherwise than it was, and not only more of it. */
export const isOtherThan = (was: ObservedReading, now: ObservedReading): boolean =>
  (['visibility_in', 'tint', 'sky', 'wind', 'surface_f', 'bank'] as const).some(
    (field) => was[field] != null && was[field] !== now[field],
  )

/** The forage and colors seen on this outing, put into what was seen of the water. */
export function withSpatUp(seen: ObservedReading, outing: Outing): ObservedReading {
  const events = eventsOf(outing)
  const forages = [...new Set(events.flatMap((event) => event.forage_seen ?? []))]
  const colours = [...new Set([...(seen.forage_colours ?? []), ...events.flatMap((event) => event.colours_seen ?? [])])]
  const main = forages.at(-1) ?? seen.forage
  const before = main === seen.forage ? [] : [seen.forage]
  const also = [...new Set([...(seen.forage_also ?? []), ...before])].filter((one) => one != null)
  return said({
    ...seen,
    forage: main ?? null,
    forage_also: also.filter((one) => one !== main && one !== 'unknown'),
    forage_colours: colours,
  })
}

/** The likeliest sky of a plan at this time of the day. */
function skyNow(trip: TripRequest, now: Date): Reading['sky'] {
  const at = 60 * now.getHours() + now.getMinutes()
  const likely = (trip.sky ?? [])
    .filter((one) => minutesOf(one.from) <= at && at < minutesOf(one.to))
    .toSorted((a, b) => b.chance - a.chance)[0]
  return likely?.sky ?? trip.reading.sky
}

/** What is taken for granted where nobody looked: what was planned for the day, else what is usual at that water. */
export function granted(trip: TripRequest | null, usual: UsualWater | undefined, now: Date): Reading {
  const planned = trip && {
    ...trip.reading,
    visibility_in: trip.visibility_in[1] ?? trip.reading.visibility_in,
    sky: skyNow(trip, now),
  }
  return { ...STARTING_READING, ...usual?.reading, ...planned }
}

/** What was seen, and the rest as it is taken for granted. */
export function filled(seen: ObservedReading, rest: Reading): Filled {
  const fields = Object.keys(said(rest)) as (keyof ObservedReading)[]
  // An advice asks for cover, not for the lie of the bank.
  const water = said({ ...seen, bank: null })
  return {
    reading: { ...rest, ...water } as Reading,
    assumed: fields.filter((field) => !isSaid(seen[field]) && !WISHES.includes(field)),
  }
}

/** What a water is like, as far as it is told by eye: how far one sees, and its tint. */
export type ByEye = Required<Pick<Reading, 'visibility_in' | 'tint'>>

/** A step dirtier by eye. What makes clear water dirty is clay; a tint that is there stays. (Common practice, no source.) */
export function dirtier(water: ByEye): ByEye | null {
  const visibility_in = dirtierIn(water.visibility_in)
  return visibility_in === null ? null : { visibility_in, tint: water.tint === 'none' ? 'clay' : water.tint }
}

export function clearer(water: ByEye): ByEye | null {
  const visibility_in = clearerIn(water.visibility_in)
  return visibility_in === null ? null : { ...water, visibility_in }
}

/** What was seen by eye; null where it was not. */
export const byEye = ({ visibility_in, tint }: ObservedReading): ByEye | null =>
  visibility_in != null && tint != null ? { visibility_in, tint } : null
