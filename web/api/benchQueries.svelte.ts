import { createQuery, keepPreviousData, type QueryClient } from '@tanstack/svelte-query'
import {
  answer,
  api,
  type Bench,
  type Best,
  type Composition,
  type Missing,
  type Reading,
  type SavedBuild,
  type Swap,
} from './client'
import type { From } from './sceneQueries.svelte'

/** How a build is judged for a reading; asked for once and then kept. */
function verdictOptions(reading: Reading, build: Composition, from: From) {
  return {
    queryKey: ['bench', reading, build, from],
    queryFn: ({ signal }: { signal: AbortSignal }) =>
      answer<Bench>(api.POST('/api/bench', { body: { reading, build, from }, signal })),
    staleTime: Infinity,
    retry: false as const,
  }
}

/** A build judged for a reading; the last verdict stays until the next has come. */
export function verdictFor(reading: () => Reading, build: () => Composition | null, from: () => From = () => 'side') {
  return createQuery<Bench>(() => {
    const laid = build()
    return laid
      ? { ...verdictOptions(reading(), laid, from()), placeholderData: keepPreviousData }
      : { queryKey: ['bench', null], enabled: false, queryFn: () => Promise.reject(new Error('Nothing lies there.')) }
  })
}

/** Asks ahead for builds one key away, so that a step shows its figures at once. */
export function askAhead(client: QueryClient, reading: Reading, builds: readonly Composition[], from: From): void {
  for (const build of builds) void client.prefetchQuery(verdictOptions(reading, build, from))
}

export function bestFor(reading: () => Reading, wanted: () => boolean) {
  return createQuery<Best>(() => ({
    queryKey: ['best', reading()],
    enabled: wanted(),
    queryFn: ({ signal }) => answer(api.POST('/api/best', { body: { reading: reading() }, signal })),
    placeholderData: keepPreviousData,
    retry: false,
  }))
}

export function swapsFor(reading: () => Reading, build: () => Composition | null, wanted: () => boolean) {
  return createQuery<Swap[]>(() => ({
    queryKey: ['best', 'swaps', reading(), build()],
    enabled: wanted() && build() !== null,
    queryFn: ({ signal }) => {
      const laid = build()
      if (!laid) throw new Error('Nothing lies on the bench.')
      return answer(api.POST('/api/swaps', { body: { reading: reading(), build: laid, from: 'side' }, signal }))
    },
    placeholderData: keepPreviousData,
    retry: false,
  }))
}

export function missingQuery(wanted: () => boolean) {
  return createQuery<Missing[]>(() => ({
    queryKey: ['best', 'missing'],
    enabled: wanted(),
    queryFn: ({ signal }) => answer(api.GET('/api/missing', { signal })),
    retry: false,
  }))
}

export function buildsQuery() {
  return createQuery<SavedBuild[]>(() => ({ queryKey: ['builds'], queryFn: () => answer(api.GET('/api/builds')) }))
}
