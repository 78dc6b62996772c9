import type { ColourName } from '../words/documents'
import { answer, api } from './client'
import { stored } from './read.svelte'
import { removal, write } from './write.svelte'

/** What the angler calls colors. */
export const namesQuery = stored('names', ['names'], () => answer<ColourName[]>(api.GET('/api/names')))

const CHANGES = ['names'] as const
export const names = {
  add: write('names.add', {
    changes: CHANGES,
    send: (body: ColourName) => answer<ColourName>(api.POST('/api/names', { body })),
  }),
  ...removal('names', CHANGES),
}
