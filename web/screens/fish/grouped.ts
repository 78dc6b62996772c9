import type { TripTurn } from '../../words/documents'
import { show } from '../../words/words'

/** Turns of one moment under one sky. */
export interface TurnGroup {
  key: string
  at: string
  why: string
  /** The sky it is true under, where it is not said already. */
  skyWords: string
  turns: TripTurn[]
}

/** Turns that happen together, in the order of the day; where they are the same under several skies, once. */
export function grouped(turns: readonly TripTurn[]): TurnGroup[] {
  const groups = new Map<string, { at: string; why: string; skies: Set<string>; turns: TripTurn[] }>()
  const bySky = new Map<string, TripTurn[]>()
  for (const turn of turns) {
    const key = `${turn.at} ${turn.why} ${turn.sky}`
    bySky.set(key, [...(bySky.get(key) ?? []), turn])
  }
  for (const list of bySky.values()) {
    const [first] = list
    if (!first) continue
    const same = `${first.at} ${first.why} ${JSON.stringify(list.map(({ pick, before, after }) => [pick, before, after]))}`
    const group = groups.get(same) ?? { at: first.at, why: first.why, skies: new Set<string>(), turns: list }
    group.skies.add(show(first.sky))
    groups.set(same, group)
  }
  return [...groups.entries()].map(([key, { at, why, skies, turns: list }]) => ({
    key,
    at,
    why,
    skyWords: why.startsWith('the likely sky') ? '' : `, under ${[...skies].join(' or ')}`,
    turns: list,
  }))
}
