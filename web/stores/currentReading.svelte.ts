import { answer, api, type Reading, type Schools } from '../api/client'
import { conflicts } from './conflicts.svelte'
import { notices } from './notices.svelte'
import { settings } from './settings.svelte'
import { WriteQueue } from './writeQueue'

/** Where somebody starts who has never taken a reading. */
const FIRST: Reading = {
  lure: 'bladed_jig',
  visibility_in: 24,
  tint: 'green',
  sky: 'broken',
  wind: 'ripple',
  depth_ft: 5,
  season: 'spring',
  cover: 'grass',
  cover_density: 'normal',
  forage: 'bluegill',
  forage_colours: [],
  red_crawfish: false,
  bite: 'normal',
  bass: 'largemouth',
}
const SAVE_AFTER_MS = 400

/** The reading being worked on. It is laid on the server's currentReading as it changes, which is where the angler starts next time. */
class CurrentReading {
  reading = $state<Reading>({ ...FIRST })
  waterId = $state<string | null>(null)
  loaded = $state(false)
  /** The reading as it was before its last change, for as long as one field alone differs from it. */
  lastChange = $state<{ before: Reading; field: keyof Reading } | null>(null)
  #writes = new WriteQueue()
  #timer: ReturnType<typeof setTimeout> | undefined

  /** The reading as it is asked about: the standing schools under those chosen for this reading alone. */
  asked = $derived<Reading>(this.#asked(this.reading))
  askedBefore = $derived<Reading | null>(this.lastChange ? this.#asked(this.lastChange.before) : null)

  async load(): Promise<void> {
    const currentReading = await answer(api.GET('/api/desk'))
    if (currentReading) {
      this.reading = currentReading.reading
      this.waterId = currentReading.water_id ?? null
    }
    this.loaded = true
  }

  change(change: Partial<Reading>): void {
    const before = $state.snapshot(this.reading) as Reading
    this.reading = { ...this.reading, ...change }
    this.#note(before, change)
    this.#saveSoon()
  }

  /** Takes the last change back. */
  undoLastChange(): void {
    if (this.lastChange) this.reading = this.lastChange.before
    this.lastChange = null
    this.#saveSoon()
  }

  at(waterId: string | null): void {
    this.waterId = waterId
    this.#saveSoon()
  }

  reopen(reading: Reading, waterId: string | null): void {
    this.reading = reading
    this.waterId = waterId
    this.lastChange = null
    this.#saveSoon()
  }

  #asked(reading: Reading): Reading {
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

  #saveSoon(): void {
    clearTimeout(this.#timer)
    this.#timer = setTimeout(() => void this.#save(), SAVE_AFTER_MS)
  }

  async #save(): Promise<void> {
    const mine = { reading: $state.snapshot(this.reading) as Reading, water_id: this.waterId }
    try {
      await this.#write(mine)
    } catch (error) {
      const isAsked = conflicts.ask<{ reading: Reading; water_id?: string | null }>(
        error,
        'The reading was changed in two places',
        mine,
        {
          keepMine: () => this.#write(mine),
          takeTheirs: (theirs) => {
            this.reading = theirs.reading
            this.waterId = theirs.water_id ?? null
            this.lastChange = null
          },
          part: (whole) => whole.reading,
        },
      )
      if (!isAsked) notices.problem(error)
    }
  }

  #write(body: { reading: Reading; water_id: string | null }): Promise<void> {
    return this.#writes.add(() => answer(api.PUT('/api/desk', { body })))
  }
}

export const currentReading = new CurrentReading()
