import { untrack } from 'svelte'
import { busy } from './busy'
import { isSame } from './merge'

/** An input that has not changed for so long has settled. */
const SETTLE_MS = 120
/** How often one that keeps changing is followed, at most. */
const FOLLOW_MS = 240

/**
 * An input as it is worth asking about: a change after a pause is followed at once, one that keeps changing now and then, or, where `quiet`
 * is wanted, only once it has settled. The last value is always followed. No screen waits for a slow one.
 */
export function settled<T>(input: () => T, quiet: () => boolean = () => false, isSlow = false): { readonly value: T } {
  let value = $state.raw(untrack(input))
  let followed = -Infinity
  $effect(() => {
    const next = input()
    if (
      isSame(
        next,
        untrack(() => value),
      )
    )
      return
    const done = busy(isSlow && untrack(quiet))
    const follow = () => {
      done()
      followed = performance.now()
      value = next
    }
    const since = performance.now() - followed
    if (since >= FOLLOW_MS && !untrack(quiet)) return follow()
    const timer = setTimeout(follow, untrack(quiet) ? SETTLE_MS : Math.min(SETTLE_MS, FOLLOW_MS - since))
    return () => {
      done()
      clearTimeout(timer)
    }
  })
  return {
    get value() {
      return value
    },
  }
}
