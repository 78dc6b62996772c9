import { afterAll, beforeAll, expect, test, vi } from 'vitest'
import type { InventoryPart, Settings } from '../../web/words/documents'
import { pageAt } from '../web/pageAt'
import { BUILD, READING } from './samples'
import { Served } from './served'

// Whether the page asks again for all that a write has changed: each write is carried out against the program itself, everything that can
// be read is read before and after, and what answers otherwise has to be among what the write made stale.

let served: Served
let reads: typeof import('../../web/data/read.svelte').READS
/** What the last write said that it changes. */
let told: readonly string[] | 'everything' | null = null

/** What the angler was told that went wrong. */
const problems: string[] = []

const reading = { ...READING, lure: 'jig' }
const judged = { reading, build: BUILD, from: 'side' }
const looked = {
  reading,
  from: 'side',
  parts: [
    { id: 'a', kind: 'matte', hex: '#222222', fluorescent: 'none', opacity: 1 },
    { id: 'b', kind: 'metal', metal: 'gold', fluorescent: 'none', opacity: 1 },
  ],
  pairs: [['a', 'b']],
}
const ENDED = '2026-05-09T11:00:00Z'
const OUTING = '01911b1e-0000-7000-8000-000000000001'
const day = {
  date: '2026-05-09',
  from: '9:00',
  to: '10:00',
  place: { latitude: 46.2, longitude: -91.8, time_zone: 'America/Chicago' },
  reading: { ...READING, forage: 'unknown' },
  visibility_in: [18, 22, 26],
  sky: [{ from: '0:00', to: '24:00', sky: 'sun', chance: 1 }],
  covers: ['wood'],
  lures: ['jig'],
  forage: [{ forage: 'unknown', share: 1 }],
  carry: { lures: 1, trailers: 1 },
}
const asked = { factor: 'skirt', a: 'black', b: 'green_pumpkin' }

/** What each is asked; those that are not named are asked nothing. */
const INPUTS: Record<string, unknown> = {
  advice: reading,
  'advice-view': { reading, before: null, from: 'side' },
  explanation: { reading, pick: 'skirt.base' },
  sensitivity: looked,
  motion: looked,
  chart: { reading, visibility_in: [10, 40], sky: ['sun'], lures: ['jig'], forage: ['shad'] },
  different: { reading, water_id: null },
  depths: { reading, from: 'side' },
  rule: 'B3.stained',
  conflicts: 'S1',
  verdict: judged,
  best: reading,
  'advised-build': reading,
  swaps: { reading, build: BUILD },
  sheet: { reading, build: BUILD },
  batch: [{ name: 'Jig', build: BUILD, count: 1 }],
  shopping: [reading],
  'trip-plan': day,
  'likely-season': { date: day.date, place: day.place },
  moment: { trip: day, at: '9:30', sky: 'sun', lure: 'jig' },
  outing: OUTING,
  drawn: [BUILD],
  asked,
  pair: asked,
}
/** Who was seen when, and what was made up by chance, is another at every look. */
const UNSTEADY = ['access']

/** What a write of it puts there itself, and need not be read again. */
const OWN = ['settings', 'current-reading', 'workbench']

beforeAll(async () => {
  served = await Served.start()
  pageAt(served.origin)
  vi.stubGlobal('addEventListener', () => undefined)
  vi.stubGlobal('navigator', {})
  vi.stubGlobal('requestAnimationFrame', (then: () => void) => setTimeout(then))
  await Promise.all(Object.values(import.meta.glob('../../web/data/*.ts')).map((load) => load()))
  ;({ READS: reads } = await import('../../web/data/read.svelte'))
  const { whenWritten } = await import('../../web/data/cache')
  whenWritten((changes) => {
    told = changes === 'everything' || told === 'everything' ? 'everything' : [...(told ?? []), ...changes]
  })
  const { notices } = await import('../../web/data/notices.svelte')
  notices.shownBy(
    ({ text, problem }) => problem && problems.push(text),
    () => undefined,
  )
  await begin()
})
afterAll(() => served.stop())

/** Everything there is, as it is answered now. */
async function all(): Promise<Record<string, string>> {
  const { signal } = new AbortController()
  const answers = Object.entries(reads)
    .filter(([name]) => !UNSTEADY.includes(name))
    .map(
      async ([name, { ask }]) =>
        [
          name,
          JSON.stringify(await ask(INPUTS[name] as never, signal).catch((error: Error) => `${name}: ${error.message}`)),
        ] as const,
    )
  return Object.fromEntries(await Promise.all(answers))
}

/** Something of everything, so that there is something to be changed. */
async function begin(): Promise<void> {
  const { api } = await import('../../web/data/client')
  const { starterSetsQuery, parts } = await import('../../web/data/parts')
  const { outings } = await import('../../web/data/outings')
  const { settings } = await import('../../web/data/settings.svelte')
  const { currentReading } = await import('../../web/data/currentReading.svelte')
  const { bench } = await import('../../web/data/bench.svelte')
  const [set] = await starterSetsQuery.now()
  await parts.add(
    [...(set?.parts ?? []), BUILD.head, BUILD.skirt].map((part) => ({ ...part, count: 4 })) as InventoryPart[],
    '',
  )
  await outings.add(outing() as never)
  await vi.waitFor(async () => expect((await api.GET('/api/outings')).data).toHaveLength(1), { timeout: 20_000 })
  await settings.load()
  await currentReading.load()
  await bench.load()
}

const outing = () => ({
  id: OUTING,
  started_at: '2026-05-09T08:00:00Z',
  stints: [{ id: stintId, started_at: '2026-05-09T08:00:00Z', build: BUILD, reading, confirmed: true, events: [] }],
})
const stintId = '01911b1e-0000-7000-8000-000000000002'

const WRITES: Record<string, () => Promise<unknown>> = {
  'a part added': async () => {
    const { parts } = await import('../../web/data/parts')
    await parts.add(
      [
        {
          kind: 'trailer',
          name: 'Black craw',
          style: 'craw',
          colour: 'black',
          length_in: 3.5,
          count: 3,
        } as InventoryPart,
      ],
      '',
    )
  },
  'a water': async () => {
    const { waters } = await import('../../web/data/waters')
    await waters.save({
      base: null,
      mine: { name: 'Quarry', tint: 'clay', red_crawfish: false, note: '', forage: null, place: null },
    })
  },
  'a reading': async () => {
    const { readings } = await import('../../web/data/readings')
    await readings.add({ reading: reading as never, waterId: null })
  },
  'a build': async () => {
    const { builds } = await import('../../web/data/builds')
    await builds.add({ name: 'Rock jig', build: BUILD as never, note: '' })
  },
  'a built batch': async () => {
    const { built } = await import('../../web/data/built')
    const { inventoryQuery } = await import('../../web/data/parts')
    const owned = (await inventoryQuery.now()).parts
    const part = (name: string) => owned.find((one) => one.name === name)
    const build = { lure: 'jig', head: part(BUILD.head.name), skirt: part(BUILD.skirt.name) }
    await built.add([{ name: 'Jig', build: build as never, count: 1 }])
  },
  'a trip': async () => {
    const { trips } = await import('../../web/data/trips')
    await trips.save({ base: null, mine: { name: 'Saturday', note: '', water_id: null, trip: day as never } })
  },
  'a color’s own name': async () => {
    const { names } = await import('../../web/data/names')
    await names.add({ name: 'motor oil', colour: 'green_pumpkin', accents: [], belly: [] })
  },
  'a palette': async () => {
    const { swatches } = await import('../../web/data/parts')
    await swatches.add('GIMP Palette\nName: Mine\n#\n12 34 56\tSwamp\n')
  },
  'a trial': async () => {
    const { trials } = await import('../../web/data/trials')
    const other = { ...BUILD, skirt: { ...BUILD.skirt, name: 'White skirt', colour: 'white' } }
    await trials.draw({ name: 'One against the other', trial: { a: BUILD, b: other, block_min: 20 } as never })
  },
  'a practice answer': async () => {
    const { practice } = await import('../../web/data/practice')
    await practice.add({ lesson: 'visibility', right: true, guess_in: 20, truth_in: 22 } as never)
  },
  'a fish': async () => {
    const { outings } = await import('../../web/data/outings')
    const { outbox } = await import('../../web/data/outbox/outbox.svelte')
    await outings.note(OUTING, '01911b1e-0000-7000-8000-000000000003', {
      at: '2026-05-09T08:20:00Z',
      kind: 'landed',
    } as never)
    await outbox.send()
  },
  'a lure lost': async () => {
    const { outings } = await import('../../web/data/outings')
    const { outbox } = await import('../../web/data/outbox/outbox.svelte')
    await outings.note(OUTING, '01911b1e-0000-7000-8000-000000000004', {
      at: '2026-05-09T08:30:00Z',
      kind: 'lure_lost',
    } as never)
    await outbox.send()
  },
  'a corrected outing': async () => {
    const { outings } = await import('../../web/data/outings')
    const { api } = await import('../../web/data/client')
    const before = (await api.GET('/api/outings/{id}', { params: { path: { id: OUTING } } })).data
    if (!before) throw new Error('It is there.')
    const base = { value: before, version: before.version ?? null }
    await outings.save({
      base,
      mine: {
        ...before,
        note: 'North wind',
        ended_at: ENDED,
        stints: (before.stints ?? []).map((one) => ({ ...one, ended_at: ENDED })),
      },
    })
  },
  'a rule that is not believed': () => setting({ doubted: ['S1'] }),
  'the log that may vote': () => setting({ log_says: ['dirty'] }),
  'a reel': () => setting({ gear_ratio: 7.1, spool_in: 1.3, bought_price: 6 }),
  'no lead': () => setting({ lead_free: true }),
  'a school': () => setting({ schools: { wood: 'avoid', dirty: 'bright' } }),
  'a theme': () => setting({ theme: 'noon' }),
  'the metric system': () => setting({ units: 'metric' }),
  'the reading': async () => {
    const { currentReading } = await import('../../web/data/currentReading.svelte')
    currentReading.change({ sky: 'rain' })
    await vi.waitFor(async () =>
      expect(await (await fetch(`${served.origin}/api/current-reading`)).json()).toMatchObject({
        reading: { sky: 'rain' },
      }),
    )
  },
  'the bench': async () => {
    const { bench } = await import('../../web/data/bench.svelte')
    bench.replace(BUILD as never)
    await vi.waitFor(async () => expect(await (await fetch(`${served.origin}/api/workbench`)).json()).not.toBeNull())
  },
}

async function setting(change: Partial<Settings>): Promise<void> {
  const { settings } = await import('../../web/data/settings.svelte')
  const before = (await (await fetch(`${served.origin}/api/settings`)).headers.get('etag')) ?? ''
  settings.change(change)
  await vi.waitFor(
    async () => expect((await fetch(`${served.origin}/api/settings`)).headers.get('etag')).not.toBe(before),
    {
      timeout: 20_000,
    },
  )
}

test('each write says all that it changes', async () => {
  let before = await all()
  expect(Object.values(before).filter((one) => /^"[a-z-]+: /.test(one))).toEqual([])
  expect(await all(), 'What nobody changed is answered as before.').toEqual(before)
  const missed: string[] = []
  for (const [name, carryOut] of Object.entries(WRITES)) {
    told = null
    await carryOut()
    expect(problems, name).toEqual([])
    await vi.waitFor(() => expect(told, name).not.toBeNull(), { timeout: 5000 })
    const after = await all()
    const changed = Object.keys(after).filter((one) => after[one] !== before[one])
    const stale = Object.keys(reads).filter(
      (one) => told === 'everything' || reads[one]?.on.some((kept) => told?.includes(kept)),
    )
    missed.push(...changed.filter((one) => ![...stale, ...OWN].includes(one)).map((one) => `${name}: ${one}`))
    if (process.env['KONTRAST_TELL']) console.log(name, 'changed', changed.join(), '· stale', stale.join())
    before = after
  }
  expect(missed).toEqual([])
})
