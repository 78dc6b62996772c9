import { answer, api, type Reading, type Schools } from '../api/client'
import { notices } from './notices.svelte'
import { settings } from './settings.svelte'

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

/** The reading being worked on. It is laid on the server's desk as it changes, which is where the angler starts next time. */
class Desk {
  reading = $state<Reading>({ ...FIRST })
  waterId = $state<string | null>(null)
  loaded = $state(false)
  #timer: ReturnType<typeof setTimeout> | undefined

  /** The reading as it is asked about: the standing schools under those chosen for this reading alone. */
  asked = $derived<Reading>({
    ...this.reading,
    schools: { ...settings.value?.schools, ...this.reading.schools } satisfies Schools,
  })

  async load(): Promise<void> {
    const desk = await answer(api.GET('/api/desk'))
    if (desk) {
      this.reading = desk.reading
      this.waterId = desk.water_id ?? null
    }
    this.loaded = true
  }

  change(change: Partial<Reading>): void {
    this.reading = { ...this.reading, ...change }
    this.#saveSoon()
  }

  at(waterId: string | null): void {
    this.waterId = waterId
    this.#saveSoon()
  }

  reopen(reading: Reading, waterId: string | null): void {
    this.reading = reading
    this.waterId = waterId
    this.#saveSoon()
  }

  #saveSoon(): void {
    clearTimeout(this.#timer)
    this.#timer = setTimeout(() => void this.#save(), SAVE_AFTER_MS)
  }

  async #save(): Promise<void> {
    try {
      await answer(api.PUT('/api/desk', { body: { reading: this.reading, water_id: this.waterId } }))
    } catch (error) {
      notices.problem(error)
    }
  }
}

export const desk = new Desk()
