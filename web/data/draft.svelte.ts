import type { Edit } from './conflicts.svelte'

/** Work in hand that is not saved yet, kept while this tab lives: a form half filled in is still there after looking at another screen. */
export class Draft<T> {
  #value = $state.raw<T | null>(null)

  constructor(private readonly key: string) {
    try {
      this.#value = JSON.parse(sessionStorage.getItem(`kontrast.draft.${key}`) ?? 'null') as T | null
    } catch {
      // A browser that keeps nothing starts with nothing.
    }
  }

  get value(): T | null {
    return this.#value
  }

  set value(next: T | null) {
    this.#value = next
    try {
      if (next === null) sessionStorage.removeItem(`kontrast.draft.${this.key}`)
      else sessionStorage.setItem(`kontrast.draft.${this.key}`, JSON.stringify(next))
    } catch {
      // It is still there as long as the page is.
    }
  }
}

/** A form about something that is stored, or will be: what is typed, and what it was made of. */
export class Form<T extends object> {
  #draft: Draft<Edit<T>>

  constructor(key: string) {
    this.#draft = new Draft<Edit<T>>(key)
    const held = this.#draft.value
    // An older program held what was typed, and no more.
    if (held && !('mine' in held)) this.#draft.value = { base: null, mine: held }
  }

  get edit(): Edit<T> | null {
    return this.#draft.value
  }

  get value(): T | null {
    return this.#draft.value?.mine ?? null
  }

  /** Opens it on something; without a base it is new. */
  open(mine: T, base: Edit<T>['base'] = null): void {
    this.#draft.value = { base, mine }
  }

  set(change: Partial<T>): void {
    const held = this.#draft.value
    if (held) this.#draft.value = { ...held, mine: { ...held.mine, ...change } }
  }

  close(): void {
    this.#draft.value = null
  }
}
