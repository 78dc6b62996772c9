import type { Composition, InventoryPart } from '../words/documents'
import { slotsOf, type Slot } from '../words/slots'
import type { LureKind } from '../words/vocabulary'
import { fromParams, toParams } from './address.svelte'

/** A build as parameters: an owned part by its id, any other with all it has. */
export function buildParams(build: Composition): [string, string][] {
  return toParams('b', {
    lure: build.lure,
    ...Object.fromEntries(slotsOf(build.lure).map((slot) => [slot, build[slot]?.id ?? build[slot] ?? null])),
  })
}

/** The build that parameters stand for, with owned parts looked up; null where there is none or a part is gone. */
export function buildFrom(params: URLSearchParams, parts: readonly InventoryPart[]): Composition | null {
  const fields = fromParams('b', params)
  if (!fields || typeof fields.lure !== 'string') return null
  const lure = fields.lure as LureKind
  const part = (slot: Slot): InventoryPart | null | undefined => {
    const named = fields[slot]
    if (named === undefined) return null
    return typeof named === 'string' ? parts.find((one) => one.id === named) : (named as InventoryPart)
  }
  const slots = slotsOf(lure)
  const found = slots.map((slot) => [slot, part(slot)] as const)
  if (found.some(([, one]) => one === undefined)) return null
  const build = Object.fromEntries(found) as unknown as Omit<Composition, 'lure'>
  return build.head ? { ...build, lure } : null
}
