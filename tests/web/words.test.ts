import { HELP } from '../../web/words/help'
import { TERMS } from '../../web/words/terms'
import { expect, test } from 'vitest'
import { bladeOutline } from '../../web/lure/blades'
import { atHeight, confused, gonePlaces, inTheWater, shade } from '../../web/lure/paint'
import { strands } from '../../web/lure/strands'
import { trailerShape } from '../../web/lure/trailers'
import { BANDS, nearestStop, place, STOPS } from '../../web/words/stick'
import {
  change,
  depth,
  fraction,
  ouncesOf,
  partLength,
  temperature,
  waterLength,
  waterLengthBand,
  weight,
} from '../../web/words/words'

// No browser: the front end's own small functions. Units against 1 in = 25.4 mm and 1 lb = 0.45359237 kg, both exact.

const numbers = (path: string) => [...path.matchAll(/-?\d+(\.\d+)?/g)].map((match) => Number(match[0]))

test.describe('units', () => {
  for (const [ounces, words] of [
    [0.375, '3/8'],
    [0.3125, '5/16'],
    [1.25, '1-1/4'],
    [2, '2'],
    [0, '0'],
  ] as const) {
    test(`${ounces} is written ${words}`, () => expect(fraction(ounces)).toBe(words))
  }

  test('a weight is read as it is written, and nothing else is', () => {
    for (let sixteenths = 1; sixteenths <= 64; sixteenths++)
      expect(ouncesOf(`${fraction(sixteenths / 16)} oz`), fraction(sixteenths / 16)).toBe(sixteenths / 16)
    for (const other of ['other', '3/8', 'oz', '#4 oz']) expect(ouncesOf(other), other).toBeNull()
  })

  test('weights', () => {
    expect(weight(0.5, false)).toBe('1/2 oz')
    expect(weight(0.5, true)).toBe('14 g')
  })

  for (const [inches, span, metric, words] of [
    [11, [9, 14], false, '11 in (9 to 14)'],
    [11, [9.5, 14], false, '11 in (9.5 to 14)'],
    [40, [30, 60], false, '40 in (30 to 60)'],
    [50, [30, 60], false, '4.2 ft (2.5 to 5)'],
    [0, [0, 0], false, 'not at all'],
    [0, [0, 3.2], false, 'not at all (0 to 3.2 in)'],
    [11, undefined, false, '11 in'],
    [11, [11.1, 11.2], false, '11 in'],
    [11, [9, 14], true, '28 cm (23 to 36)'],
  ] as const) {
    test(`${inches} in within ${span} is written ${words}`, () =>
      expect(waterLengthBand(inches, span, metric)).toBe(words))
  }

  test('lengths of parts', () => {
    expect(partLength(3.5, false)).toBe('3-1/2 in')
    expect(partLength(3.5, true)).toBe('89 mm')
  })

  test('lengths in the water change unit where people do', () => {
    expect(waterLength(7.04, false)).toBe('7 in')
    expect(waterLength(22, false)).toBe('22 in')
    expect(waterLength(60, false)).toBe('5 ft')
    expect(waterLength(22, true)).toBe('56 cm')
    expect(waterLength(60, true)).toBe('1.5 m')
  })

  test('depths and temperatures', () => {
    expect(depth(5, false)).toBe('5 ft')
    expect(depth(10, true)).toBe('3 m')
    expect(temperature(50, true)).toBe('10 °C')
    expect(temperature(50, false)).toBe('50 °F')
  })

  test('a change has a sign and no offset', () => {
    expect(change(9, true)).toBe('+5 °C')
    expect(change(-3, false)).toBe('−3 °F')
    expect(change(0, false)).toBe('±0 °F')
  })
})

test.describe('the stick', () => {
  test('marks rise, and each is found again', () => {
    for (const [index, inches] of STOPS.entries()) {
      if (index > 0) expect(inches).toBeGreaterThan(STOPS[index - 1] ?? 0)
      expect(nearestStop(inches)).toBe(index)
    }
  })

  test('it runs from end to end', () => {
    expect(place(0)).toBe(0)
    expect(place(240)).toBe(100)
    expect(place(60)).toBe(50)
    expect(place(9999)).toBe(100)
  })

  test('bands leave no gap', () => {
    for (const [index, band] of BANDS.entries()) {
      expect(band.from).toBe(index === 0 ? 0 : BANDS[index - 1]?.to)
    }
  })
})

test.describe('outlines', () => {
  for (const shape of ['colorado', 'deep_colorado', 'indiana', 'willow', 'bladed_jig'] as const) {
    test(`a ${shape} blade stays within its length and width`, () => {
      const all = numbers(bladeOutline(shape, 200, 80))
      const xs = all.filter((_, i) => i % 2 === 0)
      const ys = all.filter((_, i) => i % 2 === 1)
      expect(Math.max(...xs) - Math.min(...xs)).toBeGreaterThan(190)
      expect(Math.max(...xs)).toBeLessThanOrEqual(200)
      expect(Math.max(...ys.map(Math.abs))).toBeLessThanOrEqual(42)
    })
  }

  for (const style of [
    'craw',
    'chunk',
    'paddle_tail',
    'fork_tail',
    'twin_tail_grub',
    'single_tail_grub',
    'ringworm',
  ] as const) {
    test(`a ${style} is as long as it says, and hangs together`, () => {
      const shape = trailerShape(style, 350)
      const reach = (path: string) => Math.max(...numbers(path).filter((_, i) => i % 2 === 0))
      const start = (path: string) => Math.min(...numbers(path).filter((_, i) => i % 2 === 0))
      const longest = Math.max(...shape.limbs.map(reach))
      expect(longest).toBeGreaterThan(330)
      expect(longest).toBeLessThan(370)
      for (const limb of shape.limbs) expect(start(limb)).toBeLessThanOrEqual(reach(shape.body))
    })
  }

  const skirt = { accents: ['blue'], belly: [], material: 'silicone', accent_share: 'few', layout: 'mixed' } as const
  const drawn = (change: Partial<Parameters<typeof strands>[0]>) =>
    strands({ ...skirt, accents: [...skirt.accents], belly: [], ...change }, 150, 20)

  test('a split skirt is back above and belly below, a mixed one is not', () => {
    const split = drawn({ belly: ['chartreuse', 'orange'], layout: 'split' })
    const end = (d: string) => Number(d.split(' ').at(-1))
    const belly = split.filter((strand) => strand.belly)
    expect(belly.length / split.length).toBeCloseTo(0.44, 1)
    expect(new Set(belly.map((strand) => strand.colour))).toEqual(new Set([0, 1]))
    const mean = (of: typeof split) => of.reduce((sum, strand) => sum + end(strand.d), 0) / of.length
    expect(mean(belly)).toBeGreaterThan(mean(split.filter((strand) => !strand.belly)))
    expect(drawn({}).some((strand) => strand.belly)).toBe(false)
  })

  test('a front before a back is short strands over long ones', () => {
    const both = drawn({ accents: [], belly: ['black'], layout: 'front_back' })
    const reach = ({ d }: (typeof both)[number]) => Math.max(...numbers(d))
    const longest = (isBelly: boolean) => Math.max(...both.filter((strand) => strand.belly === isBelly).map(reach))
    expect(longest(true)).toBeGreaterThan(1.4 * longest(false))
    expect(both.filter((strand) => strand.belly)).toHaveLength(both.length / 2)
  })

  test('strands keep their length and share out their colours as they are owned', () => {
    const share = (accent_share: 'few' | 'third' | 'half', accents: ('blue' | 'orange')[] = ['blue']) =>
      drawn({ accents, accent_share }).filter((strand) => strand.colour > 0).length / 64
    expect(share('few')).toBeCloseTo(0.15, 1)
    expect(share('third')).toBeCloseTo(0.33, 1)
    expect(share('half')).toBeCloseTo(0.5, 1)
    expect(share('third', ['blue', 'orange'])).toBeCloseTo(0.33, 1)
    expect(share('half', [])).toBe(0)
    for (const strand of drawn({})) expect(Math.max(...numbers(strand.d))).toBeLessThanOrEqual(151)
  })

  test('strands lie the same way each time', () => {
    expect(drawn({ material: 'living_rubber' })).toEqual(drawn({ material: 'living_rubber' }))
  })
})

test.describe('paint', () => {
  test('shade goes to white, to black, and nowhere', () => {
    expect(shade('#808080', 1)).toBe('#ffffff')
    expect(shade('#808080', -1)).toBe('#000000')
    expect(shade('#1f4fd0', 0)).toBe('#1f4fd0')
  })

  test('a tone is lighter above than below, and on a wide screen in its own channels', () => {
    const tone = { light: '#ffffff', mid: '#808080', dark: '#000000', line: '#000000' }
    expect([0, 0.5, 1].map((height) => atHeight(tone, height))).toEqual(['#ffffff', '#808080', '#000000'])
    const wide = { light: '#ff8000', mid: '#ff8000', dark: '#ff8000' }
    expect(atHeight({ ...tone, wide }, 0.3)).toBe('color(display-p3 1.0000 0.5020 0.0000)')
  })

  test('a part the scene does not know has the colour of the water', () => {
    const scene = { water_person: '#123456', water_bass_exposed: '#654321', left: [1], parts: [], pairs: [] }
    const build = { head: {}, blades: [], skirt: null, trailer: null }
    const paint = inTheWater(
      build as unknown as Parameters<typeof inTheWater>[0],
      scene as unknown as Parameters<typeof inTheWater>[1],
      0,
      'bass',
    )
    expect(paint.head).toEqual({ light: '#654321', mid: '#654321', dark: '#654321', line: '#654321' })
  })

  test('what an eye cannot tell apart is told, and what it no longer sees is gone: all of a place', () => {
    const part = (id: string, place: string, visible: boolean[]) => ({
      id,
      place,
      layer: 0,
      visible_person: [true, true],
      visible_bass: visible,
    })
    const scene = {
      parts: [
        part('base', 'skirt', [true, false]),
        part('accent', 'skirt', [true, true]),
        part('head', 'head', [true, false]),
        part('worm', 'trailer', [true, true]),
        part('hook', 'steel', [false, false]),
      ],
      pairs: [{ a: 'accent', b: 'worm', separate_person: [true, true], separate_bass: [false, true] }],
    } as unknown as Parameters<typeof confused>[0]
    const ids = ({ lost, pairs }: ReturnType<typeof confused>) => [
      lost.map((one) => one.id),
      pairs.map(({ a, b }) => [a.id, b.id]),
    ]
    expect(ids(confused(scene, 0, 'person'))).toEqual([[], []])
    expect(ids(confused(scene, 0, 'bass'))).toEqual([[], [['accent', 'worm']]])
    expect(ids(confused(scene, 1, 'bass'))).toEqual([['base', 'head'], []])
    const places = (at: number) =>
      Object.entries(gonePlaces(scene, at, 'bass'))
        .filter(([, isGone]) => isGone)
        .map(([place]) => place)
    expect(places(0)).toEqual(['steel'])
    expect(places(1)).toEqual(['head', 'steel'])
  })
})

test('what opens on a tap names no unit of its own: it is the same whichever are chosen', () => {
  const said = [
    ...Object.values(TERMS).flatMap(({ title, meaning }) => [title, ...meaning]),
    ...Object.values(HELP).flat(),
  ]
  expect(
    said.filter((one) => /\d\s?(?:in|ft|oz|cm|m|g|°[FC])\b|\b(?:inch|inches|foot|feet|ounces?)\b/.test(one)),
  ).toEqual([])
})
