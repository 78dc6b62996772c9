import type { Reading, Schools } from '../words/documents'
import { STARTING_READING } from '../words/vocabulary'
import { api, ifMatch, Unreachable, versioned } from './client'
import { READING, type Current } from './current'
import type { Edit } from './conflicts.svelte'
import { isSame } from './merge'
import { hasLeftWaiting } from './outbox/waits'
import { settings } from './settings.svelte'
import { Whole } from './whole.svelte'

const PATH = '/api/current-reading'

const outbox = async () => (await import('./outbox/outbox.svelte')).outbox

/** The reading being worked on. It is laid on the server as it changes, which is where the angler starts next time. */
class CurrentReading {
  #whole = new Whole<Current>({
    name: 'current-reading',
    read: () => versioned<Current | null>(api.GET(PATH) as never),
    put: async (body, version) => {
      const stored = await versioned(api.PUT(PATH, { body, keepalive: true, headers: ifMatch(version) }))
      // An older one that could not be sent would only come to disagree with this one.
      if (hasLeftWaiting()) await (await outbox()).drop('current')
      return stored.version
    },
    changes: () => ['current-reading'],
    compared: READING,
    failed: (error, edit) => {
      if (!(error instanceof Unreachable)) return false
      void outbox().then((one) => one.replace({ kind: 'current', body: edit.mine, base: edit.base }))
      return true
    },
  })

  /** The reading as it was before its last change, for as long as one field alone differs from it. */
  lastChange = $state.raw<{ before: Reading; field: keyof Reading } | null>(null)

  #isBegun = $state(false)

  get reading(): Reading {
    return this.#whole.value?.reading ?? STARTING_READING
  }

  get waterId(): string | null {
    return this.#whole.value?.water_id ?? null
  }

  /** Whether nothing was ever said of a water: what is shown is an example. */
  get isFirstRun(): boolean {
    return this.#whole.isRead && this.#whole.value === null && !this.#isBegun
  }

  /** Nobody asks any more what is known of the water. */
  begin(): void {
    this.#isBegun = true
  }

  /** The reading as it is asked about: the standing schools under those chosen for this reading alone. */
  asked = $derived<Reading>(this.withChoices(this.reading))
  askedBefore = $derived<Reading | null>(this.lastChange ? this.withChoices(this.lastChange.before) : null)

  /** The one that came along with the page; null where there never was one. */
  start(kept: Current | null, version: number | null): void {
    this.#whole.start(kept, version)
  }

  load(): Promise<unknown> {
    return this.#whole.query.now()
  }

  change(change: Partial<Reading>): void {
    const before = this.reading
    const now = { ...before, ...change }
    this.#note(before, now, change)
    this.#set(now, this.waterId)
  }

  /** Takes the last change back. */
  undoLastChange(): void {
    if (this.lastChange) this.reopen(this.lastChange.before, this.waterId)
  }

  at(waterId: string | null): void {
    this.#set(this.reading, waterId)
  }

  reopen(reading: Reading, waterId: string | null): void {
    this.lastChange = null
    this.#set(reading, waterId)
  }

  /** A reading with the standing choices of the angler under its own. */
  withChoices(reading: Reading): Reading {
    return {
      ...reading,
      lead_free: settings.value?.lead_free ?? false,
      schools: { ...settings.value?.schools, ...reading.schools } satisfies Schools,
    }
  }

  /** One that was changed here and could not be sent yet. */
  hold(edit: Edit<Current>): void {
    this.lastChange = null
    this.#whole.hold(edit)
  }

  /** What waited was sent. */
  release(sent: Current, version: number | null): void {
    this.#whole.has(sent, version)
  }

  #set(reading: Reading, water_id: string | null): void {
    this.#whole.set($state.snapshot({ reading, water_id }) as Current)
  }

  #note(before: Reading, now: Reading, change: Partial<Reading>): void {
    const differing = (Object.keys(change) as (keyof Reading)[]).filter((field) => !isSame(before[field], now[field]))
    const [field] = differing
    if (!field) return
    // A slider on its way is one change, not many.
    const from = this.lastChange?.field === field ? this.lastChange.before : before
    this.lastChange = differing.length > 1 || isSame(from[field], now[field]) ? null : { before: from, field }
  }
}

export const currentReading = new CurrentReading()
