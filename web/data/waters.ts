import type { Water } from '../words/documents'
import { queryClient } from './cache'
import { change } from './change'
import { answer, api, ifMatch, versioned, one } from './client'
import { stored } from './read.svelte'
import { errand, removal } from './write.svelte'

export const watersQuery = stored('waters', ['waters'], () => answer<Water[]>(api.GET('/api/waters')))

/** The name of one, as far as the list of them was read. */
export const waterName = (id: string): string =>
  queryClient.getQueryData<Water[]>(watersQuery.key)?.find((water) => water.id === id)?.name ?? 'a water'

const CHANGES = ['waters'] as const

export const waters = {
  /** As it is now, to be changed. */
  open: errand('waters.open', (id: string) => versioned<Water>(api.GET('/api/waters/{id}', one(id)))),
  /** Adds it where it has no id yet. */
  save: change<Water, unknown>('waters.save', {
    changes: CHANGES,
    send: ({ id, ...body }, version) =>
      answer<unknown>(
        id
          ? api.PUT('/api/waters/{id}', { ...one(id), body, headers: ifMatch(version) })
          : api.POST('/api/waters', { body }),
      ),
    compared: ({ name, id }) => ({
      called: name,
      fields: ({ name, tint, forage, red_crawfish, note, place }) => ({
        name,
        tint,
        forage,
        red_crawfish,
        note,
        place,
      }),
      withFields: (theirs, fields) => ({ ...theirs, ...fields, id }),
    }),
  }),
  ...removal('waters', CHANGES),
}
