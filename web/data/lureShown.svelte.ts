import { currentReading } from './currentReading.svelte'
import type { LureKind } from '../words/vocabulary'
import type { Reading } from '../words/documents'
import { adviceFor } from './advice'

/** The lure that builds are for: the one of the reading, or, where the reading takes any, the one that suits it best. */
export function lureShown(): { readonly lure: LureKind | null; readonly reading: Reading | null } {
  const advised = adviceFor(() => (currentReading.asked.lure === 'any' ? currentReading.asked : null))
  const lure = $derived<LureKind | null>(
    currentReading.asked.lure === 'any' ? (advised.shown?.value.lure ?? null) : currentReading.asked.lure,
  )
  const reading = $derived(lure && { ...currentReading.asked, lure })
  return {
    get lure() {
      return lure
    },
    get reading() {
      return reading
    },
  }
}
