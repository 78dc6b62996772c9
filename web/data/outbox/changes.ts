import type { Changes } from '../cache'
import { settings } from '../settings.svelte'
import type { OutingEvent } from '../../words/documents'
import type { Write } from './entry'

const WEAR: readonly OutingEvent['kind'][] = ['lure_lost', 'trailer_torn', 'collar_split']

/** What is another once something was noted; where the log may vote, so is what it votes for. */
export const afterNotes = (isWear = false): Changes => [
  'notes',
  ...(settings.value?.log_says?.length ? (['votes'] as const) : []),
  ...(isWear ? (['parts'] as const) : []),
]

/** The same of one that has waited here. */
export function changesOf(write: Write): Changes {
  switch (write.kind) {
    case 'reading':
      return ['readings']
    case 'answer':
      return ['practice']
    case 'current':
      return ['current-reading']
    case 'note':
      return afterNotes(WEAR.includes(write.body.kind))
    default:
      return afterNotes(write.kind === 'unnote')
  }
}
