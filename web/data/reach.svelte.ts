import { KEPT_AT, SLOW } from './keptAt'

/** Whether the server answers, and how old what is shown is where it does not. */
class Reach {
  isAway = $state(false)
  /** The server answers, but wants the pass phrase. */
  isSignedOut = $state(false)
  /** When the server made the page that is open. */
  pageAt = $state<string | null>(null)
  /** What was last answered with something kept, by its address, and when the server had given it. */
  #kept = $state.raw<Readonly<Record<string, string>>>({})
  #back: (() => void)[] = []

  /** When the oldest answer that is shown was given; null where all are fresh. */
  keptAt = $derived(Object.values(this.#kept).sort()[0] ?? null)
  /** The server answers, but not all of it in time. */
  isSlow = $derived(!this.isAway && this.keptAt !== null)

  /** What to do when the server is reached again. */
  whenBack(listener: () => void): void {
    this.#back.push(listener)
  }

  answered(response: Response): void {
    const kept = response.headers.get(KEPT_AT)
    if (kept !== null) {
      this.#kept = { ...this.#kept, [response.url]: kept }
      // One that only takes its time says nothing of the others.
      if (!response.headers.has(SLOW)) this.away()
      return
    }
    if (response.url in this.#kept)
      this.#kept = Object.fromEntries(Object.entries(this.#kept).filter(([url]) => url !== response.url))
    this.isSignedOut = response.status === 401
    if (!this.isAway) return
    this.isAway = false
    this.#kept = {}
    for (const listener of this.#back) listener()
  }

  away(): void {
    this.isAway = true
  }
}

export const reach = new Reach()
