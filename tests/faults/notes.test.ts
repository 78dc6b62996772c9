import fc from 'fast-check'
import { afterAll, beforeAll, expect, test } from 'vitest'
import type { Outing } from '../../web/words/documents'
import { applied } from '../../web/data/outbox/apply'
import type * as Entry from '../../web/data/outbox/entry'
import type { Write } from '../../web/data/outbox/entry'
import { pageAt } from '../web/pageAt'
import { BUILD, READING } from './samples'
import { Served } from './served'

// What a device with no signal shows of its notes is what the server makes of them, whatever the order they come in: late lures, lures
// taken back, notes of two anglers, notes sent twice.

const RUNS = Number(process.env['KONTRAST_NOTE_RUNS'] ?? 60)
const SEED = 20261126
const MINUTES = 12
const START = new Date(Date.now() - 2 * 86_400_000)
START.setUTCHours(8, 0, 0, 0)

let served: Served
let send: typeof Entry.send

beforeAll(async () => {
  served = await Served.start()
  pageAt(served.origin)
  ;({ send } = await import('../../web/data/outbox/entry'))
})
afterAll(() => served.stop())

const at = (minute: number) => `${new Date(START.getTime() + minute * 60_000).toISOString().slice(0, 19)}Z`
const minute = fc.integer({ min: 0, max: MINUTES })
const angler = fc.constantFrom('me', 'partner')
/** A note by its number: what it takes back is one of those before it. */
const note = fc.oneof(
  { weight: 4, arbitrary: fc.record({ kind: fc.constant('tie' as const), minute, angler, until: fc.option(minute) }) },
  { weight: 6, arbitrary: fc.record({ kind: fc.constant('note' as const), minute, angler }) },
  { weight: 1, arbitrary: fc.record({ kind: fc.constant('untie' as const), which: fc.nat(9) }) },
  { weight: 1, arbitrary: fc.record({ kind: fc.constant('unnote' as const), which: fc.nat(9) }) },
  { weight: 1, arbitrary: fc.record({ kind: fc.constant('again' as const), which: fc.nat(9) }) },
  { weight: 1, arbitrary: fc.record({ kind: fc.constant('end' as const), minute }) },
)

function writeOf(
  one: typeof note extends fc.Arbitrary<infer T> ? T : never,
  id: string,
  made: Write[],
): Write | undefined {
  const pick = <K extends Write['kind']>(kind: K, which: number) => {
    const all = made.filter((write) => write.kind === kind) as (Write & { kind: K })[]
    return all[which % Math.max(1, all.length)]
  }
  switch (one.kind) {
    case 'tie': {
      const ended_at = one.until === null || one.until <= one.minute ? null : at(one.until)
      const body = { started_at: at(one.minute), ended_at, build: BUILD, reading: READING, angler: one.angler }
      return { kind: 'tie', outing: id, stint: crypto.randomUUID(), body } as unknown as Write
    }
    case 'note':
      return {
        kind: 'note',
        outing: id,
        event: crypto.randomUUID(),
        body: { at: at(one.minute), kind: 'bite', angler: one.angler as 'me' },
      }
    case 'untie': {
      const tied = pick('tie', one.which)
      return tied && { kind: 'untie', outing: id, stint: tied.stint }
    }
    case 'unnote': {
      const noted = pick('note', one.which)
      return noted && { kind: 'unnote', outing: id, event: noted.event }
    }
    case 'again':
      return pick(one.which % 2 === 0 ? 'tie' : 'note', one.which)
    case 'end':
      return { kind: 'end', outing: id, ended_at: at(one.minute) }
  }
}

/** By the very code of the page, which asks relative to it. */
async function noted(write: Write): Promise<{ ok: boolean; outing: Outing }> {
  const { data, error, response } = await send(write, AbortSignal.timeout(60_000))
  expect(response.status, `${JSON.stringify(write)}: ${JSON.stringify(error)}`).toBeLessThan(500)
  return { ok: response.ok, outing: data as Outing }
}

const moment = (one: string | null | undefined) => (one ? Date.parse(one) : null)
const shown = (outing: Outing) => ({
  ended: moment(outing.ended_at),
  stints: (outing.stints ?? [])
    .map((stint) => ({
      id: stint.id,
      from: moment(stint.started_at),
      to: moment(stint.ended_at),
      angler: stint.angler ?? 'me',
      events: (stint.events ?? []).map((event) => [event.id, moment(event.at), event.angler ?? 'me'].join(' ')).sort(),
    }))
    .sort((a, b) => (a.from ?? 0) - (b.from ?? 0) || String(a.id).localeCompare(String(b.id))),
})

test('the device and the server make the same of every note', async () => {
  let taken = 0
  await fc.assert(
    fc.asyncProperty(fc.array(note, { minLength: 2, maxLength: 14 }), async (notes) => {
      const id = crypto.randomUUID()
      const begun: Write = { kind: 'outing', outing: id, body: { id, started_at: at(0) } }
      let here = (await noted(begun)).outing
      const made: Write[] = []
      for (const one of notes) {
        const write = writeOf(one, id, made)
        if (!write) continue
        const { ok, outing: there } = await noted(write)
        // What the server refuses is shown as refused, and is no part of the outing.
        if (!ok) continue
        taken++
        made.push(write)
        here = applied(here, write)
        expect(shown(here), JSON.stringify(write)).toEqual(shown(there))
      }
    }),
    { numRuns: RUNS, seed: SEED },
  )
  expect(taken).toBeGreaterThan(RUNS)
})
