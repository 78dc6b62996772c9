import { createQuery } from '@tanstack/svelte-query'
import { answer, api, type Bin } from './client'

/** Every part owned. */
export function binQuery() {
  return createQuery<Bin>(() => ({ queryKey: ['bin'], queryFn: () => answer(api.GET('/api/bin')) }))
}
