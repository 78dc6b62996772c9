import { answer, api, type ProbedWater } from './client'

/** The water as the probe measures it now. */
export const readProbe = () => answer<ProbedWater>(api.POST('/api/probe'))
