import { createQuery } from '@tanstack/svelte-query'
import {
  answer,
  api,
  type Analysis,
  type Composition,
  type DrawnBuild,
  type Outing,
  type OutingEvent,
  type OutingImport,
  type OutingSummary,
  type SavedTrial,
  type SeasonWatch,
  type Stint,
} from './client'
import { keys } from './keys'
import { stored } from './queries'
import { queryClient } from './queryClient'
import { question, type Question } from './question.svelte'
import { write, wrote } from './writes'

// Outings, what they show, and trials: read and written. Only their own screens load this.

export const outingsQuery = () => stored(keys.outings(), () => answer<OutingSummary[]>(api.GET('/api/outings')))
export const outingQuery = (id: () => string) =>
  createQuery<Outing>(() => ({ queryKey: keys.outing(id()), queryFn: () => readOuting(id()), enabled: id() !== '' }))
export const readOuting = (id: string) => answer<Outing>(api.GET('/api/outings/{id}', { params: { path: { id } } }))
export const analysisQuery = () => stored(keys.analysis(), () => answer<Analysis>(api.GET('/api/logbook/analysis')))
export const seasonQuery = () => stored(keys.season(), () => answer<SeasonWatch[]>(api.GET('/api/logbook/season')))
export const trialsQuery = () => stored(keys.trials(), () => answer<SavedTrial[]>(api.GET('/api/trials')))

/** Lures as they are drawn, in the order asked. */
export function drawnFor(builds: () => Composition[] | null): Question<Composition[], DrawnBuild[]> {
  return question({
    input: builds,
    key: keys.drawn,
    ask: (list, signal) => answer<DrawnBuild[]>(api.POST('/api/builds/drawn', { body: { builds: list }, signal })),
  })
}

const at = (id: string) => ({ params: { path: { id } } })
const WEAR: readonly OutingEvent['kind'][] = ['lure_lost', 'trailer_torn', 'collar_split']
const atStint = (id: string, stint: string) => ({ params: { path: { id, stint } } })
const atEvent = (id: string, event: string) => ({ params: { path: { id, event } } })

/** Notes are sent one after the other, in the order they were taken. */
let line: Promise<unknown> = Promise.resolve()

/** What comes back is the outing as it is now: it is shown at once, without asking again. */
function noted(what: 'notes' | 'worn', request: () => Promise<Outing>): Promise<Outing> {
  const done = line.then(request).then((outing) => {
    queryClient.setQueryData(keys.outing(outing.id ?? ''), outing)
    return outing
  })
  line = done.catch(() => undefined)
  return done.then(async (outing) => {
    await wrote(what)
    return outing
  })
}

export const outings = {
  /** When everything noted so far has been sent. */
  sent: () => line,
  add: (body: Outing) => noted('notes', () => answer<Outing>(api.POST('/api/outings', { body }))),
  change: (id: string, body: Outing) =>
    noted('worn', () => answer<Outing>(api.PUT('/api/outings/{id}', { ...at(id), body }))),
  remove: (id: string) => write('notes', answer(api.DELETE('/api/outings/{id}', at(id)))),
  restore: (id: string) => write('notes', answer(api.POST('/api/outings/{id}/restore', at(id)))),
  end: (id: string, ended_at: string) =>
    noted('notes', () => answer<Outing>(api.POST('/api/outings/{id}/end', { ...at(id), body: { ended_at } }))),
  tie: (id: string, stint: string, body: Stint) =>
    noted('notes', () => answer<Outing>(api.PUT('/api/outings/{id}/stints/{stint}', { ...atStint(id, stint), body }))),
  untie: (id: string, stint: string) =>
    noted('notes', () => answer<Outing>(api.DELETE('/api/outings/{id}/stints/{stint}', atStint(id, stint)))),
  note: (id: string, event: string, body: OutingEvent) =>
    noted(WEAR.includes(body.kind) ? 'worn' : 'notes', () =>
      answer<Outing>(api.PUT('/api/outings/{id}/events/{event}', { ...atEvent(id, event), body })),
    ),
  unnote: (id: string, event: OutingEvent) =>
    noted(WEAR.includes(event.kind) ? 'worn' : 'notes', () =>
      answer<Outing>(api.DELETE('/api/outings/{id}/events/{event}', atEvent(id, event.id ?? ''))),
    ),
  photo: (id: string, event: string, photo: string) =>
    write(
      'notes',
      answer(api.PUT('/api/outings/{id}/events/{event}/photo', { ...atEvent(id, event), body: { photo } })),
    ),
  takePhotoAway: (id: string, event: string) =>
    write('notes', answer(api.DELETE('/api/outings/{id}/events/{event}/photo', atEvent(id, event)))),
  preview: (contents: string) => answer<OutingImport>(api.POST('/api/outings/table/preview', { body: { contents } })),
  importTable: (contents: string) =>
    write('worn', answer<OutingImport>(api.POST('/api/outings/table', { body: { contents } }))),
}

export const trials = {
  draw: (body: SavedTrial) => write('trials', answer<SavedTrial>(api.POST('/api/trials', { body }))),
  remove: (id: string) => write('trials', answer(api.DELETE('/api/trials/{id}', at(id)))),
  restore: (id: string) => write('trials', answer(api.POST('/api/trials/{id}/restore', at(id)))),
}
