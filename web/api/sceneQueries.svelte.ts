import { createQuery, keepPreviousData } from '@tanstack/svelte-query'
import { answer, api, type LookPart, type LookRequest, type Opinion, type Reading, type Scene } from './client'

export type From = LookRequest['from']

/** The pairs worth following: trailer against skirt, blade against skirt, and each accent against its base. */
export function pairsOf(parts: readonly LookPart[]): [string, string][] {
  const ids = parts.map((part) => part.id)
  const wanted: [string, string][] = [
    ['skirt.0', 'trailer.0'],
    ['skirt.0', 'blade.rear'],
    ['skirt.0', 'skirt.1'],
    ['trailer.0', 'trailer.1'],
  ]
  return wanted.filter(([a, b]) => ids.includes(a) && ids.includes(b))
}

/** What the model computes for the parts of a build in one water. */
export function sceneFor(reading: () => Reading, parts: () => readonly LookPart[], from: () => From) {
  return createQuery<Scene>(() => ({
    queryKey: ['scene', reading(), parts(), from()],
    enabled: parts().length > 0,
    queryFn: ({ signal }) =>
      answer(
        api.POST('/api/scene', {
          body: { reading: reading(), from: from(), parts: [...parts()], pairs: pairsOf(parts()) },
          signal,
        }),
      ),
    placeholderData: keepPreviousData,
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

const NAMES: Record<string, string> = {
  steel: 'hook and wire',
  head: 'head',
  'blade.front': 'front blade',
  'blade.rear': 'blade',
  'skirt.0': 'skirt',
  'skirt.1': 'skirt accent',
  'skirt.2': 'second skirt accent',
  'trailer.0': 'trailer',
  'trailer.1': 'trailer accent',
  'trailer.2': 'second trailer accent',
}

/** A part of the lure in words. */
export function partName(id: string): string {
  return NAMES[id] ?? id
}
