import { describe, expect, it } from 'vitest'
import type {
  Composition,
  DrawnBuild,
  NextStep,
  Outing,
  Reading,
  Stint,
  TripRequest,
  UsualWater,
} from '../../web/words/documents'
import {
  changeOf,
  lasted,
  stepsLeft,
  stepWords,
  tiedOn,
  tiedWords,
  untold,
  withPart,
} from '../../web/screens/fish/noted'
import { stamp } from '../../web/words/clock'
import { newId } from '../../web/words/newId'
import { byStyle, lastTrailers, partsFor } from '../../web/screens/fish/box'
import { dayAccount } from '../../web/screens/fish/dayAccount'
import {
  clearer,
  confirmed,
  dirtier,
  filled,
  granted,
  isConfirmed,
  isOtherThan,
  seenSoFar,
  withSpatUp,
} from '../../web/screens/fish/seen'
import { STOPS } from '../../web/words/stick'
import { levelWords } from '../../web/screens/learned/levels'
import { tableOf } from '../../web/screens/learned/csv'

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
      /^Water changed to chop, temperature not known$/,
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

describe('what was seen of the water', () => {
  const plan = {
    lure: 'any',
    visibility_in: 40,
    tint: 'green',
    sky: 'overcast',
    forage: 'shad',
    goal: 'any',
  } as unknown as Reading
  const trip = {
    reading: plan,
    visibility_in: [20, 30, 40],
    sky: [
      { from: '0:00', to: '24:00', sky: 'rain', chance: 0.3 },
      { from: '0:00', to: '24:00', sky: 'sun', chance: 0.7 },
    ],
  } as unknown as TripRequest
  const now = new Date('2026-05-09T10:00:00')
  const usual = { water_id: 'a', reading: { ...plan, visibility_in: 14, tint: 'clay', sky: 'broken' } } as UsualWater

  it('is nothing where nobody has said anything, whatever was planned', () => {
    expect(seenSoFar(outing([]))).toEqual({})
    expect(seenSoFar(outing([{ reading: {}, events: [] }]))).toEqual({})
  })

  it('goes on with the next lure, but not what nobody confirmed', () => {
    const reading = { visibility_in: 22, tint: 'tannic', sky: null, forage_colours: [] }
    expect(seenSoFar(outing([{ reading }]))).toEqual({ visibility_in: 22, tint: 'tannic' })
    expect(seenSoFar(outing([{ reading, confirmed: false }]))).toEqual({})
  })

  it('is filled for an advice from the plan of the day, else from what is usual there, and says with what', () => {
    const planned = filled({ tint: 'clay' }, granted(trip, usual, now))
    expect(planned.reading).toMatchObject({ tint: 'clay', visibility_in: 30, sky: 'sun' })
    expect(planned.assumed).toEqual(expect.arrayContaining(['visibility_in', 'sky', 'forage', 'cover']))
    for (const field of ['tint', 'lure', 'goal'] as const) expect(planned.assumed).not.toContain(field)
    expect(filled({}, granted(null, usual, now)).reading).toMatchObject({ visibility_in: 14, tint: 'clay' })
    // The rules ask for cover, not for the lie of the bank.
    expect(filled({ bank: 'point', tint: 'clay' }, granted(trip, usual, now)).reading).not.toHaveProperty('bank')
    expect(isOtherThan({ bank: 'point' }, { bank: 'pocket' })).toBe(true)
    // With nothing known at all there is still an advice.
    expect(filled({}, granted(null, undefined, now)).reading.visibility_in).toBeGreaterThan(0)
  })

  it('has what fish spat up in it: the latest first, what was there before beside it, each color once', () => {
    const events = [
      { at: '2026-05-09T09:10:00Z', forage_seen: ['bluegill'], colours_seen: ['blue', 'white'] },
      { at: '2026-05-09T09:20:00Z', forage_seen: ['crawfish'], colours_seen: ['orange'] },
    ]
    expect(withSpatUp({ forage: 'shad', forage_colours: ['white'] }, outing([{ events }]))).toEqual({
      forage: 'crawfish',
      forage_also: ['shad'],
      forage_colours: ['white', 'blue', 'orange'],
    })
    expect(withSpatUp({ forage: 'shad' }, outing([]))).toEqual({ forage: 'shad' })
    expect(withSpatUp({}, outing([{ events: [events[1]] }]))).toEqual({
      forage: 'crawfish',
      forage_colours: ['orange'],
    })
  })

  it('is told dirtier and clearer by a named mark of the stick, and clear water is made dirty by clay', () => {
    expect(dirtier({ visibility_in: 22, tint: 'tannic' })).toEqual({ visibility_in: 12, tint: 'tannic' })
    expect(dirtier({ visibility_in: 24, tint: 'none' })).toEqual({ visibility_in: 18, tint: 'clay' })
    expect(clearer({ visibility_in: 22, tint: 'clay' })).toEqual({ visibility_in: 36, tint: 'clay' })
    expect([dirtier({ visibility_in: 1, tint: 'clay' }), clearer({ visibility_in: 240, tint: 'none' })]).toEqual([
      null,
      null,
    ])
    for (const inches of STOPS) {
      const less = dirtier({ visibility_in: inches, tint: 'clay' })?.visibility_in ?? 0
      expect(less).toBeLessThan(inches)
    }
  })

  it('knows more of it from a changed one', () => {
    expect(isOtherThan({ visibility_in: 22 }, { visibility_in: 22, sky: 'sun' })).toBe(false)
    expect(isOtherThan({ visibility_in: 22 }, { visibility_in: 12 })).toBe(true)
    expect(isOtherThan({ surface_f: 50 }, {})).toBe(true)
  })

  it('is confirmed as it was, or cleared', () => {
    const old = outing([
      { id: 'a', confirmed: false, reading: { visibility_in: 22 } },
      { id: 'b', reading: { sky: 'sun' } },
    ])
    expect(isConfirmed(old)).toBe(false)
    const [so, cleared] = [confirmed(old, true), confirmed(old, false)]
    expect([isConfirmed(so), isConfirmed(cleared)]).toEqual([true, true])
    expect(so.stints?.map((stint) => stint.reading)).toEqual([{ visibility_in: 22 }, { sky: 'sun' }])
    expect(cleared.stints?.map((stint) => stint.reading)).toEqual([{}, { sky: 'sun' }])
  })
})

describe('the day when it is over', () => {
  const jig = { lure: 'jig', head: { id: 1 } }
  const blade = { lure: 'bladed_jig', head: { id: 2 } }
  const at = (time: string) => `2026-05-09T${time}:00Z`
  const event = (kind: string, more: object = {}) => ({ at: at('09:10'), kind, ...more })
  const day = outing([
    {
      started_at: at('09:00'),
      ended_at: at('10:00'),
      build: jig,
      events: [event('bite'), event('landed', { length_in: 15 })],
    },
    {
      started_at: at('10:00'),
      ended_at: at('10:30'),
      build: blade,
      events: [event('lost'), event('landed', { length_in: 17 })],
    },
    {
      started_at: at('09:00'),
      ended_at: at('11:00'),
      angler: 'partner',
      build: jig,
      events: [event('landed', { angler: 'partner', length_in: 20 })],
    },
    { started_at: at('10:30'), ended_at: at('11:00'), build: jig, events: [event('follow')] },
  ])

  it('is told by hours, fish, and the lure with the most bites, the one fished least where several had as many', () => {
    const account = dayAccount({ ...day, ended_at: at('11:00') })
    expect(account).toMatchObject({ minutes: 120, fish: 2, bites: 4, follows: 1, partnersFish: 1, longest_in: 17 })
    expect(account.best).toMatchObject({ build: blade, minutes: 30, bites: 2, fish: 1 })
  })

  it('has no best lure where nothing bit', () => {
    expect(dayAccount(outing([{ started_at: at('09:00'), build: jig, events: [event('follow')] }]))).toMatchObject({
      best: null,
      minutes: 0,
      longest_in: null,
    })
  })
})

describe('what is in the box', () => {
  const trailer = (id: string, style: string) => ({ id, kind: 'trailer', name: id, style })
  const lure = (own: object) => ({ lure: 'jig', head: { id: 'h' }, trailer: own })
  const box = {
    lures: [lure(trailer('c', 'chunk'))],
    trailers: ['a', 'b', 'd', 'e', 'f'].map((id) => trailer(id, 'craw')),
  }
  const fished = {
    ...outing([{ build: lure(trailer('f', 'craw')) }, { build: lure(trailer('c', 'chunk')) }]),
    box,
  } as unknown as Outing
  const on = lure(trailer('c', 'chunk')) as unknown as Composition

  it('offers the trailers fished last, then those the box begins with, and all of them by style', () => {
    const parts = partsFor('trailer', fished, on)
    expect(parts.map((part) => part.id)).toEqual(['a', 'b', 'd', 'e', 'f', 'c'])
    expect(lastTrailers(fished, parts, on).map((part) => part.id)).toEqual(['f', 'a', 'b', 'd', 'e'])
    expect(byStyle(parts).map((one) => [one.style, one.parts.length])).toEqual([
      ['craw', 5],
      ['chunk', 1],
    ])
  })
})

describe('a level on screen', () => {
  it('is called as it is elsewhere', () => {
    expect([
      levelWords('hour', '9', true),
      levelWords('sun', 'low', true),
      levelWords('tint', 'clay', true),
      levelWords('style', 'craw', true),
      levelWords('weight', '3/8 oz', false),
      levelWords('weight', '3/8 oz', true),
      levelWords('weight', 'other', true),
    ]).toEqual(['9:00 AM to 10:00 AM', 'Up to 12°', 'Clay-stained water', 'Craw', '3/8 oz', '11 g', 'Other'])
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
