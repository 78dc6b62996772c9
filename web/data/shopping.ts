import type { MissingPart, Reading, Shopping } from '../words/documents'
import { answer, api } from './client'
import { stored, worked } from './read.svelte'

/** What to buy to build the advised lure of each reading. */
export const shoppingFor = worked<Reading[], Shopping>(
  'shopping',
  ['votes', 'parts', 'built'],
  (readings, signal) => answer(api.POST('/api/shopping', { body: { readings }, signal })),
  { isCostly: true },
)
/** The parts not owned that would gain most over the saved readings, and over the one that is worked on. */
export const missingQuery = stored(
  'missing',
  ['votes', 'parts', 'built', 'readings', 'current-reading', 'gear'],
  (signal) => answer<MissingPart[]>(api.GET('/api/missing', { signal })),
)
