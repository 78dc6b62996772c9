import type { Access } from '../words/documents'
import { answer, api } from './client'
import { stored } from './read.svelte'
import { write } from './write.svelte'

/** Where a phone reaches Kontrast, and which devices are signed in. */
export const accessQuery = stored('access', ['sessions'], () => answer<Access>(api.GET('/api/access')))
export const access = {
  end: write('access.end', {
    changes: ['sessions'],
    send: (id: string) => answer(api.DELETE('/api/sessions/{id}', { params: { path: { id } } })),
  }),
  signOut: write('access.signOut', { changes: [], send: () => answer(api.POST('/api/sign-out')) }),
}
