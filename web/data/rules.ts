import type { Explanation, Palette, Reading, Rule, RuleConflict } from '../words/documents'
import type { Pick } from '../words/vocabulary'
import { answer, api, one } from './client'
import { fixed, stored, storedOne, worked } from './read.svelte'
import { errand } from './write.svelte'

/** What the facts of the trade say, by their ids. */
export const factsQuery = fixed('facts', async () => (await answer<Palette>(api.GET('/api/palette'))).facts)
/** The book; the log adds rules of its own to it, where it may vote. */
export const rulesQuery = stored('rules', ['votes'], () => answer<Rule[]>(api.GET('/api/rules')), Infinity)
export const ruleFor = worked<string, Rule>('rule', ['votes'], (id, signal) =>
  answer(api.GET('/api/rules/{id}', { ...one(id), signal })),
)
/** The rules that say otherwise where one votes. */
export const conflictsQuery = storedOne<RuleConflict[]>('conflicts', ['votes'], (id) =>
  answer(api.GET('/api/rules/{id}/conflicts', one(id))),
)
/** A reading in which a rule decides. */
export const readingWhere = errand('rules.reading', (id: string) =>
  answer<Reading>(api.GET('/api/rules/{id}/reading', one(id))),
)
/** Every rule that voted on one pick of a reading's advice, and what would change it. */
export const explanationFor = worked<{ reading: Reading; pick: Pick }, Explanation>(
  'explanation',
  ['votes'],
  (body, signal) => answer(api.POST('/api/explain', { body, signal })),
)
