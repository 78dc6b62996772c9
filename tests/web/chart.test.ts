import { describe, expect, test } from 'vitest'
import type { Reading } from '../../web/words/documents'
import { bandColumns, chartSvg, grid, lines, ownColumns, request, stays, type Cell } from '../../web/lure/chart'
import { BANDS } from '../../web/words/stick'

const bandAt = (inches: number) => BANDS.find((band) => inches >= band.from && inches < band.to)?.name

const reading = {
  lure: 'any',
  visibility_in: 20,
  tint: 'green',
  sky: 'sun',
  wind: 'ripple',
  depth_ft: 4,
  season: 'spring',
  cover: 'wood',
  cover_density: 'normal',
  forage: 'shad',
  red_crawfish: false,
  bite: 'normal',
  bass: 'largemouth',
} as Reading

const colours = (base: string) => ({ base, accents: [], belly: [] })
const cell = (over: Partial<Cell>, blade: string, skirt: string, trailer: string) =>
  ({
    visibility_in: 20,
    sky: 'sun',
    lure: 'bladed_jig',
    forage: 'shad',
    advice: {
      blades: [{ finish: blade, darkened: false }],
      skirt: colours(skirt),
      trailer: { ...colours(trailer), style: 'craw' },
    },
    ...over,
  }) as unknown as Cell

describe('the chart of a water', () => {
  test('has a column for each band, and in its own band what the reading says', () => {
    const tops = bandColumns(reading)
    expect(tops.map((top) => top.name)).toEqual(['muddy', 'dirty', 'stained', 'clear', 'very clear'])
    expect(tops.filter((top) => top.isHere).map((top) => [top.name, top.visibility_in])).toEqual([['stained', 20]])
    for (const top of tops) {
      expect(bandAt(top.visibility_in)).toBe(top.name)
    }
  })

  test('asks for one lure, by sky or by forage', () => {
    const bySky = request(reading, bandColumns(reading), 'jig', 'bluegill', 'sky')
    expect([bySky.sky, bySky.forage, bySky.lures]).toEqual([['sun', 'overcast', 'low_sun'], ['bluegill'], ['jig']])
    const byForage = request(reading, ownColumns([10, 18, 31]), 'jig', 'bluegill', 'forage')
    expect([byForage.sky, byForage.forage]).toEqual([['sun'], ['shad', 'bluegill', 'crawfish']])
    expect(byForage.visibility_in).toEqual([10, 18, 31])
  })

  test('stands row by row, in the order of the columns', () => {
    const cells = [20, 40].flatMap((visibility_in) =>
      (['sun', 'overcast', 'low_sun'] as const).map((sky) => cell({ visibility_in, sky }, 'gold', 'white', 'white')),
    )
    const rows = grid({ cells }, 2, 'sky')
    expect(rows.map((row) => row.map((one) => `${one.sky} ${one.visibility_in}`))).toEqual([
      ['sun 20', 'sun 40'],
      ['overcast 20', 'overcast 40'],
      ['low_sun 20', 'low_sun 40'],
    ])
  })

  test('says in words what stays from one forage to the next, and what changes', () => {
    const three = [
      cell({ forage: 'shad' }, 'gold', 'white', 'white'),
      cell({ forage: 'bluegill' }, 'gold', 'green_pumpkin', 'orange'),
      cell({ forage: 'crawfish' }, 'gold', 'black', 'blue'),
    ]
    expect(stays(three)).toEqual({ same: ['blade'], changes: ['skirt', 'trailer'] })
    expect(lines(cell({}, 'green_pumpkin', 'green_pumpkin', 'watermelon').advice)).toEqual([
      'green pumpkin',
      'green pumpkin',
      'craw, watermelon',
    ])
  })

  test('goes out as one drawing with all its words, whatever it is called', () => {
    const drawing = chartSvg('Pond <1> & "2"', ['muddy, 3 in'], ['Sun'], [[cell({}, 'gold', 'white', 'white')]], [])
    expect([...drawing.matchAll(/<text[^>]*>([^<]*)<\/text>/g)].map(([, words]) => words)).toEqual([
      'Pond &lt;1> &amp; "2"',
      'muddy, 3 in',
      'Sun',
      'gold',
      'white',
      'craw, white',
    ])
  })
})
