import type { Settings } from '../words/documents'
import { answer, api, saw } from './client'
import { isSame } from './settled.svelte'
import { wrote } from './writes'
import { conflicts } from './conflicts.svelte'
import { notices } from './notices.svelte'
import { LatestWrite } from './inTurn'

const PATH = '/api/settings'

/** The angler's standing choices, kept by the server and applied at once. */
class Choices {
  #value = $state.raw<Settings | null>(null)
  /** As the server has them. */
  #stored: Settings | null = null
  #writes = new LatestWrite<Settings>(
    (value, isLast) => this.#write(value, isLast),
    (error, value) => this.#failed(error, value),
  )
  #units = $derived(this.#value?.units ?? 'us')

  get metric(): boolean {
    return this.#units === 'metric'
  }

  get value(): Settings | null {
    return this.#value
  }

  /** Those that came along with the page. */
  start(value: Settings, version: number): void {
    saw(PATH, version)
    this.#stored = value
    this.#show(value)
  }

  async load(): Promise<void> {
    this.#stored = await answer(api.GET(PATH))
    this.#show(this.#stored)
  }

  change(change: Partial<Settings>): void {
    if (!this.#value) return
    const wanted = { ...this.#value, ...change }
    this.#show(wanted)
    this.#writes.set(wanted)
  }

  #show(value: Settings): void {
    this.#value = value
    const { dataset } = document.documentElement
    if (value.theme === 'system') delete dataset.theme
    else dataset.theme = value.theme
  }

  async #write(body: Settings, isLast: boolean): Promise<void> {
    await answer(api.PUT(PATH, { body, keepalive: true, headers: isLast ? { 'If-Match': '*' } : {} }))
    const votes = (one: Settings | null) => [one?.log_says ?? [], one?.trusted ?? [], one?.doubted ?? []]
    const before = this.#stored
    this.#stored = body
    // Every sentence that holds a quantity says it in other units.
    if (before?.units !== body.units) await wrote('everything')
    else await wrote(isSame(votes(before), votes(body)) ? 'settings' : 'log-says')
  }

  #failed(error: unknown, wanted: Settings): void {
    const isAsked = conflicts.ask(error, 'The settings were changed in two places', wanted, {
      keepMine: () => this.#write(wanted, false),
      takeTheirs: (theirs) => {
        const isInOtherUnits = this.#stored?.units !== theirs.units
        this.#stored = theirs
        this.#show(theirs)
        if (isInOtherUnits) void wrote('everything')
      },
      part: ({ schools, ...rest }) => ({ ...rest, ...schools }),
    })
    if (isAsked) return
    // A newer choice stays as it is: it has a write of its own coming.
    if (this.#value === wanted && this.#stored) this.#show(this.#stored)
    notices.problem(error)
  }
}

export const settings = new Choices()
