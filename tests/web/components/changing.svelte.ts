/** A value that whoever reads it follows. */
export function changing<T>(first: T): { value: T } {
  let value = $state.raw(first)
  return {
    get value() {
      return value
    },
    set value(next) {
      value = next
    },
  }
}
