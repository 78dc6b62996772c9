import type { Composition, InventoryPart, Workbench, WorkbenchChange } from '../words/documents'
import { slotsOf, type Slot } from '../words/slots'
import type { LureKind } from '../words/vocabulary'
import { loaded } from './busy'
import { wrote } from './cache'
import { api, ifMatch, versioned, type Versioned } from './client'
import { joined, storedInstead, type Compared } from './conflicts.svelte'
import { currentReading } from './currentReading.svelte'
import { leftInBrowser } from './leftInBrowser'
import { whenLeaving } from './leaving'
import { live, stored } from './read.svelte'
import { write, type Write } from './write.svelte'

const PATH = '/api/workbench'
const MOST_PAST = 50

const patch = async (body: WorkbenchChange, version: number | null | '*') =>
  (await versioned(api.PATCH(PATH, { body, keepalive: true, headers: ifMatch(version) }))).version

/** Null where nothing ever lay on it. */
const workbenchQuery = stored(
  'workbench',
  ['workbench', 'parts', 'built'],
  () => versioned<Workbench | null>(api.GET(PATH) as never),
  Infinity,
)

const kept = live(workbenchQuery)

const buildOf = (bench: Workbench | null, lure: LureKind) => bench?.builds?.find((one) => one.lure === lure) ?? null

/** What is on the bench once a change was made: the same as the server makes of it. */
function applied(bench: Workbench | null, { build, undo, checklist }: WorkbenchChange): Workbench {
  const { builds = [], past = [], checklists = [] } = bench ?? {}
  const last = past.at(-1)
  const put = build ?? (undo ? last : null)
  const replaced = build && buildOf(bench, build.lure)
  return {
    builds: put ? [...builds.filter((one) => one.lure !== put.lure), put] : builds,
    past: undo ? past.slice(0, -1) : replaced ? [...past, replaced].slice(-MOST_PAST) : past,
    checklists: checklist ? [...checklists.filter((one) => one.build !== checklist.build), checklist] : checklists,
  }
}

/** Two builds of one lure, part by part. */
const COMPARED: Compared<Composition> = {
  called: 'the build on the bench',
  fields: ({ lure, ...slots }) => Object.fromEntries(slotsOf(lure).map((slot) => [slot, slots[slot] ?? null])),
  name: (slot) => slot,
  words: (_, part) => (part as InventoryPart).name,
}

/** What is on the bench: a build for each lure, the ones undo brings back, the place in each checklist. The server keeps it. */
class BenchTop {
  /** What was changed here and is not stored yet, in its order. */
  #waiting = $state.raw<readonly WorkbenchChange[]>([])
  /** What of it went when the page was left. */
  #left = new WeakSet<WorkbenchChange>()
  slot = $state<Slot>('skirt')
  #now = $derived(this.#waiting.reduce<Workbench | null>(applied, kept.value?.value ?? null))
  canUndo = $derived((this.#now?.past ?? []).length > 0)
  #write: Write<WorkbenchChange, unknown> = write<WorkbenchChange, unknown>('workbench.change', {
    changes: [],
    isInTurn: true,
    send: (change) => this.#send(change),
    failed: (error, change) => this.#failed(error, change),
  })

  constructor() {
    // What waits for its turn when the page is left goes at once, and asks for no version.
    whenLeaving(() => {
      for (const change of this.#waiting.slice(1)) {
        if (this.#left.has(change)) continue
        this.#left.add(change)
        void patch(change, '*').catch(() => undefined)
      }
    })
  }

  /** Whether the server has said what is there. */
  get isLoaded(): boolean {
    return kept.value !== undefined
  }

  /** Reads what is there, the first time it is needed. */
  async load(): Promise<void> {
    const { value } = await loaded(workbenchQuery.now())
    if (value === null) for (const change of leftInBrowser()) void this.#change(change)
  }

  build(lure: LureKind): Composition | null {
    return buildOf(this.#now, lure)
  }

  replace(build: Composition): void {
    this.slotOf(build.lure)
    void this.#change({ build })
  }

  put(lure: LureKind, slot: Slot, part: InventoryPart | null): void {
    const before = this.build(lure)
    const build = before && withPart(before, slot, part)
    if (build) this.replace(build)
  }

  /** Brings back the build that was replaced last, and the lure it was of where another one is shown. */
  undo(shown: LureKind): void {
    const last = this.#now?.past?.at(-1)
    if (!last) return
    this.slotOf(last.lure)
    if (last.lure !== shown) currentReading.change({ lure: last.lure })
    void this.#change({ undo: true })
  }

  /** The first step of a build's checklist that is not done yet. */
  place(key: string): number {
    return this.#now?.checklists?.find((one) => one.build === key)?.step ?? 0
  }

  moveTo(build: string, step: number): void {
    void this.#change({ checklist: { build, step } })
  }

  moveSlot(lure: LureKind, by: 1 | -1): void {
    const slots = slotsOf(lure)
    this.slot = slots[(slots.indexOf(this.slot) + by + slots.length) % slots.length] ?? 'skirt'
  }

  /** Keeps the chosen slot to those that a lure has. */
  slotOf(lure: LureKind): Slot {
    if (!slotsOf(lure).includes(this.slot)) this.slot = 'skirt'
    return this.slot
  }

  #change(change: WorkbenchChange): Promise<boolean> {
    this.#waiting = [...this.#waiting, change]
    return this.#write(change)
  }

  async #send(change: WorkbenchChange): Promise<void> {
    if (this.#left.has(change)) {
      this.#forget(change)
      return wrote(['workbench'])
    }
    for (let next = change; ;) {
      const now = kept.value
      try {
        this.#has(applied(now?.value ?? null, next), await patch(next, now?.version ?? null))
        this.#forget(change)
        return
      } catch (error) {
        const theirs = storedInstead<Workbench>(error)
        const again = theirs && this.#joined(next, theirs)
        if (!again) throw error
        this.#has(theirs.value, theirs.version)
        next = again
      }
    }
  }

  /** A change of what another device changed first: of a build, it is joined with theirs part by part; anything else is made once more. */
  #joined(
    change: WorkbenchChange,
    theirs: Versioned<Workbench>,
    ask?: (build: Composition) => void,
  ): WorkbenchChange | null {
    const { build } = change
    const there = build && buildOf(theirs.value, build.lure)
    if (!build || !there) return change
    const was = buildOf(kept.value?.value ?? null, build.lure)
    const base = was && { value: was, version: null }
    const value = { value: there, version: theirs.version }
    const next = joined({ base, mine: build }, value, COMPARED, ask && ((edit) => ask(edit.mine)))
    return next && { build: next.mine }
  }

  #failed(error: Error, change: WorkbenchChange): boolean {
    const theirs = storedInstead<Workbench>(error)
    if (theirs) {
      this.#joined(change, theirs, (build) => void this.#change({ build }))
      this.#has(theirs.value, theirs.version)
    }
    this.#forget(change)
    return theirs !== null
  }

  #has(value: Workbench, version: number | null): void {
    workbenchQuery.know({ value, version })
  }

  #forget(change: WorkbenchChange): void {
    this.#waiting = this.#waiting.filter((one) => one !== change)
  }
}

/** A build with another part in a slot, or with none; null where it cannot do without. */
export function withPart(build: Composition, slot: Slot, part: InventoryPart | null): Composition | null {
  if (slot === 'head' && !part) return null
  // A front blade hangs before a rear one, or is the only one.
  return { ...build, [slot]: part, ...(slot === 'rear' && !part ? { front: null } : {}) }
}

export const bench = new BenchTop()
