import { untrack } from 'svelte'

/** How often an input that keeps changing is followed, at most. */
export const SETTLE_MS = 120

export const isSame = (one: unknown, other: unknown) => JSON.stringify(one) === JSON.stringify(other)

/**
 * An input as it is worth asking about: a change after a pause is followed at once, those that come faster every 120 ms or, where `quiet` is
 * wanted, once they have stopped. The last one is always followed.
 */
export function settled<T>(input: () => T, quiet: () => boolean = () => false): { readonly value: T } {
  let value = $state.raw(untrack(input))
  let followed = -Infinity
  let timer: ReturnType<typeof setTimeout> | undefined
  $effect(() => {
    const next = input()
    clearTimeout(timer)
    if (
      isSame(
        next,
        untrack(() => value),
      )
    )
      return
    const follow = () => {
      followed = performance.now()
      value = next
    }
    const since = performance.now() - followed
    if (since >= SETTLE_MS && !untrack(quiet)) follow()
    else timer = setTimeout(follow, untrack(quiet) ? SETTLE_MS : SETTLE_MS - since)
    return () => clearTimeout(timer)
  })
  return {
    get value() {
      return value
    },
  }
}
