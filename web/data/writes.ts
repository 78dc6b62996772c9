import type {
  BatchItem,
  ColourName,
  SavedReading,
  BuiltRecord,
  InventoryPart,
  PracticeAnswer,
  Reading,
  SavedBuild,
  SavedTrip,
  Water,
} from '../words/documents'
import type { QueryFilters } from '@tanstack/svelte-query'
import { answer, api, orElse } from './client'
import { stamp } from '../words/clock'
import { newId } from '../words/newId'
import { STALE_AFTER, type Written } from './keys'
import { queryClient } from './queryClient'

const listeners: ((what: Written) => void)[] = []

/** Tells a store of every write, where it holds copies of what is written. */
export function whenWritten(listener: (what: Written) => void): void {
  listeners.push(listener)
}

/** Marks what a write made stale; what is on screen is asked for again at once. */
export async function wrote(what: Written): Promise<void> {
  for (const listener of listeners) listener(what)
  const stale = STALE_AFTER[what]
  const those: QueryFilters = stale === 'all' ? {} : { predicate: (query) => stale.includes(String(query.queryKey[0])) }
  // What was asked for the first time before the write and is still on its way would be taken for new.
  await queryClient.cancelQueries(those)
  await queryClient.invalidateQueries(those)
}

/** Carries out a write, and then tells what it made stale. */
export async function write<T>(what: Written, request: Promise<T>): Promise<T> {
  const done = await request
  await wrote(what)
  return done
}

const at = (id: string) => ({ params: { path: { id } } })

export const parts = {
  add: (body: InventoryPart[]) => write('parts', answer<InventoryPart[]>(api.POST('/api/parts', { body }))),
  change: (body: InventoryPart[]) => write('parts', answer<InventoryPart[]>(api.PUT('/api/parts', { body }))),
  remove: (ids: string[]) => write('parts', answer(api.POST('/api/parts/delete', { body: { ids } }))),
  restore: (ids: string[]) => write('parts', answer(api.POST('/api/parts/restore', { body: { ids } }))),
}

export const swatches = {
  add: (contents: string) => write('swatches', answer(api.POST('/api/swatches', { body: { contents } }))),
}

export const names = {
  add: (body: ColourName) => write('names', answer<ColourName>(api.POST('/api/names', { body }))),
  remove: (id: string) => write('names', answer(api.DELETE('/api/names/{id}', at(id)))),
  restore: (id: string) => write('names', answer(api.POST('/api/names/{id}/restore', at(id)))),
}

export const builds = {
  add: (body: SavedBuild) => write('builds', answer<SavedBuild>(api.POST('/api/builds', { body }))),
  remove: (id: string) => write('builds', answer(api.DELETE('/api/builds/{id}', at(id)))),
  restore: (id: string) => write('builds', answer(api.POST('/api/builds/{id}/restore', at(id)))),
}

export const built = {
  add: (items: BatchItem[]) => write('built', answer<BuiltRecord>(api.POST('/api/built', { body: { items } }))),
  undo: (id: string) => write('built', answer(api.POST('/api/built/{id}/undo', at(id)))),
}

export const waters = {
  add: (body: Water) => write('waters', answer(api.POST('/api/waters', { body }))),
  change: (id: string, body: Water) => write('waters', answer(api.PUT('/api/waters/{id}', { ...at(id), body }))),
  remove: (id: string) => write('waters', answer(api.DELETE('/api/waters/{id}', at(id)))),
  restore: (id: string) => write('waters', answer(api.POST('/api/waters/{id}/restore', at(id)))),
}

export const readings = {
  /** @returns null where it waits on this device until the server can be reached */
  add: (reading: Reading, waterId: string | null): Promise<SavedReading | null> => {
    const id = newId()
    const body = { id, reading, water_id: waterId, note: '' }
    return orElse<SavedReading | null>(
      () => write('readings', answer<SavedReading>(api.POST('/api/readings', { body }))),
      async () => {
        const { outbox } = await import('./outbox/outbox.svelte')
        await outbox.add({ kind: 'reading', id, body: reading, water_id: waterId })
        return null
      },
    )
  },
  remove: (id: string) => write('readings', answer(api.DELETE('/api/readings/{id}', at(id)))),
  restore: (id: string) => write('readings', answer(api.POST('/api/readings/{id}/restore', at(id)))),
}

export const practice = {
  /** Kept on this device first where the server cannot be reached: an answer is given once. */
  add: (given: Omit<PracticeAnswer, 'id' | 'at'>): Promise<PracticeAnswer> => {
    const id = newId()
    const body: PracticeAnswer = { ...given, id, at: stamp(new Date()) }
    return orElse<PracticeAnswer>(
      () => write('practice', answer<PracticeAnswer>(api.POST('/api/practice-answers', { body }))),
      async () => {
        const { outbox } = await import('./outbox/outbox.svelte')
        await outbox.add({ kind: 'answer', id, body })
        return body
      },
    )
  },
  remove: (id: string) => write('practice', answer(api.DELETE('/api/practice-answers/{id}', at(id)))),
  restore: (id: string) => write('practice', answer(api.POST('/api/practice-answers/{id}/restore', at(id)))),
}

export const access = {
  end: (id: string) => write('sessions', answer(api.DELETE('/api/sessions/{id}', at(id)))),
  signOut: () => answer(api.POST('/api/sign-out')),
}

export const trips = {
  add: (body: SavedTrip) => write('trips', answer<SavedTrip>(api.POST('/api/trips', { body }))),
  change: (id: string, body: SavedTrip) =>
    write('trips', answer<SavedTrip>(api.PUT('/api/trips/{id}', { ...at(id), body }))),
  remove: (id: string) => write('trips', answer(api.DELETE('/api/trips/{id}', at(id)))),
  restore: (id: string) => write('trips', answer(api.POST('/api/trips/{id}/restore', at(id)))),
}
