import type {
  Box,
  Composition,
  DrawnBuild,
  Outing,
  OutingEvent,
  OutingImport,
  OutingSummary,
  Stint,
} from '../words/documents'
import { BITES, type EventKind } from '../words/logbook'
import { fieldName, fieldSaid } from '../words/outingConflicts'
import { queryClient } from './cache'
import { change } from './change'
import { answer, api, orElse, Unreachable, one } from './client'
import { notices } from './notices.svelte'
import { applied } from './outbox/apply'
import { afterNotes } from './outbox/changes'
import { isOuting, outingOf, writeWords, type Write } from './outbox/entry'
import { outbox } from './outbox/outbox.svelte'
import { packs } from './pack/packs.svelte'
import { stored, storedOne, worked } from './read.svelte'
import { waterName } from './waters'
import { errand, removal, write } from './write.svelte'

// Outings: read with what waits on this device laid over them, and noted in through the outbox. Only their own screens load this.

export const outingsQuery = stored('outings', ['notes', 'waters'], readOutings)
export const outingQuery = storedOne<Outing>('outing', ['notes'], readOuting)

/** As the server has it, with what waits here; where it cannot be reached or does not know it yet, as this device knows it. */
async function readOuting(id: string): Promise<Outing> {
  // What was noted here goes first: the answer would not know of it.
  if (outbox.isWaitingFor(id)) await outbox.send()
  try {
    const found = await answer<Outing>(api.GET('/api/outings/{id}', one(id)))
    await outbox.know(found)
    return outbox.withWaiting(found)
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

/** Lures as they are drawn, in the order asked; null where there is no picture on this device. */
export const drawnFor = worked<Composition[], (DrawnBuild | null)[]>('drawn', [], (builds, signal) =>
  orElse<(DrawnBuild | null)[]>(
    () => answer<DrawnBuild[]>(api.POST('/api/builds/drawn', { body: { builds }, signal })),
    // What is not packed cannot be drawn out here; its name is enough to tell it.
    () => Promise.all(builds.map((build) => packs.drawn(build))),
  ),
)

// What the server has taken is what is shown, with what still waits laid over it.
outbox.whenSent((_, taken) => {
  if (isOuting(taken)) show(taken)
})
outbox.whenRefused((entry) => {
  notices.problem(new Error(`${writeWords(entry)}: ${entry.problem ?? ''}`))
  void queryClient.invalidateQueries({ queryKey: outingQuery.key(outingOf(entry.write) ?? '') })
})

function show(found: Outing): void {
  queryClient.setQueryData(outingQuery.key(found.id ?? ''), outbox.withWaiting(found))
}

/** On this device's disk, shown at once, and sent as soon as the server can be reached. */
const noted = write('outings.note', {
  // What hangs on it is another once it was sent, which the outbox tells.
  changes: [],
  send: async (note: Write & { outing: string }) => {
    await outbox.add(note)
    const key = outingQuery.key(note.outing)
    const shown = queryClient.getQueryData<Outing>(key)
    const now = (shown ? applied(shown, note) : await outbox.outing(note.outing)) ?? {
      id: note.outing,
      started_at: '',
    }
    await queryClient.cancelQueries({ queryKey: key })
    queryClient.setQueryData(key, now)
    void outbox.send()
  },
})

type Flat = { stints: Stint[]; events: (OutingEvent & { under: string })[] }

const without = <T extends object>(one: T, ...own: readonly string[]): T =>
  Object.fromEntries(Object.entries(one).filter(([field]) => !own.includes(field))) as T

/**
 * Its lures and what happened, each by itself: an event that was moved to another lure is still the same. Without what the program itself
 * says of them.
 */
function spread(outing: Outing): Record<string, unknown> & Flat {
  const stints = outing.stints ?? []
  return {
    ...without(outing, 'version'),
    stints: stints.map((stint) => without(stint, 'events', 'followed')),
    events: stints.flatMap((stint) =>
      (stint.events ?? []).map((event) => ({
        ...without(event, 'taken', 'has_photo', 'photo'),
        under: stint.id ?? '',
      })),
    ),
  }
}

function gathered({ version }: Outing, fields: Record<string, unknown>, mine: Outing): Outing {
  const { stints, events, ...own } = fields as unknown as Flat & Outing
  // One that was removed there and has something new here stays.
  const gone = spread(mine).stints.filter(
    (stint) => stints.every((one) => one.id !== stint.id) && events.some((event) => event.under === stint.id),
  )
  return {
    ...own,
    ...(version === undefined ? {} : { version }),
    stints: [...stints, ...gone].map((stint) => ({
      ...stint,
      events: events.flatMap(({ under, ...event }) => (under === stint.id ? [event] : [])),
    })),
  }
}

/** Edited as a whole, at home too: what another device noted since it was read stays. One without a version is new, told from memory. */
const save = change<Outing, Outing>('outings.save', {
  changes: () => afterNotes(true),
  send: async (outing, version) => {
    const found = await answer<Outing>(
      outing.version == null
        ? api.POST('/api/outings', { body: outing })
        : api.PUT('/api/outings/{id}', {
            ...one(outing.id ?? ''),
            body: { ...outing, version: version ?? outing.version },
          }),
    )
    await outbox.know(found)
    show(found)
    return found
  },
  compared: (mine) => {
    const { stints, events } = spread(mine)
    const place = (path: string) => {
      const [list, id, field = list ?? ''] = path.split('/')
      const event = list === 'events' ? events.find((one) => one.id === id) : undefined
      const stint = stints.find((one) => one.id === (list === 'stints' ? id : event?.under))
      return { field, event: event ?? null, stint: stint ?? null }
    }
    const lureOf = (stint: unknown) => stints.find((one) => one.id === stint)?.build
    return {
      called: 'this outing',
      fields: spread,
      withFields: gathered,
      name: (path) => fieldName(place(path)),
      words: (path, value, metric) => {
        const { field } = place(path)
        return fieldSaid(field, field === 'under' ? lureOf(value) : value, waterName, metric)
      },
    }
  },
})

export const outings = {
  add: (body: Outing & { id: string }, then?: () => unknown) => noted({ kind: 'outing', outing: body.id, body }, then),
  save,
  ...removal('outings', () => afterNotes(true)),
  end: (id: string, ended_at: string) => noted({ kind: 'end', outing: id, ended_at }),
  tie: (id: string, stint: string, body: Stint, then?: () => unknown) =>
    noted({ kind: 'tie', outing: id, stint, body }, then),
  untie: (id: string, stint: string) => noted({ kind: 'untie', outing: id, stint }),
  note: (id: string, event: string, body: OutingEvent) => noted({ kind: 'note', outing: id, event, body }),
  unnote: (id: string, event: OutingEvent) => noted({ kind: 'unnote', outing: id, event: event.id ?? '' }),
  fill: (id: string, before: Box, box: Box) => noted({ kind: 'box', outing: id, before, box }),
  /** A picture is kept at once. */
  photo: (id: string, event: string, photo: string) =>
    noted({ kind: 'photo', outing: id, event, photo }, () => {
      notices.say('Picture kept.', () => noted({ kind: 'unphoto', outing: id, event }))
    }),
}

/** A file of outings: what it holds and would change, and then all of it or nothing. */
export const outingsFile = {
  preview: errand('outings.preview', (contents: string) =>
    answer<OutingImport>(api.POST('/api/outings/table/preview', { body: { contents } })),
  ),
  take: write('outings.import', {
    changes: () => afterNotes(true),
    send: (contents: string) => answer<OutingImport>(api.POST('/api/outings/table', { body: { contents } })),
  }),
}
