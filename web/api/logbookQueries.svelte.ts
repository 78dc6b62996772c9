import { createQuery } from '@tanstack/svelte-query'
import { answer, api, type KeptReading, type Water } from './client'

export function watersQuery() {
  return createQuery<Water[]>(() => ({ queryKey: ['waters'], queryFn: () => answer(api.GET('/api/waters')) }))
}

export function readingsQuery() {
  return createQuery<KeptReading[]>(() => ({ queryKey: ['readings'], queryFn: () => answer(api.GET('/api/readings')) }))
}
