import type { Outing, OutingEvent, Stint } from '../../api/client'
import { isSame } from '../../api/settled.svelte'

/** Something that both have changed, and differently. */
export interface Clash {
  /** What it belongs to; null for the outing itself. */
  in: OutingEvent | Stint | null
  field: string
  mine: unknown
  theirs: unknown
}

export interface Merged {
  outing: Outing
  clashes: Clash[]
}

export type Winner = 'mine' | 'theirs'
type Row = Record<string, unknown> & { id?: string | null }
/** An event with the stint it was noted under, so that one which was moved to another stint is still the same. */
type Placed = OutingEvent & { under: string }

/**
 * An outing that was corrected here while another device noted in it: what either has changed since both read it stays, added and removed
 * ones too. Where both have changed the same thing, the winner's stays, and the clash is told; what one removed and the other changed
 * stays.
 */
export function merged(base: Outing, mine: Outing, theirs: Outing, winner: Winner): Merged {
  const clashes: Clash[] = []

  function row<T extends Row>(was: T, here: T, there: T, within: Clash['in']): T {
    const result: Row = { ...there }
    for (const field of Object.keys({ ...here, ...there })) {
      const [before, a, b] = [was[field] ?? null, here[field] ?? null, there[field] ?? null]
      if (isSame(a, before) || isSame(a, b)) continue
      if (!isSame(b, before)) clashes.push({ in: within, field, mine: a, theirs: b })
      if (isSame(b, before) || winner === 'mine') result[field] = here[field]
    }
    return result as T
  }

  function rows<T extends Row & Clash['in']>(was: T[], here: T[], there: T[]): T[] {
    const find = (list: T[], one: T) => list.find((other) => other.id === one.id)
    const both = there.flatMap((b) => {
      const [before, a] = [find(was, b), find(here, b)]
      if (a) return [row(before ?? a, a, b, a)]
      return before && isSame(before, b) ? [] : [b]
    })
    const added = here.filter((a) => {
      const before = find(was, a)
      return !find(there, a) && !(before && isSame(before, a))
    })
    return [...both, ...added]
  }

  const [wasStints, hereStints, thereStints] = [base, mine, theirs].map(bare) as [Stint[], Stint[], Stint[]]
  const [wasEvents, hereEvents, thereEvents] = [base, mine, theirs].map(placed) as [Placed[], Placed[], Placed[]]
  const events = rows<Placed>(wasEvents, hereEvents, thereEvents)
  const stints = rows<Stint>(wasStints, hereStints, thereStints)
  // A stint that one removed while the other noted in it stays for that.
  const needed = [...thereStints, ...hereStints].filter((stint) => events.some((event) => event.under === stint.id))
  const all = needed.reduce((sum, stint) => (sum.some((one) => one.id === stint.id) ? sum : [...sum, stint]), stints)
  const own = row(alone(base), alone(mine), alone(theirs), null)
  const outing = {
    ...own,
    id: theirs.id,
    version: theirs.version,
    stints: all
      .toSorted((a, b) => Date.parse(a.started_at) - Date.parse(b.started_at))
      .map((stint) => ({
        ...stint,
        events: events.filter((event) => event.under === stint.id).map(({ under: _, ...event }) => (void _, event)),
      })),
  }
  return { outing: outing as Outing, clashes }
}

const alone = ({ stints: _, version: __, ...outing }: Outing) => (void [_, __], outing as Row)
const bare = (outing: Outing): Stint[] =>
  (outing.stints ?? []).map(({ events: _, ...stint }) => (void _, stint as Stint))
const placed = (outing: Outing): Placed[] =>
  (outing.stints ?? []).flatMap((stint) => (stint.events ?? []).map((event) => ({ ...event, under: stint.id ?? '' })))
