/** While a picture changes from one distance to the next it is drawn sharp, and blurred once it rests: a blur takes longer than a frame. */
const RESTS_MS = 140

export function blurAt(wanted: () => { at: number; inches: number }): {
  readonly inches: number
  readonly isChanging: boolean
} {
  let rested = $state<number | null>(null)
  let first = true
  $effect(() => {
    const { at } = wanted()
    if (first) {
      first = false
      rested = at
      return
    }
    const timer = setTimeout(() => (rested = at), RESTS_MS)
    return () => clearTimeout(timer)
  })
  return {
    get inches() {
      const { at, inches } = wanted()
      return at === rested ? inches : 0
    },
    get isChanging() {
      return wanted().at !== rested
    },
  }
}
