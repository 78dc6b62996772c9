import type { Forecast, Moment, SavedTrip, SeasonProposal, TripPlan, TripRequest } from '../words/documents'
import type { LureKind, Sky } from '../words/vocabulary'
import { change } from './change'
import { answer, api, one } from './client'
import { progressOf } from './progress'
import { stored, worked } from './read.svelte'
import { errand, removal } from './write.svelte'

export const tripsQuery = stored('trips', ['trips'], () => answer<SavedTrip[]>(api.GET('/api/trips')))
/** The plan of a day: its sun, its turns, and what to carry. */
export const planFor = worked<TripRequest, TripPlan>(
  'trip-plan',
  // Where the moods of the fish are not said, they are what the log counts.
  ['votes', 'parts', 'built', 'notes'],
  (body, signal) => answer(api.POST('/api/trips/plan', { body, signal })),
  { isCostly: true },
)
/** Searches on for what to carry, up to a minute, and yields how much of it is done; the plan is the best so far meanwhile. */
export async function* lookLonger(trip: TripRequest, signal: AbortSignal): AsyncGenerator<number> {
  for await (const step of progressOf<{ done?: number; plan?: TripPlan }>('/api/trips/plan/longer', trip, signal)) {
    if (step.plan) planFor.know(trip, step.plan)
    if (step.done !== undefined) yield step.done
  }
}
/** The season that a day is likely to be in. */
export const likelySeasonFor = worked<{ date: string; place: TripRequest['place'] }, SeasonProposal>(
  'likely-season',
  [],
  (body, signal) => answer(api.POST('/api/trips/season', { body, signal })),
)
/** The advised lure at one minute of a trip, in the light of that minute. */
export const momentFor = worked<{ trip: TripRequest; at: string; sky: Sky; lure: LureKind }, Moment>(
  'moment',
  ['votes'],
  (body, signal) => answer(api.POST('/api/trips/moment', { body, signal })),
)
/** What the stand-in for a weather service says of a day. */
export const forecastOf = errand('trips.forecast', ({ place, date }: Pick<TripRequest, 'place' | 'date'>) =>
  answer<Forecast>(api.POST('/api/trips/forecast', { body: { place, date } })),
)

const CHANGES = ['trips'] as const

export const trips = {
  /** Adds it where it has no id yet. */
  save: change<SavedTrip, SavedTrip>('trips.save', {
    changes: CHANGES,
    send: ({ id, ...own }, version) => {
      const body = { ...own, version }
      return answer<SavedTrip>(id ? api.PUT('/api/trips/{id}', { ...one(id), body }) : api.POST('/api/trips', { body }))
    },
    compared: ({ name, id }) => ({
      called: name,
      fields: ({ name, note, water_id, trip }) => ({ name, note, water_id, ...trip }),
      withFields: (theirs, { name, note, water_id, ...trip }) =>
        ({ ...theirs, id, name, note, water_id, trip }) as unknown as SavedTrip,
    }),
  }),
  ...removal('trips', CHANGES),
}
