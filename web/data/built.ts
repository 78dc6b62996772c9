import type { Batch, BatchItem, BuildSheet, BuiltRecord, Composition, Reading } from '../words/documents'
import { answer, api } from './client'
import { stored, worked } from './read.svelte'
import { write } from './write.svelte'

const OF_STOCK = ['votes', 'parts', 'built', 'gear'] as const

/** How to put a build together. */
export const sheetFor = worked<{ reading: Reading; build: Composition }, BuildSheet>(
  'sheet',
  OF_STOCK,
  (body, signal) => answer(api.POST('/api/build-sheet', { body, signal })),
  { isCostly: true, isAwaited: true },
)
/** What several builds use, and in which order they are made. */
export const batchFor = worked<BatchItem[], Batch>(
  'batch',
  OF_STOCK,
  (items, signal) => answer(api.POST('/api/batch', { body: { items }, signal })),
  { isCostly: true, isAwaited: true },
)

/** What was built, and taken from stock for it. */
export const builtQuery = stored('built', ['built'], () => answer<BuiltRecord[]>(api.GET('/api/built')))
export const built = {
  add: write('built.add', {
    changes: ['built'],
    send: (items: BatchItem[]) => answer<BuiltRecord>(api.POST('/api/built', { body: { items } })),
  }),
  undo: write('built.undo', {
    changes: ['built'],
    send: (id: string) => answer(api.POST('/api/built/{id}/undo', { params: { path: { id } } })),
  }),
}
