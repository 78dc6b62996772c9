import type { Analysis, Effect, LogQuestion, LurePair, SeasonWatch, UsualWater, WaterSights } from '../words/documents'
import { answer, api } from './client'
import { stored, worked } from './read.svelte'

// What the notes come to.

export const analysisQuery = stored('analysis', ['notes'], () => answer<Analysis>(api.GET('/api/logbook/analysis')))
export const seasonQuery = stored('season', ['notes', 'readings', 'waters'], () =>
  answer<SeasonWatch[]>(api.GET('/api/logbook/season')),
)
/** Which of two things is better, as far as the notes tell. */
export const askFor = worked<LogQuestion, Effect>('asked', ['notes'], (query, signal) =>
  answer(api.GET('/api/logbook/ask', { params: { query }, signal })),
)
/** Two lures to try it with. */
export const pairFor = worked<LogQuestion, LurePair>('pair', ['notes'], (query, signal) =>
  answer(api.GET('/api/logbook/pair', { params: { query }, signal })),
)
/** How far one sees in each water, as far as enough days were noted there. */
export const sightsQuery = stored('sights', ['notes', 'readings', 'waters'], () =>
  answer<WaterSights[]>(api.GET('/api/logbook/sights')),
)
/** What is usual at each water, and what was last seen there. */
export const usualQuery = stored('usual', ['notes', 'readings', 'waters'], () =>
  answer<UsualWater[]>(api.GET('/api/logbook/usual')),
)
