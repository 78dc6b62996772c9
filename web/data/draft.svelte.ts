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
