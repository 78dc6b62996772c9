import { busy } from './busy'
import type { Changes } from './cache'
import type { Versioned } from './client'
import { joined, storedInstead, type Compared, type Edit } from './conflicts.svelte'
import { whenLeaving } from './leaving'
import { isSame } from './merge'
import { live, stored, type Stored } from './read.svelte'
import { write, type Write } from './write.svelte'

/** How long a value may keep changing before it is written. */
const SETTLES_MS = 150

interface Declared<T> {
  name: string
  read: () => Promise<Versioned<T | null>>
  /** Stores it, and gives the version that it has then. */
  put: (value: T, version: number | null | '*') => Promise<number | null>
  changes: (before: T | null, now: T) => Changes
  compared: Compared<T>
  /** Called with a change that could not be stored; whether it is kept all the same. */
  failed?: (error: Error, edit: Edit<T>) => boolean
}

/**
 * A document that there is one of, which is always replaced as a whole: shown at once as it is changed, written once it has settled, one
 * write after the other, each of the version that is stored then.
 */
export class Whole<T extends object> {
  readonly query: Stored<Versioned<T | null>>
  /** What was changed here and is not stored yet, and what it was made of. */
  #edit = $state.raw<Edit<T> | null>(null)
  #write: Write<undefined, T | null>
  #live: { readonly value: Versioned<T | null> | undefined }
  #stopWaiting: (() => void) | null = null
  /** The change that was sent last. */
  #sent: Edit<T> | null = null

  constructor(private readonly declared: Declared<T>) {
    // A write of it puts it there itself.
    this.query = stored(declared.name, [], declared.read, Infinity)
    this.#live = live(this.query)
    this.#write = write<undefined, T | null>(`${declared.name}.write`, {
      isInTurn: true,
      changes: () => this.#changes,
      send: () => this.#send(),
      failed: (error) => this.#failed(error),
    })
    whenLeaving(() => this.#flush())
  }

  get value(): T | null {
    return this.#edit?.mine ?? this.#live.value?.value ?? null
  }

  /** Whether the server has said what is stored. */
  get isRead(): boolean {
    return this.#live.value !== undefined
  }

  /** What came along with the page. */
  start(value: T | null, version: number | null): void {
    this.query.know({ value, version })
  }

  set(mine: T): void {
    this.#edit = { base: this.#edit ? this.#edit.base : this.#base(), mine }
    this.#stopWaiting?.()
    const done = busy()
    const timer = setTimeout(() => {
      this.#stopWaiting?.()
      void this.#write(undefined)
    }, SETTLES_MS)
    this.#stopWaiting = () => {
      done()
      clearTimeout(timer)
      this.#stopWaiting = null
    }
  }

  /** It is stored so now; what was changed here since then is a change of that. */
  has(value: T, version: number | null): void {
    this.start(value, version)
    const mine = this.#edit?.mine
    this.#edit = mine && !isSame(mine, value) ? { base: { value, version }, mine } : null
  }

  /** Shows one that waits elsewhere to be stored. */
  hold(edit: Edit<T>): void {
    this.#edit ??= edit
  }

  #again(edit: Edit<T>): void {
    this.#edit = edit
    void this.#write(undefined)
  }

  #base(): Versioned<T> | null {
    const found = this.#live.value
    return found?.value ? { value: found.value, version: found.version } : null
  }

  #changes: Changes = []

  async #send(): Promise<T | null> {
    for (;;) {
      const edit = (this.#sent = this.#edit)
      if (!edit) return null
      try {
        const version = await this.declared.put(edit.mine, edit.base?.version ?? null)
        this.#changes = this.declared.changes(edit.base?.value ?? null, edit.mine)
        this.has(edit.mine, version)
        return edit.mine
      } catch (error) {
        const theirs = storedInstead<T>(error)
        const next = theirs && joined(edit, theirs, this.declared.compared)
        if (!next) throw error
        this.#edit = next
      }
    }
  }

  #failed(error: Error): boolean {
    const edit = this.#edit
    if (!edit) return false
    const theirs = storedInstead<T>(error)
    if (theirs) {
      joined(edit, theirs, this.declared.compared, (answered) => this.#again(answered))
      return true
    }
    if (this.declared.failed?.(error, edit)) return true
    // A newer one stays as it is: it has a write of its own coming.
    if (edit === this.#sent) this.#edit = null
    return false
  }

  /** A phone hides a page and may never come back to it; what waits for its turn then goes at once, and asks for no version. */
  #flush(): void {
    if (!this.#stopWaiting || !this.#edit) return
    this.#stopWaiting()
    if (this.#write.isUnderWay) void this.declared.put(this.#edit.mine, '*').catch(() => undefined)
    // Whether the page is only hidden cannot be told: it is a write like any other too.
    void this.#write(undefined)
  }
}
