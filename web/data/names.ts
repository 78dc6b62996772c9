import type { ColourName } from '../words/documents'
import { answer, api } from './client'
import { stored } from './read.svelte'
import { write } from './write.svelte'

/** What the angler calls colors. */
export const namesQuery = stored('names', ['names'], () => answer<ColourName[]>(api.GET('/api/names')))

const at = (id: string) => ({ params: { path: { id } } })
const CHANGES = ['names'] as const
export const names = {
  add: write('names.add', {
    changes: CHANGES,
    send: (body: ColourName) => answer<ColourName>(api.POST('/api/names', { body })),
  }),
  forget: write('names.forget', {
    changes: CHANGES,
    send: (id: string) => answer(api.DELETE('/api/names/{id}', at(id))),
  }),
  restore: write('names.restore', {
    changes: CHANGES,
    send: (id: string) => answer(api.POST('/api/names/{id}/restore', at(id))),
  }),
}
