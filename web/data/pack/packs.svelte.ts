import { SvelteMap } from 'svelte/reactivity'
import { progressOf } from '../progress'
import type { Advice, Composition, DrawnBuild, Reading, TripPack } from '../../words/documents'
import { key } from '../../words/sameBuild'
import { adviceIn, isReadable, rankedIn, type PackedRank } from './pack'
import { type Packed } from './packed'
import { outbox } from '../outbox/outbox.svelte'

const PACK = 'pack:'

interface Packing {
  trip: string
  done: number
  of: number
}

type Step = { done: number; of: number } | { pack: TripPack }

/** Trips packed on this device: what to tie on where nothing can be computed. */
export class Packs {
  all = $state.raw<readonly TripPack[]>([])
  /** Trips packed by a version with another shape: they have to be packed anew. */
  old = $state.raw<readonly string[]>([])
  packing = $state.raw<Packing | null>(null)
  problem = $state.raw<{ trip: string; says: string } | null>(null)
  #drawn = new SvelteMap<string, DrawnBuild>()
  #stop: AbortController | null = null
  #loaded: Promise<void> | null = null

  load(): Promise<void> {
    this.#loaded ??= this.#read()
    return this.#loaded
  }

  of(trip: string | null | undefined): TripPack | undefined {
    return this.all.find((pack) => pack.trip.id === trip)
  }

  /** Computes what a trip needs out there, in the background, and keeps it here. */
  async pack(trip: string): Promise<void> {
    this.#stop?.abort()
    const stop = new AbortController()
    this.#stop = stop
    this.problem = null
    this.packing = { trip, done: 0, of: 0 }
    try {
      for await (const step of progressOf<Step>(`/api/trips/${trip}/pack`, {}, stop.signal)) {
        if ('pack' in step) await this.keep(step.pack)
        else this.packing = { trip, ...step }
      }
    } catch (error) {
      if (!stop.signal.aborted) this.problem = { trip, says: error instanceof Error ? error.message : String(error) }
    } finally {
      if (this.#stop === stop) this.packing = null
    }
  }

  cancel(): void {
    this.#stop?.abort()
    this.packing = null
  }

  async keep(pack: TripPack): Promise<void> {
    await outbox.keep(PACK + (pack.trip.id ?? ''), pack)
    await this.#read()
  }

  /** Only for as long as the page is open: it came along with it. */
  hold(pack: TripPack): void {
    this.#loaded = Promise.resolve()
    this.#take([pack])
  }

  async remove(trip: string): Promise<void> {
    await outbox.forget(PACK + trip)
    await this.#read()
  }

  /** The nearest packed advice, of the pack that knows most of the reading; null where nothing is packed. */
  async advice(reading: Reading): Promise<Packed<Advice> | null> {
    await this.load()
    const [best] = this.all
      .map((pack) => adviceIn(pack, reading))
      .toSorted((a, b) => a.near.outside.length - b.near.outside.length || b.near.made_at.localeCompare(a.near.made_at))
    return best ?? null
  }

  async drawn(build: Composition): Promise<DrawnBuild | null> {
    await this.load()
    return this.#drawn.get(key(build)) ?? null
  }

  ranked(trip: string | null | undefined, reading: Reading): PackedRank[] {
    const pack = this.of(trip)
    return pack ? rankedIn(pack, reading) : []
  }

  async #read(): Promise<void> {
    const names = await outbox.namesOf(PACK)
    const found = await Promise.all(names.map((name) => outbox.kept<TripPack>(name)))
    this.#take(found.filter((pack) => pack !== undefined))
  }

  #take(packs: TripPack[]): void {
    this.all = packs.filter(isReadable)
    this.old = packs.flatMap((pack) => (isReadable(pack) ? [] : [pack.trip.id ?? '']))
    this.#drawn = new SvelteMap(
      this.all.flatMap((pack) => pack.lures.map(({ parts, drawn }) => [key(parts), drawn] as const)),
    )
  }
}

export const packs = new Packs()
