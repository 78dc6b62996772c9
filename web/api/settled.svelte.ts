import { untrack } from 'svelte'

/** An input that has not changed for so long has settled. */
const SETTLE_MS = 120
/** How often one that keeps changing is followed, at most. */
const FOLLOW_MS = 240

export const isSame = (one: unknown, other: unknown) => JSON.stringify(one) === JSON.stringify(other)

/**
 * An input as it is worth asking about: a change after a pause is followed at once, one that keeps changing now and then, or, where `quiet`
 * is wanted, only once it has settled. The last value is always followed.
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
    if (untrack(quiet)) timer = setTimeout(follow, SETTLE_MS)
    else if (since >= FOLLOW_MS) follow()
    else timer = setTimeout(follow, Math.min(SETTLE_MS, FOLLOW_MS - since))
    return () => clearTimeout(timer)
  })
  return {
    get value() {
      return value
    },
  }
}
