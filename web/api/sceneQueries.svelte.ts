import { createQuery, keepPreviousData } from '@tanstack/svelte-query'
import {
  answer,
  api,
  type Advice,
  type LookRequest,
  type Opinion,
  type Reading,
  type Scene,
  type Sensitivity,
} from './client'

export type From = LookRequest['from']

/** The parts of a lure as the model takes them, and the pairs of them worth following. */
export type Look = Pick<Advice, 'look_parts' | 'look_pairs' | 'look_pairs_below'>

/** What the model computes for the parts of a build in one water. */
export function sceneFor(reading: () => Reading, look: () => Look, from: () => From) {
  return createQuery<Scene>(() => ({
    queryKey: ['scene', reading(), look().look_parts, from()],
    enabled: look().look_parts.length > 0,
    queryFn: ({ signal }) =>
      answer(
        api.POST('/api/scene', {
          body: {
            reading: reading(),
            from: from(),
            parts: look().look_parts,
            pairs: from() === 'below' ? look().look_pairs_below : look().look_pairs,
          },
          signal,
        }),
      ),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    retry: false,
  }))
}

/** What each figure of a scene comes to as the chosen constants of the model move within their published spans. */
export function sensitivityFor(request: () => LookRequest) {
  return createQuery<Sensitivity>(() => ({
    queryKey: ['sensitivity', request()],
    queryFn: ({ signal }) => answer(api.POST('/api/sensitivity', { body: request(), signal })),
    staleTime: Infinity,
    retry: false,
  }))
}

export function opinionFor(reading: () => Reading) {
  return createQuery<Opinion[]>(() => ({
    queryKey: ['opinion', reading()],
    queryFn: ({ signal }) => answer(api.POST('/api/opinion', { body: reading(), signal })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    retry: false,
  }))
}
