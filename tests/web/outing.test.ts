import { describe, expect, it } from 'vitest'
import type { DrawnBuild, NextStep, Outing, Reading, Stint, TripRequest } from '../../web/api/client'
import {
  changeOf,
  lasted,
  stepsLeft,
  stepWords,
  tiedOn,
  tiedWords,
  untold,
  withPart,
} from '../../web/screens/outing/noted'
import { stamp } from '../../web/words/clock'
import { newId } from '../../web/api/newId'
import { readingNow, withSeen } from '../../web/screens/outing/readingNow'
import { levelWords } from '../../web/screens/logbook/levels'
import { tableOf } from '../../web/screens/logbook/csv'

const step = (pick: NextStep['change']['pick'], after: string): NextStep => ({
  when: 'not_taking',
  change: { pick, before: ['black'], after: [after], because: null, facts: [] } as unknown as NextStep['change'],
  because: '',
  facts: [],
})
const on = { lure: 'jig', blades: [], skirt: null, trailer: { base: 'blue', style: 'craw', surface: 'matte' } }
const jig = on as unknown as DrawnBuild['build']
const outing = (stints: object[]) => ({ started_at: '2026-05-09T09:00:00Z', stints }) as unknown as Outing

describe('notes on the water', () => {
  it('knows how long something has been going on', () => {
    expect(lasted('2026-05-09T09:00:00Z', new Date('2026-05-09T10:07:40Z'))).toBe('1:07')
    expect(lasted('2026-05-09T09:00:00Z', new Date('2026-05-09T08:59:00Z'))).toBe('0:00')
  })

  it('tells the last thing by what it was', () => {
    const water = { visibility_in: 24, tint: 'tannic', sky: 'sun', wind: 'calm', surface_f: 58, forage: 'shad' }
    const build = { lure: 'jig', trailer: { id: 1, name: 'Black craw' }, head: { id: 2, name: 'A head' } }
    const told = (first: object, then: object) => {
      const stint = { id: 'b', build, reading: water, ...then }
      const all = outing([
        { id: 'a', build, reading: water, ...first },
        { id: 'p', angler: 'partner', build: { lure: 'spinnerbait' }, reading: water },
        stint,
      ])
      return tiedWords(all, stint as unknown as Stint, false)
    }
    expect(told({}, { reading: { ...water, visibility_in: 12, tint: 'clay' } })).toBe(
      'Water changed to 12 in, clay-stained water',
    )
    expect(told({}, { reading: { ...water, surface_f: null, wind: 'chop' } })).toMatch(
      /^Water changed to chop.*not taken$/,
    )
    // What a fish spat up is no change of the water.
    expect(told({}, { reading: { ...water, forage: 'crawfish' } })).toBe('Tied on')
    expect(told({}, { build: { ...build, trailer: { id: 3, name: 'Blue chunk' } } })).toBe(
      'Trailer changed to Blue chunk',
    )
    expect(told({}, { build: { ...build, trailer: null } })).toBe('Trailer changed to none')
    expect(told({}, { build: { ...build, rear: { id: 4, name: 'Gold willow' } } })).toBe('Blade changed to Gold willow')
    expect(told({}, { build: { ...build, lure: 'swim_jig' } })).toBe('Tied on')
    expect(told({ angler: 'partner' }, { build: { ...build, trailer: null } })).toBe('Tied on')
  })

  it('sends a moment to the second', () => {
    expect(stamp(new Date('2026-05-09T09:00:00.987Z'))).toBe('2026-05-09T09:00:00Z')
  })

  it('makes ids that sort by when they were made', () => {
    const ids = [newId(1_700_000_000_000), newId(1_700_000_000_001), newId(1_800_000_000_000)]
    expect(ids.toSorted()).toEqual(ids)
    for (const id of ids) expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-8[0-9a-f]{3}-[0-9a-f]{12}$/)
  })

  it('finds what each angler has on', () => {
    const both = outing([
      { id: 'a', ended_at: '2026-05-09T09:10:00Z' },
      { id: 'b', angler: 'partner', ended_at: null },
      { id: 'c', angler: 'me', ended_at: null },
    ])
    expect([tiedOn(both, 'me')?.id, tiedOn(both, 'partner')?.id]).toEqual(['c', 'b'])
    expect(tiedOn(outing([]), 'me')).toBeUndefined()
  })

  it('leaves out the steps that were made, and those that change nothing about the lure that is on', () => {
    const steps = [step('trailer.base', 'blue'), step('trailer.base', 'orange'), step('trailer.surface', 'flake')]
    expect(stepsLeft(outing([]), jig, steps, false)).toEqual(steps.slice(1))
    const made = { made: { symptom: 'follows', change: stepWords(step('trailer.base', 'orange'), false) } }
    expect(stepsLeft(outing([made]), jig, steps, false)).toEqual(steps.slice(2))
  })

  it('knows which part a step is about', () => {
    expect(['trailer.style', 'blades.finish', 'lure'].map((pick) => changeOf(step(pick as 'lure', 'x')))).toEqual([
      'trailer',
      'blade',
      'lure',
    ])
  })

  it('asks about a change until somebody has said whether it helped', () => {
    const made = { symptom: 'snags', change: 'Lighter head' }
    const stint = (helped: boolean | null) => ({ made: { ...made, helped } }) as Parameters<typeof untold>[0]
    expect(untold(stint(null))).toEqual({ ...made, helped: null })
    expect([untold(stint(false)), untold(undefined)]).toEqual([null, null])
  })

  it('changes the trailer or the rear blade of a lure', () => {
    const lure = { lure: 'jig', head: { kind: 'head', name: 'head' } } as Parameters<typeof withPart>[0]
    const trailer = { kind: 'trailer', name: 'craw' } as Parameters<typeof withPart>[1]
    const blade = { kind: 'blade', name: 'gold' } as Parameters<typeof withPart>[1]
    expect(withPart(lure, trailer).trailer).toBe(trailer)
    expect(withPart(lure, blade).rear).toBe(blade)
  })
})

describe('the reading noted with a lure', () => {
  const reading = {
    lure: 'any',
    visibility_in: 40,
    sky: 'overcast',
    forage: 'shad',
    forage_also: [],
    forage_colours: ['white'],
  } as unknown as Reading
  const trip = {
    reading,
    visibility_in: [20, 30, 40],
    sky: [
      { from: '0:00', to: '24:00', sky: 'rain', chance: 0.3 },
      { from: '0:00', to: '24:00', sky: 'sun', chance: 0.7 },
    ],
  } as unknown as TripRequest
  const now = new Date('2026-05-09T10:00:00')

  it('is that of the trip, with its likeliest visibility and sky', () => {
    expect(readingNow(outing([]), trip, now)).toMatchObject({ visibility_in: 30, sky: 'sun', forage: 'shad' })
  })

  it('is the one before where there is one', () => {
    const before = { reading: { ...reading, sky: 'night' }, events: [] }
    expect(readingNow(outing([before]), trip, now)).toMatchObject({ visibility_in: 40, sky: 'night' })
  })

  it('has what fish spat up in it: the latest first, what was there before beside it, each color once', () => {
    const events = [
      { at: '2026-05-09T09:10:00Z', forage_seen: ['bluegill'], colours_seen: ['blue', 'white'] },
      { at: '2026-05-09T09:20:00Z', forage_seen: ['crawfish'], colours_seen: ['orange'] },
    ]
    expect(withSeen(reading, outing([{ events }]))).toMatchObject({
      forage: 'crawfish',
      forage_also: ['shad'],
      forage_colours: ['white', 'blue', 'orange'],
    })
    expect(withSeen(reading, outing([]))).toMatchObject({ forage: 'shad', forage_also: [], forage_colours: ['white'] })
  })
})

describe('a level on screen', () => {
  it('is called as it is elsewhere', () => {
    expect([
      levelWords('hour', '9'),
      levelWords('sun', 'low'),
      levelWords('tint', 'clay'),
      levelWords('style', 'craw'),
    ]).toEqual(['9:00 AM to 10:00 AM', 'Up to 12°', 'Clay-stained water', 'Craw'])
  })
})

describe('tables', () => {
  it('quotes what a table needs quoted (RFC 4180)', () => {
    expect(
      tableOf([
        { a: 1, b: 'x, "y"' },
        { a: null, b: 'plain' },
      ]),
    ).toBe('a,b\r\n1,"x, ""y"""\r\n,plain\r\n')
    expect(tableOf([])).toBe('\r\n')
  })
})
