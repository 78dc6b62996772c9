import { describe, expect, test, vi } from 'vitest'
import type { InventoryPart, Outing, SavedTrip, Settings, Water } from '../../web/words/documents'
import { eachServed, settle, json, refused, stale, stored } from './serving'

// What two places changed: joined without a word where only one of them changed it, asked once where both did, and sent again from the
// version that is stored now. Settings, reading, bench, waters, trips, parts and outings alike.

const served = eachServed()

/** What is asked, in words. */
async function asked() {
  const { conflicts } = await import('../../web/data/conflicts.svelte')
  return { conflicts, rows: conflicts.open?.versions(false).map(({ name, mine, theirs }) => [name, mine, theirs]) }
}

describe('a water', () => {
  const quarry = {
    id: 'q',
    name: 'Quarry',
    tint: 'clay',
    red_crawfish: false,
    note: '',
    forage: null,
    place: null,
  } as Water
  const open = { value: quarry, version: 3 }
  const save = async (mine: Water, then?: () => void) => {
    const { waters } = await import('../../web/data/waters')
    return waters.save({ base: open, mine }, then)
  }

  test('names the version that the form was opened with', async () => {
    await save({ ...quarry, note: 'ramp closed' })
    expect(served().writes()).toMatchObject([{ method: 'PUT', path: '/api/waters/q', version: '"v3"' }])
  })

  test('changed in another field elsewhere is joined, and stored without asking', async () => {
    const then = vi.fn()
    served().answers.push(stale({ ...quarry, tint: 'green' }, 4))
    expect(await save({ ...quarry, note: 'ramp closed' }, then)).toBe(true)
    expect(served().writes().at(-1)).toMatchObject({ version: '"v4"', body: { tint: 'green', note: 'ramp closed' } })
    expect(then).toHaveBeenCalledOnce()
    expect((await asked()).rows).toBeUndefined()
  })

  test('changed in the same field is asked, and the answer sent from the version stored now', async () => {
    const then = vi.fn()
    served().answers.push(stale({ ...quarry, note: 'ramp open' }, 4))
    expect(await save({ ...quarry, note: 'ramp closed' }, then)).toBe(false)
    const { conflicts, rows } = await asked()
    expect([conflicts.open?.called, rows]).toEqual(['Quarry', [['Note', 'ramp closed', 'ramp open']]])
    expect(then).not.toHaveBeenCalled()
    await conflicts.answer([])
    expect(served().writes().at(-1)).toMatchObject({ version: '"v4"', body: { note: 'ramp closed' } })
    expect(then).toHaveBeenCalledOnce()
    expect(conflicts.open).toBeUndefined()
  })

  test('is asked again where it was changed once more meanwhile', async () => {
    served().answers.push(stale({ ...quarry, note: 'ramp open' }, 4), stale({ ...quarry, note: 'no ramp' }, 5))
    await save({ ...quarry, note: 'ramp closed' })
    const { conflicts } = await asked()
    await conflicts.answer([])
    expect((await asked()).rows).toEqual([['Note', 'ramp closed', 'no ramp']])
  })

  test('with a fault says it beside its field, and asks nothing', async () => {
    const { waters } = await import('../../web/data/waters')
    const { byField } = await import('../../web/data/write.svelte')
    let faults = {}
    served().answers.push(refused({ field: 'name', message: 'A water has a name.' }))
    await waters.save({ base: open, mine: { ...quarry, name: '' } }, { faults: (all) => (faults = byField(all)) })
    expect(faults).toEqual({ name: 'A water has a name.' })
  })
})

describe('the settings', () => {
  const choices = { units: 'us', theme: 'paper', schools: { wood: 'knock' } } as Settings
  const page = async () => {
    const { settings } = await import('../../web/data/settings.svelte')
    settings.start(choices, 1)
    return settings
  }

  test('changed elsewhere in another choice keep both', async () => {
    const settings = await page()
    const both = { ...choices, theme: 'noon', units: 'metric' }
    served().answers.push(stale({ ...choices, theme: 'noon' }, 2), stored(3), json(both, 3))
    settings.change({ units: 'metric' })
    await settle()
    expect(served().writes().at(-1)).toMatchObject({ version: '"v2"', body: { units: 'metric', theme: 'noon' } })
    expect(settings.value).toMatchObject({ units: 'metric', theme: 'noon' })
  })

  test('changed elsewhere in the same choice are asked; theirs is taken as it is', async () => {
    const settings = await page()
    served().answers.push(stale({ ...choices, schools: { wood: 'avoid' }, theme: 'noon' }, 2), stored(3))
    settings.change({ theme: 'lamp' })
    await settle()
    const { conflicts, rows } = await asked()
    expect(rows).toEqual([['Theme', 'lamp', 'noon']])
    void conflicts.answer(['theme'])
    await settle()
    expect(served().writes().at(-1)).toMatchObject({
      version: '"v2"',
      body: { theme: 'noon', schools: { wood: 'avoid' } },
    })
    expect(settings.value).toMatchObject({ theme: 'noon' })
  })

  test('that cannot be stored go back to what is stored', async () => {
    const settings = await page()
    served().answers.push(refused({ field: 'theme', message: 'No.' }))
    settings.change({ theme: 'lamp' })
    expect(settings.value?.theme).toBe('lamp')
    await settle()
    expect(settings.value?.theme).toBe('paper')
  })
})

test('a reading changed on two devices keeps what each alone said', async () => {
  const { currentReading } = await import('../../web/data/currentReading.svelte')
  const { STARTING_READING } = await import('../../web/words/vocabulary')
  const reading = { ...STARTING_READING, sky: 'sun', wind: 'calm' } as const
  currentReading.start({ reading, water_id: null }, 1)
  served().answers.push(stale({ reading: { ...reading, wind: 'chop' }, water_id: null }, 2), stored(3))
  currentReading.change({ sky: 'rain' })
  await settle()
  expect(served().writes().at(-1)).toMatchObject({ version: '"v2"', body: { reading: { sky: 'rain', wind: 'chop' } } })
  expect(currentReading.reading).toMatchObject({ sky: 'rain', wind: 'chop' })
})

test('a water that was chosen on another device stays where only the sky was changed here', async () => {
  const { currentReading } = await import('../../web/data/currentReading.svelte')
  const { STARTING_READING } = await import('../../web/words/vocabulary')
  currentReading.start({ reading: STARTING_READING, water_id: 'pond' }, 1)
  served().answers.push(stale({ reading: STARTING_READING, water_id: 'quarry' }, 2), stored(3))
  currentReading.change({ sky: 'rain' })
  await settle()
  expect(served().writes().at(-1)).toMatchObject({
    version: '"v2"',
    body: { reading: { sky: 'rain' }, water_id: 'quarry' },
  })
})

test('a reading that waited and was sent is what is stored, and a newer change is a change of it', async () => {
  const { currentReading } = await import('../../web/data/currentReading.svelte')
  const { STARTING_READING } = await import('../../web/words/vocabulary')
  const at = (sky: 'sun' | 'rain' | 'storm') => ({ reading: { ...STARTING_READING, sky }, water_id: null })
  currentReading.start(at('sun'), 1)
  currentReading.hold({ base: { value: at('sun'), version: 1 }, mine: at('rain') })
  currentReading.change({ sky: 'storm' })
  currentReading.release(at('rain'), 2)
  expect(currentReading.reading.sky).toBe('storm')
  served().answers.push(stored(3))
  await settle()
  expect(served().writes().at(-1)).toMatchObject({ version: '"v2"', body: { reading: { sky: 'storm' } } })
})

describe('the bench', () => {
  const part = (name: string) => ({ kind: 'trailer', name })
  const build = (skirt: string, trailer: string) =>
    ({ lure: 'jig', head: part('Round'), skirt: part(skirt), trailer: part(trailer) }) as never
  const page = async () => {
    const { bench } = await import('../../web/data/bench.svelte')
    served().answers.push(json({ builds: [build('Black', 'Craw')], past: [], checklists: [] }, 1))
    await bench.load()
    return bench
  }

  test('with another part in another slot elsewhere has both', async () => {
    const bench = await page()
    served().answers.push(stale({ builds: [build('Black', 'Grub')] }, 2), stored(3))
    bench.replace(build('Brown', 'Craw'))
    await settle()
    expect(served().writes().at(-1)).toMatchObject({
      version: '"v2"',
      body: { build: { skirt: { name: 'Brown' }, trailer: { name: 'Grub' } } },
    })
    expect(bench.build('jig')?.trailer?.name).toBe('Grub')
  })

  test('with another part in the same slot is asked by its parts', async () => {
    const bench = await page()
    served().answers.push(stale({ builds: [build('White', 'Craw')] }, 2), stored(3))
    bench.replace(build('Brown', 'Craw'))
    await settle()
    const { conflicts, rows } = await asked()
    expect(rows).toEqual([['Skirt', 'Brown', 'White']])
    void conflicts.answer([])
    await settle()
    expect(served().writes().at(-1)).toMatchObject({ version: '"v2"', body: { build: { skirt: { name: 'Brown' } } } })
    expect(bench.build('jig')?.skirt?.name).toBe('Brown')
  })

  test('is not asked about a step of a checklist', async () => {
    const bench = await page()
    served().answers.push(stale({ builds: [build('White', 'Craw')] }, 2), stored(3))
    bench.moveTo('key', 4)
    await settle()
    expect(served().writes().at(-1)).toMatchObject({ version: '"v2"', body: { checklist: { build: 'key', step: 4 } } })
    expect([bench.place('key'), bench.build('jig')?.skirt?.name]).toEqual([4, 'White'])
  })
})

describe('parts', () => {
  const craw = {
    id: 'p',
    version: 1,
    kind: 'trailer',
    name: 'Craw',
    count: 5,
    note: '',
    box: '',
  } as unknown as InventoryPart
  const change = async (mine: InventoryPart) => {
    const { parts } = await import('../../web/data/parts')
    return parts.change([craw], [mine], 'Changed.')
  }

  test('counted elsewhere while their editor is open keep the count', async () => {
    served().answers.push(stale({ ...craw, version: 2, count: 6 }, 2, 409), json([{ ...craw, version: 3 }]))
    expect(await change({ ...craw, name: 'Black craw' })).toBe(true)
    expect(served().writes().at(-1)).toMatchObject({ body: [{ id: 'p', version: 2, name: 'Black craw', count: 6 }] })
  })

  test('counted twice are asked, and are no conflict for ever', async () => {
    served().answers.push(stale({ ...craw, version: 2, count: 6 }, 2, 409), json([{ ...craw, version: 3 }]))
    expect(await change({ ...craw, count: 9 })).toBe(false)
    const { conflicts, rows } = await asked()
    expect(rows).toEqual([['Count', '9', '6']])
    await conflicts.answer([])
    expect(served().writes().at(-1)).toMatchObject({ body: [{ version: 2, count: 9 }] })
    expect((await asked()).rows).toBeUndefined()
  })
})

test('a trip changed elsewhere in its hours keeps both', async () => {
  const { trips } = await import('../../web/data/trips')
  const day = { date: '2026-05-09', from: '06:00', to: '11:00' } as SavedTrip['trip']
  const trip = { id: 't', version: 1, name: 'Flowage', note: '', water_id: null, trip: day } as SavedTrip
  served().answers.push(
    stale({ ...trip, version: 2, trip: { ...day, to: '12:00' } }, 2, 409),
    json({ ...trip, version: 3 }),
  )
  expect(await trips.save({ base: { value: trip, version: 1 }, mine: { ...trip, note: 'two rods' } })).toBe(true)
  expect(served().writes().at(-1)).toMatchObject({
    path: '/api/trips/t',
    body: { version: 2, note: 'two rods', trip: { from: '06:00', to: '12:00' } },
  })
})

describe('an outing', () => {
  const at = (time: string) => `2026-05-09T${time}:00Z`
  const event = (id: string, more: object = {}) => ({ id, at: at('08:10'), kind: 'bite', note: '', ...more })
  const stint = (id: string, ...events: object[]) => ({
    id,
    started_at: at('08:00'),
    build: { lure: 'jig' },
    reading: {},
    events,
  })
  const outing = (version: number, stints: object[], more: object = {}) =>
    ({ id: 'o', version, started_at: at('08:00'), note: '', stints, ...more }) as unknown as Outing
  const save = async (before: Outing, mine: Outing) => {
    const { outings } = await import('../../web/data/outings')
    return outings.save({ base: { value: before, version: before.version ?? null }, mine })
  }
  const events = (value: unknown) =>
    ((value as Outing).stints ?? []).map((one) => [one.id, (one.events ?? []).map((each) => each.id)])

  test('that another device notes in keeps what it noted', async () => {
    const before = outing(1, [stint('a', event('e'))])
    served().answers.push(stale(outing(2, [stint('a', event('e'), event('f'))]), 2, 409), json(before))
    expect(await save(before, outing(1, [stint('a', event('e'))], { note: 'North wind' }))).toBe(true)
    const sent = served().writes().at(-1)
    expect(sent).toMatchObject({ path: '/api/outings/o', body: { version: 2, note: 'North wind' } })
    expect(events(sent?.body)).toEqual([['a', ['e', 'f']]])
  })

  test('has an event that was moved to another lure but once, with what was said of it elsewhere', async () => {
    const before = outing(1, [stint('a', event('e')), stint('b')])
    served().answers.push(stale(outing(2, [stint('a', event('e', { note: 'big' })), stint('b')]), 2, 409), json(before))
    await save(before, outing(1, [stint('a'), stint('b', event('e'))]))
    const sent = served().writes().at(-1)?.body as Outing
    expect(events(sent)).toEqual([
      ['a', []],
      ['b', ['e']],
    ])
    expect(sent.stints?.[1]?.events?.[0]?.note).toBe('big')
  })

  test('keeps a lure that was taken off elsewhere where something was noted under it here', async () => {
    const before = outing(1, [stint('a', event('e')), stint('b')])
    served().answers.push(stale(outing(2, [stint('a', event('e'))]), 2, 409), json(before))
    await save(before, outing(1, [stint('a', event('e')), stint('b', event('f'))]))
    expect(events(served().writes().at(-1)?.body)).toEqual([
      ['a', ['e']],
      ['b', ['f']],
    ])
  })

  test('is asked about what both said of one fish, by the fish', async () => {
    const before = outing(1, [stint('a', event('e', { kind: 'landed' }))])
    const told = (length_in: number) => [stint('a', event('e', { kind: 'landed', length_in }))]
    served().answers.push(stale(outing(2, told(16)), 2, 409), json(before))
    await save(before, outing(1, told(15)))
    const { conflicts, rows } = await asked()
    expect(rows?.map(([name, ...both]) => [name?.replace(/^(Landed), .*:/, '$1:'), ...both])).toEqual([
      ['Landed: length', '15 in', '16 in'],
    ])
    await conflicts.answer(['events/e/length_in'])
    expect((served().writes().at(-1)?.body as Outing).stints?.[0]?.events?.[0]).toMatchObject({ length_in: 16 })
  })
})
