import type { Inventory, InventoryPart, PlannedPart, ReadPartLine, StarterSet } from '../words/documents'
import { fieldLabel } from '../words/part'
import { fieldValue } from '../words/words'
import { change } from './change'
import { answer, api } from './client'
import type { Edit } from './conflicts.svelte'
import { notices } from './notices.svelte'
import { progressOf } from './progress'
import { fixed, stored } from './read.svelte'
import { errand, write, type Follows } from './write.svelte'

export const inventoryQuery = stored('inventory', ['parts', 'built', 'swatches'], () =>
  answer<Inventory>(api.GET('/api/parts')),
)
export const starterSetsQuery = fixed('starter-sets', () => answer<StarterSet[]>(api.GET('/api/parts/starter-sets')))

const CHANGES = ['parts'] as const
const add = write('parts.add', {
  changes: CHANGES,
  send: (body: InventoryPart[]) => answer<InventoryPart[]>(api.POST('/api/parts', { body })),
})
const remove = write('parts.remove', {
  changes: CHANGES,
  send: (ids: string[]) => answer(api.POST('/api/parts/delete', { body: { ids } })),
})
const restore = write('parts.restore', {
  changes: CHANGES,
  send: (ids: string[]) => answer(api.POST('/api/parts/restore', { body: { ids } })),
})
/** Each names the version it was made of; the server names the first that is another. */
const save = change<InventoryPart[], InventoryPart[]>('parts.change', {
  changes: CHANGES,
  send: (body) => answer<InventoryPart[]>(api.PUT('/api/parts', { body })),
  stored: ({ base }, { value }) => {
    const one = value as unknown as InventoryPart
    return { value: (base?.value ?? []).map((part) => (part.id === one.id ? one : part)), version: null }
  },
  compared: (mine) => ({
    called: mine.length === 1 ? (mine[0]?.name ?? '') : 'some parts',
    fields: (parts) => ({ parts: parts.map((part) => ({ ...part, version: null })) }),
    withFields: (theirs, { parts }) =>
      (parts as InventoryPart[]).map((part) => ({
        ...part,
        version: theirs.find((one) => one.id === part.id)?.version,
      })),
    name: (path) => {
      const [, id, field = ''] = path.split('/')
      const label = fieldLabel(field as keyof InventoryPart)
      return mine.length === 1 ? label : `${mine.find((part) => part.id === id)?.name ?? ''}: ${label}`
    },
    words: (path, value, metric) => fieldValue(path.split('/').at(-1) ?? '', value, metric),
  }),
})

const idsOf = (all: readonly InventoryPart[]) => all.flatMap((part) => part.id ?? [])
const edit = (before: InventoryPart[], mine: InventoryPart[]): Edit<InventoryPart[]> => ({
  base: { value: before, version: null },
  mine,
})

/** The parts owned; everything that is done to them says so, and can be taken back. */
export const parts = {
  add: (all: InventoryPart[], says: string, { then, ...follows }: Follows<InventoryPart[]> = {}) =>
    add(all, {
      ...follows,
      then: (added) => {
        notices.say(says, () => remove(idsOf(added)))
        return then?.(added)
      },
    }),
  change: (
    before: InventoryPart[],
    mine: InventoryPart[],
    says: string,
    { then, ...follows }: Follows<InventoryPart[]> = {},
  ) =>
    save(edit(before, mine), {
      ...follows,
      then: (now) => {
        const back = before.map((part) => ({ ...part, version: now.find((one) => one.id === part.id)?.version }))
        notices.say(says, () => save(edit(now, back)))
        return then?.(now)
      },
    }),
  remove: (all: readonly InventoryPart[], says: string) =>
    remove(idsOf(all), () => {
      notices.say(says, () => restore(idsOf(all)))
    }),
}

export const swatches = {
  add: write('swatches.add', {
    changes: ['swatches'],
    send: (contents: string) => answer<{ added: number }>(api.POST('/api/swatches', { body: { contents } })),
  }),
}

/** What is told while a file is taken over: how far it is, and at the end what came of it. */
export interface ImportStep {
  done?: number
  of?: number
  added?: number
  changed?: number
  same?: number
}

/** A file of parts: what it would do, before anything is stored, and then all of it or nothing. */
export const partsFile = {
  preview: errand('parts.preview', (contents: string) =>
    answer<PlannedPart[]>(api.POST('/api/parts/preview', { body: { contents } })),
  ),
  take: write('parts.import', {
    changes: CHANGES,
    send: async (file: { contents: string; told: (step: ImportStep) => void; signal: AbortSignal }) => {
      const steps = progressOf<ImportStep>('/api/parts/import', { contents: file.contents }, file.signal)
      for await (const step of steps) file.told(step)
    },
  }),
}

/** Lines of text as parts, as far as they are understood. */
export const readLines = (text: string, signal: AbortSignal) =>
  answer<ReadPartLine[]>(api.POST('/api/parts/lines', { body: { text }, signal }))
