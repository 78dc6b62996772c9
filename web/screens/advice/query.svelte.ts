import { createQuery, keepPreviousData } from '@tanstack/svelte-query'
import { answer, api, type Advice, type Palette, type Reading } from '../../api/client'

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
