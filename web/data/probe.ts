import type { ProbedWater } from '../words/documents'
import { answer, api } from './client'

/** The water as the probe measures it now. */
export const readProbe = () => answer<ProbedWater>(api.POST('/api/probe'))
