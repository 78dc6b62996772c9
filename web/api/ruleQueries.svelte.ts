import { createQuery } from '@tanstack/svelte-query'
import { answer, api, type Meeting, type Rule } from './client'

export function rulesQuery() {
  return createQuery<Rule[]>(() => ({
    queryKey: ['rules'],
    queryFn: () => answer(api.GET('/api/rules')),
    staleTime: Infinity,
  }))
}

export function meetingsQuery(id: () => string) {
  return createQuery<Meeting[]>(() => ({
    queryKey: ['meetings', id()],
    queryFn: () => answer(api.GET('/api/rules/{id}/meetings', { params: { path: { id: id() } } })),
    staleTime: Infinity,
  }))
}
