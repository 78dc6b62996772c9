import type { SetAside } from '../words/documents'
import { answer, api } from './client'
import { stored } from './read.svelte'
import { write } from './write.svelte'

/** What this version cannot read of what is stored. */
export const attentionQuery = stored('attention', [], () => answer<SetAside[]>(api.GET('/api/attention')))
/** Puts everything back as a file has it. */
export const restoreBackup = write('backup.restore', {
  changes: 'everything',
  send: (backup: unknown) => answer(api.POST('/api/backup', { body: backup as never })),
})
