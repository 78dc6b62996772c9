import type {
  Box,
  Analysis,
  Composition,
  ConflictAnswer,
  DrawnBuild,
  Effect,
  LogQuestion,
  LurePair,
  Outing,
  OutingEvent,
  OutingImport,
  OutingSummary,
  SavedTrial,
  SeasonWatch,
  Stint,
  UsualWater,
  WaterSights,
} from '../words/documents'
import { createQuery } from '@tanstack/svelte-query'
import { applied } from './outbox/apply'
import { isOuting, outingOf, writeWords, type Write } from './outbox/entry'
import { outbox } from './outbox/outbox.svelte'
import { packs } from './pack/packs.svelte'
import { notices } from './notices.svelte'
import { BITES, type EventKind } from '../words/logbook'
import { answer, api, orElse, saw, Unreachable } from './client'
import { keys } from './keys'
import { stored } from './queries'
import { queryClient } from './queryClient'
import { question, type Question } from './question.svelte'
import { write, wrote } from './writes'

// Outings, what they show, and trials: read and written. Only their own screens load this.

export const outingsQuery = () => stored(keys.outings(), readOutings)
export const outingQuery = (id: () => string) =>
  createQuery<Outing>(() => ({ queryKey: keys.outing(id()), queryFn: () => readOuting(id()), enabled: id() !== '' }))

/** As the server has it, with what waits here; where it cannot be reached or does not know it yet, as this device knows it. */
export async function readOuting(id: string): Promise<Outing> {
  // What was noted here goes first: the answer would not know of it.
  if (outbox.isWaitingFor(id)) await outbox.send()
  try {
    const stored = await answer<Outing>(api.GET('/api/outings/{id}', { params: { path: { id } } }))
    await outbox.know(stored)
    return outbox.withWaiting(stored)
  } catch (error) {
    const here = await outbox.outing(id)
    if (here && (error instanceof Unreachable || outbox.isWaitingFor(id))) return here
    throw error
  }
}

/** Those begun here and not sent yet are among them. */
async function readOutings(): Promise<OutingSummary[]> {
  const here = outbox.waiting.flatMap((one) => (one.write.kind === 'outing' ? [one.write.outing] : []))
  let known: OutingSummary[] = []
  try {
    known = await answer<OutingSummary[]>(api.GET('/api/outings'))
  } catch (error) {
    if (!(error instanceof Unreachable) || here.length === 0) throw error
  }
  const begun = await Promise.all(
    here.filter((id) => known.every((one) => one.id !== id)).map((id) => outbox.outing(id)),
  )
  return [...begun.flatMap((one) => (one ? [summary(one)] : [])), ...known]
}

/** At a glance, before the server has counted anything. */
function summary(outing: Outing): OutingSummary {
  const events = (outing.stints ?? []).flatMap((stint) => stint.events ?? [])
  const count = (...kinds: readonly EventKind[]) => events.filter((event) => kinds.includes(event.kind)).length
  return {
    id: outing.id ?? '',
    version: 0,
    started_at: outing.started_at,
    water_id: outing.water_id ?? null,
    water: '',
    ended_at: outing.ended_at ?? null,
    last_noted_at: events.at(-1)?.at ?? outing.started_at,
    hours: 0,
    bites: count(...BITES),
    fish: count('landed'),
    follows: count('follow'),
    longest_in: null,
    lures: [...new Set((outing.stints ?? []).map((stint) => stint.build.lure))],
  }
}
export const analysisQuery = () => stored(keys.analysis(), () => answer<Analysis>(api.GET('/api/logbook/analysis')))
export const seasonQuery = () => stored(keys.season(), () => answer<SeasonWatch[]>(api.GET('/api/logbook/season')))
/** Which of two things is better, as far as the notes tell. */
export const askFor = (asked: () => LogQuestion | null) =>
  question<LogQuestion, Effect>({
    input: asked,
    key: keys.asked,
    ask: (query, signal) => answer<Effect>(api.GET('/api/logbook/ask', { params: { query }, signal })),
  })
/** Two lures to try it with. */
export const pairFor = (asked: () => LogQuestion | null) =>
  question<LogQuestion, LurePair>({
    input: asked,
    key: keys.pair,
    ask: (query, signal) => answer<LurePair>(api.GET('/api/logbook/pair', { params: { query }, signal })),
  })
/** How far one sees in each water, as far as enough days were noted there. */
export const sightsQuery = () => stored(keys.sights(), () => answer<WaterSights[]>(api.GET('/api/logbook/sights')))

/** What is usual at each water, and what was last seen there. */
export const usualQuery = () => stored(keys.usual(), () => answer<UsualWater[]>(api.GET('/api/logbook/usual')))
export const trialsQuery = () => stored(keys.trials(), () => answer<SavedTrial[]>(api.GET('/api/trials')))

/** Lures as they are drawn, in the order asked; null where there is no picture on this device. */
export function drawnFor(builds: () => Composition[] | null): Question<Composition[], (DrawnBuild | null)[]> {
  return question({
    input: builds,
    key: keys.drawn,
    ask: (list, signal) =>
      orElse<(DrawnBuild | null)[]>(
        () => answer<DrawnBuild[]>(api.POST('/api/builds/drawn', { body: { builds: list }, signal })),
        // What is not packed cannot be drawn out here; its name is enough to tell it.
        () => Promise.all(list.map((build) => packs.drawn(build))),
      ),
  })
}

const at = (id: string) => ({ params: { path: { id } } })
const WEAR: readonly OutingEvent['kind'][] = ['lure_lost', 'trailer_torn', 'collar_split']

/** What the server has taken is what is shown, with what still waits laid over it. */
outbox.whenSent((write, stored) => {
  if (isOuting(stored)) show(stored)
  if (outingOf(write) === null) return
  const isWear = (write.kind === 'note' && WEAR.includes(write.body.kind)) || write.kind === 'unnote'
  sent.add(isWear ? 'worn' : 'notes')
})
outbox.whenIdle(async () => {
  const all = [...sent]
  sent.clear()
  for (const what of all) await wrote(what)
})
outbox.whenRefused((entry) => {
  notices.problem(new Error(`${writeWords(entry)}: ${entry.problem ?? ''}`))
  void queryClient.invalidateQueries({ queryKey: keys.outing(outingOf(entry.write) ?? '') })
})
const sent = new Set<'notes' | 'worn'>()

function show(stored: Outing): void {
  // The answer to a note has another address than the outing it changed.
  if (stored.id && stored.version != null) saw(`/api/outings/${stored.id}`, stored.version)
  queryClient.setQueryData(keys.outing(stored.id ?? ''), outbox.withWaiting(stored))
}

/** On this device's disk, shown at once, and sent as soon as the server can be reached. */
async function noted(write: Write & { outing: string }): Promise<Outing> {
  await outbox.add(write)
  const key = keys.outing(write.outing)
  const shown = queryClient.getQueryData<Outing>(key)
  const now = (shown ? applied(shown, write) : await outbox.outing(write.outing)) ?? {
    id: write.outing,
    started_at: '',
  }
  await queryClient.cancelQueries({ queryKey: key })
  queryClient.setQueryData(key, now)
  void outbox.send()
  return now
}

export const outings = {
  add: (body: Outing & { id: string }) => noted({ kind: 'outing', outing: body.id, body }),
  /** From memory, at home: the server checks it at once. */
  record: (body: Outing) => write('worn', answer<Outing>(api.POST('/api/outings', { body }))),
  /** Edited as a whole, at home too: what another device noted since it was read stays. */
  correct: async (id: string, before: Outing, outing: Outing, answers: ConflictAnswer[]) => {
    const body = { before, outing, answers }
    const stored = await write('worn', answer<Outing>(api.POST('/api/outings/{id}/correction', { ...at(id), body })))
    await outbox.know(stored)
    show(stored)
    return stored
  },
  remove: (id: string) => write('notes', answer(api.DELETE('/api/outings/{id}', at(id)))),
  restore: (id: string) => write('notes', answer(api.POST('/api/outings/{id}/restore', at(id)))),
  end: (id: string, ended_at: string) => noted({ kind: 'end', outing: id, ended_at }),
  tie: (id: string, stint: string, body: Stint) => noted({ kind: 'tie', outing: id, stint, body }),
  untie: (id: string, stint: string) => noted({ kind: 'untie', outing: id, stint }),
  note: (id: string, event: string, body: OutingEvent) => noted({ kind: 'note', outing: id, event, body }),
  unnote: (id: string, event: OutingEvent) => noted({ kind: 'unnote', outing: id, event: event.id ?? '' }),
  fill: (id: string, before: Box, box: Box) => noted({ kind: 'box', outing: id, before, box }),
  photo: (id: string, event: string, photo: string) => noted({ kind: 'photo', outing: id, event, photo }),
  takePhotoAway: (id: string, event: string) => noted({ kind: 'unphoto', outing: id, event }),
  preview: (contents: string) => answer<OutingImport>(api.POST('/api/outings/table/preview', { body: { contents } })),
  importTable: (contents: string) =>
    write('worn', answer<OutingImport>(api.POST('/api/outings/table', { body: { contents } }))),
}

export const trials = {
  draw: (body: SavedTrial) => write('trials', answer<SavedTrial>(api.POST('/api/trials', { body }))),
  remove: (id: string) => write('trials', answer(api.DELETE('/api/trials/{id}', at(id)))),
  restore: (id: string) => write('trials', answer(api.POST('/api/trials/{id}/restore', at(id)))),
}
