import { KEPT_AT } from './keptAt'

/** Whether the server answers, and how old what is shown is where it does not. */
class Reach {
  isAway = $state(false)
  /** The server answers, but wants the pass phrase. */
  isSignedOut = $state(false)
  /** When the oldest answer that is shown was given; null where all are fresh. */
  keptAt = $state<string | null>(null)
  /** When the server made the page that is open. */
  pageAt = $state<string | null>(null)
  #back: (() => void)[] = []

  /** What to do when the server is reached again. */
  whenBack(listener: () => void): void {
    this.#back.push(listener)
  }

  answered(response: Response): void {
    const kept = response.headers.get(KEPT_AT)
    if (kept !== null) {
      this.away()
      if (this.keptAt === null || kept < this.keptAt) this.keptAt = kept
      return
    }
    this.isSignedOut = response.status === 401
    if (!this.isAway) return
    this.isAway = false
    this.keptAt = null
    for (const listener of this.#back) listener()
  }

  away(): void {
    this.isAway = true
  }
}

export const reach = new Reach()
