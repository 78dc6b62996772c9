import type { Advice, Reading, TripPack } from '../../words/documents'
import { Packed, type Near, type Outside } from './packed'
import { PACK_VERSION, type LureKind } from '../../words/vocabulary'

/** A carried lure that does well: its place in the pack, the trailer it takes instead of its own, and its score of 100. */
export interface PackedRank {
  lure: number
  trailer: number | null
  score: number
}

const USUAL_ROD = { rod_power: 'medium_heavy', rod_action: 'fast' } as const
const AXES = ['lure', 'visibility_in', 'sky', 'wind', 'bite', 'cover'] as const
/** Set hour by hour or chosen once for everything: nothing to compare. */
const NOT_COMPARED: readonly string[] = [...AXES, 'sun_elevation_deg', 'schools', 'lead_free']
const PICKS = ['head', 'blades', 'skirt', 'trailer', 'pairing'] as const
/** Within this share of the outermost visibilities it is still one of them. (Chosen.) */
const AT_THE_EDGE = 1.08

type Axis = (typeof AXES)[number]
type At = Record<Axis, number>

/** Whether it is of the shape that this page reads; another one has to be packed again. */
export const isReadable = (pack: { kontrast_pack?: unknown }): boolean => pack.kontrast_pack === PACK_VERSION

/** The nearest packed advice to a reading. */
export function adviceIn(pack: TripPack, reading: Reading): Packed<Advice> {
  const { at, outside } = place(pack, reading)
  return new Packed(adviceAt(pack, cellOf(pack, at)), {
    made_at: pack.made_at,
    visibility_in: pack.axes.visibility_in[at.visibility_in] ?? 0,
    coarse: coarse(pack, at, reading.visibility_in),
    outside,
  })
}

/** The carried lures that do best on the nearest packed reading, the best first. */
export function rankedIn(pack: TripPack, reading: Reading): PackedRank[] {
  const { at } = place(pack, reading)
  // The orders are packed for all kinds of lure at once: the first axis has but one place.
  const order = pack.ranked[pack.orders[cellOf(pack, { ...at, lure: 0 })] ?? -1] ?? []
  return order.map(([lure, trailer, score]) => ({ lure: lure ?? 0, trailer: trailer ?? null, score: score ?? 0 }))
}

/** Where on the grid a reading lies, and what of it lies outside. */
function place(pack: TripPack, reading: Reading): { at: At; outside: Outside[] } {
  const outside: Outside[] = []
  const on = (axis: Exclude<Axis, 'visibility_in' | 'lure'>): number => {
    const words: readonly unknown[] = pack.axes[axis]
    const found = words.indexOf(reading[axis])
    if (found >= 0) return found
    const instead = Math.max(0, words.indexOf(pack.reading[axis]))
    outside.push({ field: axis, asked: reading[axis], packed: words[instead] })
    return instead
  }
  const visibility_in = nearest(pack.axes.visibility_in, reading.visibility_in)
  const [least, most] = [pack.axes.visibility_in[0] ?? 0, pack.axes.visibility_in.at(-1) ?? 0]
  if (reading.visibility_in < least / AT_THE_EDGE || reading.visibility_in > most * AT_THE_EDGE) {
    outside.push({
      field: 'visibility_in',
      asked: reading.visibility_in,
      packed: pack.axes.visibility_in[visibility_in],
    })
  }
  const at: At = { lure: 0, visibility_in, sky: on('sky'), wind: on('wind'), bite: on('bite'), cover: on('cover') }
  at.lure = lureOf(pack, reading, at, outside)
  for (const field of new Set([...Object.keys(reading), ...Object.keys(pack.reading)]) as Set<keyof Reading>) {
    if (NOT_COMPARED.includes(field) || isSame(reading[field], pack.reading[field])) continue
    outside.push({ field, asked: reading[field] ?? null, packed: pack.reading[field] ?? null })
  }
  return { at, outside }
}

/** Any lure is the one that suits best here. */
function lureOf(pack: TripPack, reading: Reading, at: At, outside: Outside[]): number {
  const kinds: readonly string[] = pack.axes.lure
  if (reading.lure === 'any') {
    const best = adviceAt(pack, cellOf(pack, at)).lure_ranking.find((one) => kinds.includes(one.lure))
    return Math.max(0, kinds.indexOf(best?.lure ?? ''))
  }
  const found = kinds.indexOf(reading.lure)
  if (found >= 0) return found
  outside.push({ field: 'lure', asked: reading.lure, packed: kinds[0] satisfies string | undefined as LureKind })
  return 0
}

/** Visibilities are as far apart as their ratio says. */
function nearest(all: readonly number[], asked: number): number {
  const far = (one: number) => Math.abs(Math.log(one / asked))
  return all.reduce((best, one, i) => (far(one) < far(all[best] ?? one) ? i : best), 0)
}

function coarse(pack: TripPack, at: At, asked: number): Near['coarse'] {
  const all = pack.axes.visibility_in
  const here = all[at.visibility_in] ?? asked
  if (here === asked) return null
  const beside = at.visibility_in + (asked > here ? 1 : -1)
  const there = all[beside]
  if (there === undefined) return null
  const [one, other] = [cellOf(pack, at), cellOf(pack, { ...at, visibility_in: beside })].map(
    (cell) => pack.advices[pack.cells[cell] ?? -1],
  )
  const picks = PICKS.filter((pick) => {
    const field = pack.fields.indexOf(pick)
    return one?.[field] !== other?.[field]
  })
  return picks.length === 0 ? null : { picks, from: Math.min(here, there), to: Math.max(here, there) }
}

/** The last axis turns fastest. */
function cellOf(pack: TripPack, at: At): number {
  return AXES.reduce((cell, axis) => cell * pack.axes[axis].length + at[axis], 0)
}

/** An advice put together of the pieces that it shares with others. */
function adviceAt(pack: TripPack, cell: number): Advice {
  const pieces = pack.advices[pack.cells[cell] ?? -1] ?? []
  return upToDate(
    Object.fromEntries(
      pack.fields.map((field, i) => {
        const value = pack.values[pieces[i] ?? -1]
        return [field, pack.lists.includes(field) ? (value as number[]).map((one) => pack.values[one]) : value]
      }),
    ) as Advice,
  )
}

/** A pack that was made before there were sets says nothing of them, nor how stiff the rod is: then it is what is usual. */
function upToDate(advice: Advice): Advice {
  return 'set' in advice
    ? advice
    : { ...(advice as Advice), set: null, tackle: { ...(advice as Advice).tackle, ...USUAL_ROD } }
}

const isSame = (one: unknown, other: unknown) => JSON.stringify(said(one)) === JSON.stringify(said(other))
/** What says nothing is as good as left out. */
const said = (value: unknown) =>
  value === false || value === '' || (Array.isArray(value) && value.length === 0) ? null : (value ?? null)
