import type { Composition, InventoryPart } from '../words/documents'
import { capital } from '../words/words'
import { slotsOf, type Slot } from '../words/slots'

/** A part that is not among those owned: generic, or changed by hand. */
export interface NotOwned {
  slot: Slot
  part: InventoryPart
}

/** The parts of a build that somebody would have to buy, by slot. */
export function notOwned(build: Composition): NotOwned[] {
  return slotsOf(build.lure).flatMap((slot) => {
    const part = build[slot]
    return part && !part.id ? [{ slot, part }] : []
  })
}

/** The same part as an owned one would be added, one of it. */
export function asOwned(part: InventoryPart): InventoryPart {
  return { ...part, id: undefined, version: undefined, name: capital(part.name), count: Math.max(1, part.count ?? 1) }
}

/** A build once some of its parts were bought: the owned ones, in the order of the items, in place of those. */
export function afterBuying(
  build: Composition,
  owned: readonly InventoryPart[],
  items: readonly InventoryPart[],
): Composition {
  return notOwned(build).reduce((made, { slot, part }) => {
    const now = owned[items.indexOf(part)]
    return now ? { ...made, [slot]: now } : made
  }, build)
}
