import { describe, expect, it } from 'vitest'
import type { Reading, TripPack } from '../../web/words/documents'
import { adviceIn, isReadable, rankedIn } from '../../web/data/pack/pack'
import { PACK_VERSION } from '../../web/words/vocabulary'

// A pack of two lures, three visibilities and two skies, whose advices are easy to tell apart.

const READING = {
  lure: 'any',
  visibility_in: 20,
  tint: 'green',
  sky: 'sun',
  wind: 'calm',
  depth_ft: 5,
  season: 'spring',
  cover: 'wood',
  cover_density: 'normal',
  forage: 'bluegill',
  bite: 'normal',
  bass: 'largemouth',
  surface_f: 61,
} as unknown as Reading

const AXES = {
  lure: ['jig', 'spinnerbait'],
  visibility_in: [10, 20, 40],
  sky: ['sun', 'rain'],
  wind: ['calm'],
  bite: ['normal'],
  cover: ['wood'],
}

/** Cells in the order of the axes, the last turning fastest: the head says which one it is. */
function packOf(): TripPack {
  const values: unknown[] = []
  const number = (value: unknown) => values.push(value) - 1
  const ranking = number([number({ lure: 'spinnerbait', worth: 90 }), number({ lure: 'jig', worth: 80 })])
  const dark = number('dark')
  const skirts = [dark, dark, number('light')]
  const cells: number[] = []
  const advices: number[][] = []
  for (const lure of AXES.lure)
    for (const [i, visibility] of AXES.visibility_in.entries())
      for (const sky of AXES.sky)
        cells.push(advices.push([number(`${lure} ${visibility} ${sky}`), skirts[i] ?? 0, ranking]) - 1)
  return {
    kontrast_pack: PACK_VERSION,
    made_at: '2026-05-08T20:00:00+00:00',
    trip: { id: 't', name: 'Trip', trip: {} },
    water: null,
    reading: READING,
    axes: AXES,
    fields: ['head', 'skirt', 'lure_ranking'],
    lists: ['lure_ranking'],
    cells,
    advices,
    values,
    orders: [0, 1, 0, 1, 0, 1],
    ranked: [
      [
        [1, null, 80],
        [0, 2, 70],
      ],
      [[0, null, 60]],
    ],
    lures: [],
    turns: [],
    carry: {},
  } as unknown as TripPack
}

const head = (pack: TripPack, change: Partial<Reading>) =>
  (adviceIn(pack, { ...READING, ...change }).value as unknown as { head: string }).head

describe('a packed advice', () => {
  it.each([
    [{ lure: 'jig', visibility_in: 10, sky: 'sun' }, 'jig 10 sun'],
    [{ lure: 'jig', visibility_in: 40, sky: 'rain' }, 'jig 40 rain'],
    [{ lure: 'spinnerbait', visibility_in: 20, sky: 'rain' }, 'spinnerbait 20 rain'],
    // As far apart as their ratio says: 14.1 lies between 10 and 20.
    [{ lure: 'jig', visibility_in: 14 }, 'jig 10 sun'],
    [{ lure: 'jig', visibility_in: 14.3 }, 'jig 20 sun'],
    // Any lure is the one that suits best.
    [{ lure: 'any', visibility_in: 10 }, 'spinnerbait 10 sun'],
  ] as [Partial<Reading>, string][])('of %j is %s', (change, expected) => {
    expect(head(packOf(), change)).toBe(expected)
  })

  it('puts lists together of their entries', () => {
    expect(adviceIn(packOf(), READING).value.lure_ranking).toEqual([
      { lure: 'spinnerbait', worth: 90 },
      { lure: 'jig', worth: 80 },
    ])
  })

  it('that was made before there were sets has the usual rod, and no set', () => {
    expect(adviceIn(packOf(), READING).value).toMatchObject({ set: null, tackle: { rod_power: 'medium_heavy' } })
  })

  it('says where the grid is too coarse to tell', () => {
    const near = (visibility_in: number) => adviceIn(packOf(), { ...READING, lure: 'jig', visibility_in }).near.coarse
    expect(near(20)).toBeNull()
    expect(near(25)).toEqual({ picks: ['head', 'skirt'], from: 20, to: 40 })
    expect(near(11)).toEqual({ picks: ['head'], from: 10, to: 20 })
    expect(near(9.5)).toBeNull()
  })

  it.each([
    [{}, []],
    [{ visibility_in: 43 }, []],
    [{ visibility_in: 60 }, [{ field: 'visibility_in', asked: 60, packed: 40 }]],
    [{ sky: 'night' }, [{ field: 'sky', asked: 'night', packed: 'sun' }]],
    [{ surface_f: 70 }, [{ field: 'surface_f', asked: 70, packed: 61 }]],
    [{ surface_f: null }, [{ field: 'surface_f', asked: null, packed: 61 }]],
    [{ lure: 'bladed_jig' }, [{ field: 'lure', asked: 'bladed_jig', packed: 'jig' }]],
    [{ forage_colours: ['blue'] }, [{ field: 'forage_colours', asked: ['blue'], packed: null }]],
    // What says nothing differs in nothing.
    [{ forage_colours: [], red_crawfish: false, trend_f: null }, []],
    // Set by the hour and by the angler's standing choices: the pack was made for them.
    [{ sun_elevation_deg: 12, lead_free: true }, []],
  ] as unknown as [Partial<Reading>, unknown][])('with %j lies outside by %j', (change, expected) => {
    expect(adviceIn(packOf(), { ...READING, ...change }).near.outside).toEqual(expected)
  })

  it('ranks the carried lures whatever lure is asked', () => {
    const expected = [
      { lure: 1, trailer: null, score: 80 },
      { lure: 0, trailer: 2, score: 70 },
    ]
    expect(rankedIn(packOf(), { ...READING, lure: 'any' })).toEqual(expected)
    expect(rankedIn(packOf(), { ...READING, lure: 'jig' })).toEqual(expected)
    expect(rankedIn(packOf(), { ...READING, sky: 'rain' })).toEqual([{ lure: 0, trailer: null, score: 60 }])
  })

  it('of another version is not read', () => {
    expect(isReadable(packOf())).toBe(true)
    expect(isReadable({ ...packOf(), kontrast_pack: 0 })).toBe(false)
    expect(isReadable({})).toBe(false)
  })
})
