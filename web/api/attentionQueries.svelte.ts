import { createQuery } from '@tanstack/svelte-query'
import { answer, api, type SetAside } from './client'

/** What is stored and cannot be read. */
export function attentionQuery() {
  return createQuery<SetAside[]>(() => ({ queryKey: ['attention'], queryFn: () => answer(api.GET('/api/attention')) }))
}
