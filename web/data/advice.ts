import type { Advice, AdviceView, From, Reading } from '../words/documents'
import { answer, api, orElse } from './client'
import type { Packed } from './pack/packed'
import { worked } from './read.svelte'

/** What to tie for a reading; where only a known one is wanted nothing is asked. */
export const adviceFor = worked<Reading, Advice>('advice', ['votes'], (body, signal) =>
  orElse<Advice | Packed<Advice>>(
    () => answer<Advice>(api.POST('/api/advice', { body, signal })),
    // What was packed for the water is the answer then. Loaded only where it is needed.
    async (error) => {
      const { packs } = await import('./pack/packs.svelte')
      const packed = await packs.advice(body)
      if (!packed) throw error
      return packed
    },
  ),
)

/** Puts an advice that came some other way where it would be asked for; one of the rules that is there already stays the one. */
export function knowAdvice(reading: Reading, advice: Advice): Advice {
  const known = adviceFor.known(reading)
  // One that something written since has made old gives way.
  if (known && known.source === 'server' && !known.isOld) return known.value
  adviceFor.know(reading, advice)
  return advice
}

/** An advice with its lure in the water, the model's second opinion, and what the last change to the reading changed. */
export const adviceViewFor = worked<{ reading: Reading; before: Reading | null; from: From }, AdviceView>(
  'advice-view',
  ['votes'],
  async (body, signal) => {
    const view = await answer<AdviceView>(api.POST('/api/advice/view', { body, signal }))
    // One and the same, so that a page that shows it already has nothing to draw anew.
    return { ...view, advice: knowAdvice(body.reading, view.advice) }
  },
)
