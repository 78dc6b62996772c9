import type { Composition, OwnedPart } from '../api/client'
import type { LureKind } from '../words/vocabulary'
import { firstBuild, slotsOf, type Slot } from '../parts/slots'

const KEPT_AS = 'kontrast.bench'

/** What lies on the bench. It stays there when the page is closed, in this browser. */
class BenchTop {
  build = $state.raw<Composition | null>(read())
  slot = $state<Slot>('skirt')
  /** The builds that were on it before, newest last. */
  #past: Composition[] = []
  canGoBack = $state(false)

  replace(build: Composition): void {
    if (this.build) {
      this.#past = [...this.#past.slice(-49), this.build]
      this.canGoBack = true
    }
    this.build = build
    keep(build)
    if (!slotsOf(build.lure).includes(this.slot)) this.slot = 'skirt'
  }

  put(slot: Slot, part: OwnedPart | null): void {
    const build = this.build && withPart(this.build, slot, part)
    if (build) this.replace(build)
  }

  back(): void {
    const before = this.#past.pop()
    if (!before) return
    this.build = before
    this.canGoBack = this.#past.length > 0
    keep(before)
  }

  /** Makes sure that something of the wanted kind lies there. */
  ready(lure: LureKind, parts: readonly OwnedPart[], leadFree: boolean): void {
    if (this.build?.lure === lure) return
    const build = firstBuild(lure, parts, leadFree)
    if (build) this.replace(build)
  }

  moveSlot(by: 1 | -1): void {
    if (!this.build) return
    const slots = slotsOf(this.build.lure)
    this.slot = slots[(slots.indexOf(this.slot) + by + slots.length) % slots.length] ?? 'skirt'
  }
}

/** A build with another part in a slot, or with none; null where it cannot do without. */
export function withPart(build: Composition, slot: Slot, part: OwnedPart | null): Composition | null {
  if (slot === 'head' && !part) return null
  // A front blade hangs before a rear one, or is the only one.
  return { ...build, [slot]: part, ...(slot === 'rear' && !part ? { front: null } : {}) }
}

function read(): Composition | null {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEPT_AS) ?? 'null')
    return typeof kept === 'object' && kept !== null && 'lure' in kept && 'head' in kept ? (kept as Composition) : null
  } catch {
    return null
  }
}

function keep(build: Composition): void {
  try {
    localStorage.setItem(KEPT_AS, JSON.stringify(build))
  } catch {
    // A browser that keeps nothing still lets one work.
  }
}

export const bench = new BenchTop()
