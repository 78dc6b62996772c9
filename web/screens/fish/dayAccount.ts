import type { Composition, Outing, Stint } from '../../words/documents'
import { key } from '../../words/sameBuild'
import { BITES, type EventKind } from '../../words/logbook'

/** What one lure did on an outing, in the hand of whoever notes. */
interface LureOfTheDay {
  build: Composition
  minutes: number
  bites: number
  fish: number
}

/** A day on the water in a few figures: one's own, without the partner's. */
export interface DayAccount {
  minutes: number
  fish: number
  bites: number
  follows: number
  partnersFish: number
  longest_in: number | null
  /** The one with the most bites; of several with as many, the one fished least. Null where nothing bit. */
  best: LureOfTheDay | null
}

const MINUTE_MS = 60_000

function minutesOf(stint: Stint, end: string): number {
  const until = Date.parse(stint.ended_at ?? end)
  return Math.max(0, Math.round((until - Date.parse(stint.started_at)) / MINUTE_MS))
}

export function dayAccount(outing: Outing): DayAccount {
  const stints = outing.stints ?? []
  const mine = stints.filter((stint) => (stint.angler ?? 'me') === 'me')
  const events = stints.flatMap((stint) => stint.events ?? [])
  const own = events.filter((event) => (event.angler ?? 'me') === 'me')
  const count = (kinds: readonly EventKind[], among = own) => among.filter((event) => kinds.includes(event.kind)).length
  const lures: LureOfTheDay[] = []
  for (const stint of mine) {
    const caught = (stint.events ?? []).filter((event) => (event.angler ?? 'me') === 'me')
    let lure = lures.find((one) => key(one.build) === key(stint.build))
    if (!lure) lures.push((lure = { build: stint.build, minutes: 0, bites: 0, fish: 0 }))
    lure.minutes += minutesOf(stint, outing.ended_at ?? stint.started_at)
    lure.bites += count(BITES, caught)
    lure.fish += count(['landed'], caught)
  }
  const lengths = own.flatMap((event) => (event.kind === 'landed' && event.length_in ? [event.length_in] : []))
  const [best] = lures.filter((one) => one.bites > 0).toSorted((a, b) => b.bites - a.bites || a.minutes - b.minutes)
  return {
    minutes: lures.reduce((sum, one) => sum + one.minutes, 0),
    fish: count(['landed']),
    bites: count(BITES),
    follows: count(['follow']),
    partnersFish: events.filter((event) => event.angler === 'partner' && event.kind === 'landed').length,
    longest_in: lengths.length > 0 ? Math.max(...lengths) : null,
    best: best ?? null,
  }
}
