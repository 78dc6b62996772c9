import type { Reading } from '../words/documents'
import type { Compared } from './conflicts.svelte'

/** The reading that is worked on, and where. */
export type Current = { reading: Reading; water_id: string | null }

export const READING: Compared<Current> = {
  called: 'the reading',
  fields: ({ reading }) => reading,
  withFields: (_, reading, { water_id }) => ({ reading: reading as unknown as Reading, water_id }),
}
