import { createQuery, keepPreviousData } from '@tanstack/svelte-query'
import type { Pick } from '../words/vocabulary'
import { answer, api, type Advice, type Change, type Explanation, type Palette, type Reading } from './client'

/** The advice for a reading, asked anew whenever the reading changes; the last one stays until the next has come. */
export function adviceFor(reading: () => Reading) {
  return createQuery<Advice>(() => ({
    queryKey: ['advice', reading()],
    queryFn: ({ signal }) => answer(api.POST('/api/advice', { body: reading(), signal })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    retry: false,
  }))
}

export function paletteQuery() {
  return createQuery<Palette>(() => ({
    queryKey: ['palette'],
    queryFn: () => answer(api.GET('/api/palette')),
    staleTime: Infinity,
  }))
}

/** The picks that the last change to the reading turned. */
export function changesFor(before: () => Reading | null, after: () => Reading) {
  return createQuery<Change[]>(() => ({
    queryKey: ['changes', before(), after()],
    enabled: before() !== null,
    queryFn: ({ signal }) =>
      answer(api.POST('/api/changes', { body: { before: before() ?? after(), after: after() }, signal })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    retry: false,
  }))
}

/** Every rule that voted on one pick of a reading's advice, and what would turn it. */
export function explanationFor(reading: () => Reading, pick: () => Pick) {
  return createQuery<Explanation>(() => ({
    queryKey: ['explanation', reading(), pick()],
    queryFn: ({ signal }) => answer(api.POST('/api/explain', { body: { reading: reading(), pick: pick() }, signal })),
    staleTime: Infinity,
    retry: false,
  }))
}
