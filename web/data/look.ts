import type { LookRequest, Motion, Sensitivity } from '../words/documents'
import { answer, api } from './client'
import { worked } from './read.svelte'

/** What each figure of a look comes to as the chosen constants of the model move within their published spans. */
export const sensitivityFor = worked<LookRequest, Sensitivity>(
  'sensitivity',
  [],
  (body, signal) => answer(api.POST('/api/sensitivity', { body, signal })),
  { isCostly: true },
)
/** The light of the blades as they turn, asked when somebody wants to see it. */
export const motionFor = worked<LookRequest, Motion>(
  'motion',
  [],
  (body, signal) => answer(api.POST('/api/motion', { body, signal })),
  { isCostly: true },
)
