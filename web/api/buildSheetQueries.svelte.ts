import { createQuery, keepPreviousData } from '@tanstack/svelte-query'
import {
  answer,
  api,
  type Batch,
  type BatchItem,
  type Composition,
  type Made,
  type Reading,
  type Sheet,
} from './client'

/** The build sheet of what lies on the bench. */
export function sheetFor(build: () => Composition | null, reading: () => Reading) {
  return createQuery<Sheet>(() => ({
    queryKey: ['best', 'sheet', build(), reading()],
    enabled: build() !== null,
    queryFn: ({ signal }) => {
      const laid = build()
      if (!laid) throw new Error('Nothing lies on the bench.')
      return answer(api.POST('/api/sheet', { body: { build: laid, reading: reading() }, signal }))
    },
    placeholderData: keepPreviousData,
    retry: false,
  }))
}

export function batchFor(items: () => BatchItem[]) {
  return createQuery<Batch>(() => ({
    queryKey: ['best', 'batch', items()],
    enabled: items().length > 0,
    queryFn: ({ signal }) => answer(api.POST('/api/batch', { body: { items: items() }, signal })),
    placeholderData: keepPreviousData,
    retry: false,
  }))
}

export function madeQuery() {
  return createQuery<Made[]>(() => ({ queryKey: ['made'], queryFn: () => answer(api.GET('/api/made')) }))
}
