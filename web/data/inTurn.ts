import { busy } from './busy'

/** How long a value may keep changing before it is written. */
const SETTLES_MS = 150

/**
 * Writes of one thing, one at a time, since each names the version that the last one made. What still waits when the page is closed is sent
 * then.
 */
abstract class InTurn<T> {
  protected waiting: T[] = []
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
    return this.#isBusy || this.waiting.length > 0
  }

  protected async next(): Promise<void> {
    if (this.#isBusy || this.waiting.length === 0) return
    const [value] = this.waiting.splice(0, 1) as [T]
    this.#isBusy = true
    const done = busy()
    try {
      await this.send(value, false)
    } catch (error) {
      this.failed(error, value)
    }
    this.#isBusy = false
    done()
    await this.next()
  }

  #flush(): void {
    // Whether the page is only hidden cannot be told, so the first one is a write like any other, which those after it wait for.
    if (!this.#isBusy) void this.next()
    for (const value of this.waiting.splice(0)) {
      void this.send(value, true).catch((error: unknown) => this.failed(error, value))
    }
  }
}

/** Of something that is always replaced as a whole: of the values that wait only the newest is written, once it has settled. */
export class LatestWrite<T> extends InTurn<T> {
  #stopWaiting: () => void = () => undefined

  set(value: T): void {
    this.waiting = [value]
    this.#stopWaiting()
    const done = busy()
    const timer = setTimeout(() => {
      done()
      void this.next()
    }, SETTLES_MS)
    this.#stopWaiting = () => {
      done()
      clearTimeout(timer)
    }
  }
}

/** Changes that must all be made, in their order. */
export class WriteQueue<T> extends InTurn<T> {
  add(value: T): void {
    this.waiting.push(value)
    void this.next()
  }

  /** Drops what waits, where it was built on something that was refused. */
  clear(): void {
    this.waiting = []
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
