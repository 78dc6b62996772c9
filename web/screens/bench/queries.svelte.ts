import { createQuery, keepPreviousData } from '@tanstack/svelte-query'
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
} from '../../api/client'
import type { From } from '../advice/scene.svelte'

/** A build judged for a reading; the last verdict stays until the next has come. */
export function verdictFor(reading: () => Reading, build: () => Composition | null, from: () => From = () => 'side') {
  return createQuery<Bench>(() => ({
    queryKey: ['bench', reading(), build(), from()],
    enabled: build() !== null,
    queryFn: ({ signal }) => {
      const laid = build()
      if (!laid) throw new Error('Nothing lies on the bench.')
      return answer(api.POST('/api/bench', { body: { reading: reading(), build: laid, from: from() }, signal }))
    },
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    retry: false,
  }))
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
