import type { Reading } from '../words/documents'
import { fieldValue, fieldWords } from '../words/words'
import type { Compared } from './conflicts.svelte'
import { waterName } from './waters'

/** The reading that is worked on, and where. */
export type Current = { reading: Reading; water_id: string | null }

const WATER = 'water_id'

export const READING: Compared<Current> = {
  called: 'the reading',
  fields: ({ reading, water_id }) => ({ ...reading, water_id }),
  withFields: (_, { water_id, ...reading }) => ({ reading, water_id }) as unknown as Current,
  name: (field) => (field === WATER ? 'water' : fieldWords(field)),
  words: (field, value, metric) => (field === WATER ? waterName(value as string) : fieldValue(field, value, metric)),
}
