import type { SavedTrial } from '../words/documents'
import { answer, api } from './client'
import { stored } from './read.svelte'
import { removal, write } from './write.svelte'

/** Two lures in turn, in an order drawn at random, with what has come of it. */
export const trialsQuery = stored('trials', ['trials', 'notes'], () => answer<SavedTrial[]>(api.GET('/api/trials')))

export const trials = {
  draw: write('trials.draw', {
    changes: ['trials'],
    send: (body: SavedTrial) => answer<SavedTrial>(api.POST('/api/trials', { body })),
  }),
  ...removal('trials', ['trials']),
}
