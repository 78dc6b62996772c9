import type { Composition, InventoryPart, Workbench, WorkbenchChange } from '../words/documents'
import { loaded } from './busy'
import { answer, api } from './client'
import { whenWritten } from './writes'
import { slotsOf, type Slot } from '../words/slots'
import type { LureKind } from '../words/vocabulary'
import { conflicts } from './conflicts.svelte'
import { currentReading } from './currentReading.svelte'
import { leftInBrowser } from './leftInBrowser'
import { notices } from './notices.svelte'
import { WriteQueue } from './inTurn'

const PATH = '/api/workbench'
const MOST_PAST = 50

type Builds = Partial<Record<LureKind, Composition>>
/** A change to send, or the wish to read anew once those before it are stored. */
type Errand = WorkbenchChange | 'read'

/** What is on the bench: a build for each lure, the ones undo brings back, the place in each checklist. The server keeps it. */
class BenchTop {
  #builds = $state.raw<Builds>({})
  #past = $state.raw<readonly Composition[]>([])
  #checklists = $state.raw<Record<string, number>>({})
  /** How many changes were made here. */
  #edits = 0
  /** Whether the server has said what is there. */
  isLoaded = $state(false)
  slot = $state<Slot>('skirt')
  canUndo = $derived(this.#past.length > 0)
  #writes = new WriteQueue<Errand>(
    (errand, isLast) => (errand === 'read' ? this.#read() : this.#send(errand, isLast)),
    (error) => this.#failed(error),
  )

  constructor() {
    whenWritten((what) => {
      if (['parts', 'built', 'everything'].includes(what) && this.isLoaded) this.#writes.add('read')
    })
  }

  /** Reads what is there, the first time it is needed. */
  async load(): Promise<void> {
    if (this.isLoaded) return
    await loaded(this.#read())
    this.isLoaded = true
  }

  build(lure: LureKind): Composition | null {
    return this.#builds[lure] ?? null
  }

  replace(build: Composition): void {
    this.#edits++
    const replaced = this.#builds[build.lure]
    if (replaced) this.#past = [...this.#past, replaced].slice(-MOST_PAST)
    this.#builds = { ...this.#builds, [build.lure]: build }
    this.slotOf(build.lure)
    this.#writes.add({ build })
  }

  put(lure: LureKind, slot: Slot, part: InventoryPart | null): void {
    const before = this.build(lure)
    const build = before && withPart(before, slot, part)
    if (build) this.replace(build)
  }

  /** Brings back the build that was replaced last, and the lure it was of where another one is shown. */
  undo(shown: LureKind): void {
    const last = this.#past.at(-1)
    if (!last) return
    this.#edits++
    this.#past = this.#past.slice(0, -1)
    this.#builds = { ...this.#builds, [last.lure]: last }
    this.slotOf(last.lure)
    if (last.lure !== shown) currentReading.change({ lure: last.lure })
    this.#writes.add({ undo: true })
  }

  /** The first step of a build's checklist that is not done yet. */
  place(key: string): number {
    return this.#checklists[key] ?? 0
  }

  moveTo(key: string, step: number): void {
    this.#edits++
    this.#checklists = { ...this.#checklists, [key]: step }
    this.#writes.add({ checklist: { build: key, step } })
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

  #take({ builds, past, checklists }: Workbench): void {
    this.#builds = Object.fromEntries((builds ?? []).map((build) => [build.lure, build]))
    this.#past = past ?? []
    this.#checklists = Object.fromEntries((checklists ?? []).map(({ build, step }) => [build, step]))
  }

  async #read(): Promise<void> {
    const edits = this.#edits
    const workbench = await answer(api.GET(PATH))
    // What was changed here meanwhile is newer than the answer: it is sent first, and then read again.
    if (edits !== this.#edits) this.#writes.add('read')
    else if (workbench) this.#take(workbench)
    else for (const change of leftInBrowser()) await this.#send(change, false).then(() => this.#apply(change))
  }

  #apply({ build, checklist }: WorkbenchChange): void {
    if (build) this.#builds = { ...this.#builds, [build.lure]: build }
    if (checklist) this.#checklists = { ...this.#checklists, [checklist.build]: checklist.step }
  }

  #send(body: WorkbenchChange, isLast: boolean): Promise<unknown> {
    return answer(api.PATCH(PATH, { body, keepalive: true, headers: isLast ? { 'If-Match': '*' } : {} }))
  }

  #failed(error: unknown): void {
    const mine = this.#builds
    const isAsked = conflicts.ask<Workbench>(
      error,
      'The build on the bench was changed in two places',
      { builds: Object.values(mine) },
      {
        keepMine: async () => {
          for (const build of Object.values(mine)) await this.#send({ build }, false)
          await this.#read()
        },
        takeTheirs: (theirs) => this.#take(theirs),
        part: ({ builds }) => partNames(builds ?? []),
      },
    )
    if (isAsked) this.#writes.clear()
    else notices.problem(error)
  }
}

/** The parts of some builds by lure and slot, in words. */
function partNames(builds: readonly Composition[]): Record<string, string | null> {
  return Object.fromEntries(
    builds.flatMap((build) => slotsOf(build.lure).map((slot) => [`${build.lure} ${slot}`, build[slot]?.name ?? null])),
  )
}

/** A build with another part in a slot, or with none; null where it cannot do without. */
export function withPart(build: Composition, slot: Slot, part: InventoryPart | null): Composition | null {
  if (slot === 'head' && !part) return null
  // A front blade hangs before a rear one, or is the only one.
  return { ...build, [slot]: part, ...(slot === 'rear' && !part ? { front: null } : {}) }
}

export const bench = new BenchTop()
