import { answer, api, type Settings } from '../api/client'

/** The angler's standing choices, kept by the server and applied at once. */
class Choices {
  #value = $state<Settings | null>(null)
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
    this.#value = { ...before, ...change }
    document.documentElement.dataset.theme = this.#value.theme
    try {
      await answer(api.PUT('/api/settings', { body: this.#value }))
    } catch (error) {
      this.#value = before
      document.documentElement.dataset.theme = before.theme
      throw error
    }
  }
}

export const settings = new Choices()
