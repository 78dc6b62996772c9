/** How long a value may keep changing before it is written. */
const SETTLES_MS = 150

/**
 * Writes of one thing that always replaces the whole: one at a time, since each names the version that the last one made, and of those that
 * wait only the newest. What still waits when the page is closed is sent then.
 */
export class LatestWrite<T> {
  #waiting: { value: T } | null = null
  #timer: ReturnType<typeof setTimeout> | undefined
  #isBusy = false

  constructor(
    /** Sends it; `isLast` where the page is going away, and no version can be waited for. */
    private readonly send: (value: T, isLast: boolean) => Promise<unknown>,
    private readonly failed: (error: unknown, value: T) => void,
  ) {
    whenLeaving(() => this.#flush())
  }

  /** Whether the newest value is not stored yet. */
  get isPending(): boolean {
    return this.#isBusy || this.#waiting !== null
  }

  set(value: T): void {
    this.#waiting = { value }
    clearTimeout(this.#timer)
    this.#timer = setTimeout(() => void this.#next(), SETTLES_MS)
  }

  async #next(): Promise<void> {
    if (this.#isBusy || !this.#waiting) return
    const { value } = this.#waiting
    this.#waiting = null
    this.#isBusy = true
    try {
      await this.send(value, false)
    } catch (error) {
      this.failed(error, value)
    }
    this.#isBusy = false
    await this.#next()
  }

  #flush(): void {
    if (!this.#waiting) return
    clearTimeout(this.#timer)
    const { value } = this.#waiting
    this.#waiting = null
    void this.send(value, this.#isBusy).catch((error: unknown) => this.failed(error, value))
  }
}

/** Writes that must all be made, one after the other in their order; those that wait when the page is closed are sent then, in order. */
export class WriteQueue<T> {
  #waiting: T[] = []
  #isBusy = false

  constructor(
    private readonly send: (value: T, isLast: boolean) => Promise<unknown>,
    private readonly failed: (error: unknown, value: T) => void,
  ) {
    whenLeaving(() => this.#flush())
  }

  get isPending(): boolean {
    return this.#isBusy || this.#waiting.length > 0
  }

  add(value: T): void {
    this.#waiting.push(value)
    void this.#next()
  }

  /** Drops what waits, where it was built on something that was refused. */
  clear(): void {
    this.#waiting = []
  }

  async #next(): Promise<void> {
    if (this.#isBusy) return
    const value = this.#waiting.shift()
    if (value === undefined) return
    this.#isBusy = true
    try {
      await this.send(value, false)
    } catch (error) {
      this.failed(error, value)
    }
    this.#isBusy = false
    await this.#next()
  }

  #flush(): void {
    for (const value of this.#waiting.splice(0)) {
      void this.send(value, true).catch((error: unknown) => this.failed(error, value))
    }
  }
}

/** A phone hides a page and may never come back to it; only then is there still time to send. */
function whenLeaving(flush: () => void): void {
  if (typeof document === 'undefined') return
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'hidden') flush()
  })
  addEventListener('pagehide', flush)
}
