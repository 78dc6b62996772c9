import { answer, api, type Settings } from '../api/client'
import { conflicts } from './conflicts.svelte'
import { WriteQueue } from './writeQueue'

/** The angler's standing choices, kept by the server and applied at once. */
class Choices {
  #value = $state<Settings | null>(null)
  #writes = new WriteQueue()
  #units = $derived(this.#value?.units ?? 'us')

  get metric(): boolean {
    return this.#units === 'metric'
  }

  get value(): Settings | null {
    return this.#value
  }

  async load(): Promise<void> {
    this.#value = await answer(api.GET('/api/settings'))
  }

  async change(change: Partial<Settings>): Promise<void> {
    if (!this.#value) return
    const before = this.#value
    const wanted = { ...before, ...change }
    this.#show(wanted)
    try {
      await this.#write(wanted)
    } catch (error) {
      const isAsked = conflicts.ask(error, 'The settings were changed in two places', wanted, {
        keepMine: () => this.#write(wanted),
        takeTheirs: (theirs) => this.#show(theirs),
        part: ({ schools, ...rest }) => ({ ...rest, ...schools }),
      })
      if (isAsked) return
      this.#show(before)
      throw error
    }
  }

  #show(value: Settings): void {
    this.#value = value
    document.documentElement.dataset.theme = value.theme
  }

  #write(value: Settings): Promise<void> {
    return this.#writes.add(() => answer(api.PUT('/api/settings', { body: value })))
  }
}

export const settings = new Choices()
