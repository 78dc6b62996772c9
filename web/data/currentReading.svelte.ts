import type { CurrentReading as Kept, Reading, Schools } from '../words/documents'
import { answer, api, saw, Unreachable, versionOf } from './client'
import { hasLeftWaiting } from './outbox/waits'
import { conflicts } from './conflicts.svelte'
import { notices } from './notices.svelte'
import { settings } from './settings.svelte'
import { STARTING_READING } from '../words/vocabulary'
import { LatestWrite } from './inTurn'

const PATH = '/api/current-reading'

type Body = { reading: Reading; water_id: string | null }

/** The reading being worked on. It is laid on the server's currentReading as it changes, which is where the angler starts next time. */
class CurrentReading {
  reading = $state<Reading>({ ...STARTING_READING })
  waterId = $state<string | null>(null)
  /** Whether nothing was ever said of a water: what is shown is an example. */
  isFirstRun = $state(false)
  /** The reading as it was before its last change, for as long as one field alone differs from it. */
  lastChange = $state<{ before: Reading; field: keyof Reading } | null>(null)
  #writes = new LatestWrite<Body>(
    (body, isLast) => this.#write(body, isLast),
    (error, body) => void this.#failed(error, body),
  )

  /** The reading as it is asked about: the standing schools under those chosen for this reading alone. */
  asked = $derived<Reading>(this.withChoices(this.reading))
  askedBefore = $derived<Reading | null>(this.lastChange ? this.withChoices(this.lastChange.before) : null)

  /** The one that came along with the page. */
  start(kept: Kept, version: number): void {
    saw(PATH, version)
    this.#take(kept)
  }

  async load(): Promise<void> {
    const kept = await answer(api.GET(PATH))
    this.isFirstRun = kept === null
    if (kept) this.#take(kept)
  }

  change(change: Partial<Reading>): void {
    const before = $state.snapshot(this.reading) as Reading
    this.reading = { ...this.reading, ...change }
    this.isFirstRun = false
    this.#note(before, change)
    this.#save()
  }

  /** Takes the last change back. */
  undoLastChange(): void {
    if (this.lastChange) this.reading = this.lastChange.before
    this.lastChange = null
    this.#save()
  }

  at(waterId: string | null): void {
    this.waterId = waterId
    this.#save()
  }

  reopen(reading: Reading, waterId: string | null): void {
    this.reading = reading
    this.waterId = waterId
    this.lastChange = null
    this.#save()
  }

  /** A reading with the standing choices of the angler under its own. */
  withChoices(reading: Reading): Reading {
    return {
      ...reading,
      lead_free: settings.value?.lead_free ?? false,
      schools: { ...settings.value?.schools, ...reading.schools } satisfies Schools,
    }
  }

  #note(before: Reading, change: Partial<Reading>): void {
    const differing = (Object.keys(change) as (keyof Reading)[]).filter(
      (field) => JSON.stringify(before[field]) !== JSON.stringify(this.reading[field]),
    )
    const [field] = differing
    if (!field) return
    if (differing.length > 1) {
      this.lastChange = null
      return
    }
    // A slider on its way is one change, not many.
    const from = this.lastChange?.field === field ? this.lastChange.before : before
    this.lastChange =
      JSON.stringify(from[field]) === JSON.stringify(this.reading[field]) ? null : { before: from, field }
  }

  #take(kept: Kept): void {
    this.reading = kept.reading
    this.waterId = kept.water_id ?? null
    this.lastChange = null
  }

  #save(): void {
    this.#writes.set({ reading: $state.snapshot(this.reading) as Reading, water_id: this.waterId })
  }

  /** One that was changed here and could not be sent yet. */
  takeHeld({ reading, water_id }: Body): void {
    this.reading = reading
    this.waterId = water_id
    this.lastChange = null
    this.isFirstRun = false
  }

  /** Asks which of two versions stays. */
  askWhich(mine: Body, theirs: Kept): void {
    conflicts.show('The reading was changed in two places', mine, theirs, this.#answers(mine))
  }

  #answers(mine: Body) {
    return {
      keepMine: () => this.#write(mine, false),
      takeTheirs: (theirs: Kept) => this.#take(theirs),
      part: (whole: Kept | Body) => whole.reading,
    }
  }

  async #failed(error: unknown, mine: Body): Promise<void> {
    if (error instanceof Unreachable) {
      const { outbox } = await import('./outbox/outbox.svelte')
      await outbox.replace({ kind: 'current', body: mine, version: versionOf(PATH) })
      return
    }
    const isAsked = conflicts.ask<Kept | Body>(
      error,
      'The reading was changed in two places',
      mine,
      this.#answers(mine),
    )
    if (!isAsked) notices.problem(error)
  }

  async #write(body: Body, isLast: boolean): Promise<void> {
    await answer(api.PUT(PATH, { body, keepalive: true, headers: isLast ? { 'If-Match': '*' } : {} }))
    // An older one that could not be sent would only come to disagree with this one.
    if (hasLeftWaiting()) await (await import('./outbox/outbox.svelte')).outbox.drop('current')
  }
}

export const currentReading = new CurrentReading()
