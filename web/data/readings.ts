import type { Reading, SavedReading } from '../words/documents'
import { newId } from '../words/newId'
import { answer, api, orElse } from './client'
import { stored } from './read.svelte'
import { removal, write } from './write.svelte'

export const readingsQuery = stored('readings', ['readings'], () => answer<SavedReading[]>(api.GET('/api/readings')))

export const readings = {
  /** Gives null where it waits on this device until the server can be reached. */
  add: write('readings.add', {
    changes: (_, kept) => (kept === null ? [] : ['readings']),
    send: ({ reading, waterId }: { reading: Reading; waterId: string | null }) => {
      const id = newId()
      return orElse<SavedReading | null>(
        () => answer<SavedReading>(api.POST('/api/readings', { body: { id, reading, water_id: waterId, note: '' } })),
        async () => {
          const { outbox } = await import('./outbox/outbox.svelte')
          await outbox.add({ kind: 'reading', id, body: reading, water_id: waterId })
          return null
        },
      )
    },
  }),
  ...removal('readings', ['readings']),
}
