import type { ProbedWater } from '../words/documents'
import { answer, api } from './client'
import { errand } from './write.svelte'

/** The water as the probe measures it now. */
export const readProbe = errand('probe', () => answer<ProbedWater>(api.POST('/api/probe')))
