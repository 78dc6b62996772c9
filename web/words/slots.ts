import type { Composition, InventoryPart } from './documents'
import type { LureKind } from './vocabulary'
import type { Kind } from './part'

export type Slot = 'head' | 'front' | 'rear' | 'skirt' | 'trailer' | 'hook'

export const KIND_OF: Record<Slot, Kind> = {
  head: 'head',
  front: 'blade',
  rear: 'blade',
  skirt: 'skirt',
  trailer: 'trailer',
  hook: 'hook',
}

export const SLOT_WORDS: Record<Slot, string> = {
  head: 'Head',
  front: 'Front blade',
  rear: 'Blade',
  skirt: 'Skirt',
  trailer: 'Trailer',
  hook: 'Trailer hook',
}

/** The slots a lure of this kind has, in the order they are put together. */
export function slotsOf(lure: LureKind): Slot[] {
  switch (lure) {
    case 'spinnerbait':
      return ['head', 'front', 'rear', 'skirt', 'trailer', 'hook']
    case 'bladed_jig':
      return ['head', 'rear', 'skirt', 'trailer']
    default:
      return ['head', 'skirt', 'trailer']
  }
}

/** Whether a slot may stay empty. */
export function canBeEmpty(slot: Slot, lure: LureKind): boolean {
  return slot === 'front' || slot === 'trailer' || slot === 'hook' || (slot === 'skirt' && lure === 'bladed_jig')
}

/** The parts of the bin that go into a slot of a lure; heads of lead only where lead is used. */
export function partsFor(
  slot: Slot,
  lure: LureKind,
  parts: readonly InventoryPart[],
  leadFree: boolean,
): InventoryPart[] {
  return parts.filter(
    (part) =>
      part.kind === KIND_OF[slot] &&
      (part.count ?? 1) > 0 &&
      (slot !== 'head' ||
        ((part.lures ?? []).includes(lure) && !(leadFree && (part.metal_of_head ?? 'lead') === 'lead'))) &&
      (part.kind !== 'blade' || (part.shape === 'bladed_jig') === (lure === 'bladed_jig')),
  )
}

/** The next part of a slot, round and round; an empty slot is one of its places where it may stay empty. */
export function step(
  build: Composition,
  slot: Slot,
  parts: readonly InventoryPart[],
  by: 1 | -1,
): InventoryPart | null {
  const choices: (InventoryPart | null)[] = [...(canBeEmpty(slot, build.lure) ? [null] : []), ...parts]
  const now = build[slot]
  const at = choices.findIndex((choice) => (choice === null ? now == null : choice.id != null && choice.id === now?.id))
  return choices[(at + by + choices.length) % choices.length] ?? null
}
