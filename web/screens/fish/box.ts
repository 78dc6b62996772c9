import type { Composition, InventoryPart, Outing } from '../../words/documents'

/** What can be changed on the lure that is on, from what is carried. */
export type Change = 'trailer' | 'blade' | 'lure'

const nameOf = (part: InventoryPart) => part.id ?? part.name
const unique = (all: readonly InventoryPart[]): InventoryPart[] =>
  all.filter((part, i) => all.findIndex((other) => nameOf(other) === nameOf(part)) === i)
const trailerOf = (lure: Composition) => (lure.trailer ? [lure.trailer] : [])

/** The trailers or blades in the box, those on its lures among them: they can be taken off too. */
export function partsFor(change: 'trailer' | 'blade', outing: Outing, on: Composition): InventoryPart[] {
  const { lures = [], trailers = [], blades = [] } = outing.box ?? {}
  return change === 'trailer'
    ? unique([...trailers, ...lures.flatMap(trailerOf)])
    : unique([...blades, ...lures.flatMap((lure) => (lure.rear ? [lure.rear] : []))]).filter(
        (blade) => (blade.shape === 'bladed_jig') === (on.lure === 'bladed_jig'),
      )
}

const AT_HAND = 5

/** The trailers fished last on this outing, but for the one that is on; where there were fewer, those that the box begins with. */
export function lastTrailers(outing: Outing, parts: readonly InventoryPart[], on: Composition): InventoryPart[] {
  const fished = (outing.stints ?? []).toReversed().flatMap((stint) => trailerOf(stint.build))
  return unique([...fished, ...parts])
    .filter((part) => !on.trailer || nameOf(part) !== nameOf(on.trailer))
    .slice(0, AT_HAND)
}

/** Trailers by their style, in the order of the box. */
export function byStyle(parts: readonly InventoryPart[]): { style: string; parts: InventoryPart[] }[] {
  const styleOf = (part: InventoryPart) => part.style ?? 'other'
  const styles = [...new Set(parts.map(styleOf))]
  return styles.map((style) => ({ style, parts: parts.filter((part) => styleOf(part) === style) }))
}
