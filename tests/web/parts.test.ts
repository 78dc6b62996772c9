import { expect, test } from 'vitest'
import type { Condition, InventoryPart, Rule, BuildSheet } from '../../web/words/documents'
import { blank, FIELDS, hexOf, isLow, KINDS, measureWords, searchText, swatches } from '../../web/words/part'
import { findingWords } from '../../web/screens/tie/traitWords'
import { canBeEmpty, partsFor, slotsOf, step } from '../../web/words/slots'
import { conditionWords, saysWords, searchText as ruleText, whenWords } from '../../web/screens/settings/ruleWords'
import { DARKENED_HEX } from '../../web/words/vocabulary'
import { minutes, stepText, upTo } from '../../web/screens/tie/steps'

// No browser: the front end's small functions about parts, the bench, the rulebook and the sheet.

const part = (change: Partial<InventoryPart>): InventoryPart => ({
  ...blank(change.kind ?? 'trailer'),
  id: 'p',
  name: 'A part',
  ...change,
})

test.describe('parts', () => {
  test('every kind starts with what it is judged by', () => {
    for (const kind of KINDS) {
      const start = blank(kind)
      expect(start.kind).toBe(kind)
      for (const field of FIELDS[kind]) {
        if (!['hook', 'fluorescent', 'colour', 'form', 'keeper', 'accent_share', 'layout'].includes(field))
          expect(start[field], `${kind}.${field}`).not.toBeUndefined()
      }
    }
  })

  test('a colour is a word or a number', () => {
    expect(hexOf('black')).toBe('#141414')
    expect(hexOf('#123456')).toBe('#123456')
    expect(hexOf(null)).toBe('#808080')
  })

  test('what a part shows: its metal, its marker, its colours', () => {
    const blade = part({ kind: 'blade', metal: 'gold' })
    expect(swatches(blade)).toEqual(['#d9b14e'])
    expect(swatches({ ...blade, darkened: true })).toEqual([DARKENED_HEX])
    expect(swatches(part({ colour: 'black', accents: ['orange', '#010203'] }))).toEqual([
      '#141414',
      '#e8641c',
      '#010203',
    ])
    expect(swatches(part({ kind: 'bead' }))).toEqual([])
  })

  test('what a part measures', () => {
    expect(
      measureWords(part({ kind: 'head', weight_oz: 0.375, lures: ['jig'], metal_of_head: 'tungsten' }), false),
    ).toBe('3/8 oz, tungsten, jig')
    expect(measureWords(part({ kind: 'head', weight_oz: 0.5, lures: ['spinnerbait'], arm: 'short' }), true)).toBe(
      '14 g, spinnerbait, short arm',
    )
    expect(measureWords(part({ kind: 'blade', shape: 'bladed_jig', number: 3, darkened: true }), false)).toBe(
      'bladed-jig blade #3, darkened',
    )
    expect(measureWords(part({ length_in: 3.5, style: 'craw', plastic: 'stretchy', opacity: 0.55 }), false)).toBe(
      '3-1/2 in craw, stretchy, see-through',
    )
    expect(measureWords(part({ kind: 'hook', hook: '2/0' }), false)).toBe('2/0')
  })

  test('stock is low at its mark and never without one', () => {
    expect(isLow(part({ count: 2, low_at: 2 }))).toBe(true)
    expect(isLow(part({ count: 3, low_at: 2 }))).toBe(false)
    expect(isLow(part({ count: 0, low_at: null }))).toBe(false)
  })

  test('a search finds by name, colour, shape, number and box', () => {
    const text = searchText(
      part({ kind: 'blade', name: 'Old one', shape: 'deep_colorado', number: 5, metal: 'gold', box: 'Tin 2' }),
    )
    for (const word of ['old one', 'deep colorado', '#5', 'gold', 'tin 2']) expect(text).toContain(word)
  })
})

test.describe('slots', () => {
  const parts = [
    part({ id: 'lead', kind: 'head', lures: ['jig'], metal_of_head: 'lead' }),
    part({ id: 'tungsten', kind: 'head', lures: ['jig', 'spinnerbait'], metal_of_head: 'tungsten' }),
    part({ id: 'willow', kind: 'blade', shape: 'willow' }),
    part({ id: 'plate', kind: 'blade', shape: 'bladed_jig' }),
    part({ id: 'none left', kind: 'skirt', count: 0 }),
    part({ id: 'skirt', kind: 'skirt' }),
    part({ id: 'craw' }),
  ]
  const ids = (list: readonly (InventoryPart | null)[]) => list.map((one) => one?.id ?? null)

  test('a lure has the slots of its kind', () => {
    expect(slotsOf('spinnerbait')).toEqual(['head', 'front', 'rear', 'skirt', 'trailer', 'hook'])
    expect(slotsOf('bladed_jig')).toEqual(['head', 'rear', 'skirt', 'trailer'])
    expect(slotsOf('jig')).toEqual(['head', 'skirt', 'trailer'])
  })

  test('only what fits and is there is offered', () => {
    expect(ids(partsFor('head', 'jig', parts, false))).toEqual(['lead', 'tungsten'])
    expect(ids(partsFor('head', 'jig', parts, true))).toEqual(['tungsten'])
    expect(ids(partsFor('head', 'swim_jig', parts, false))).toEqual([])
    expect(ids(partsFor('rear', 'spinnerbait', parts, false))).toEqual(['willow'])
    expect(ids(partsFor('rear', 'bladed_jig', parts, false))).toEqual(['plate'])
    expect(ids(partsFor('skirt', 'jig', parts, false))).toEqual(['skirt'])
  })

  test('only a bladed jig goes without a skirt, and nothing without a head', () => {
    expect(canBeEmpty('skirt', 'bladed_jig')).toBe(true)
    expect(canBeEmpty('skirt', 'jig')).toBe(false)
    expect(canBeEmpty('head', 'jig')).toBe(false)
  })

  test('stepping goes round, through nothing where that is allowed', () => {
    const heads = partsFor('head', 'jig', parts, false)
    const [head] = heads
    if (!head) throw new Error('The parts have a head for a jig.')
    const build = { lure: 'jig' as const, head, trailer: partsFor('trailer', 'jig', parts, false)[0] ?? null }
    expect(step(build, 'head', heads, 1)?.id).toBe('tungsten')
    expect(step(build, 'head', heads, -1)?.id).toBe('tungsten')
    const trailers = partsFor('trailer', 'jig', parts, false)
    expect(step(build, 'trailer', trailers, 1)).toBeNull()
    expect(step({ ...build, trailer: null }, 'trailer', trailers, 1)?.id).toBe('craw')
  })
})

test.describe('words of the bench', () => {
  test('the distance of a finding has its unit', () => {
    const finding = { about: 'pair', as_wanted: false, text: 'They look like one color past {at}.', at_in: 7.04 }
    expect(findingWords(finding, false)).toBe('They look like one color past 7 in.')
    expect(findingWords(finding, true)).toBe('They look like one color past 18 cm.')
    expect(findingWords({ ...finding, at_in: null }, false)).not.toContain('{at}')
  })
})

test.describe('words of the rulebook', () => {
  const says = (condition: Condition, metric = false) => conditionWords(condition, metric)

  test('conditions read as a builder would say them', () => {
    expect(says({ kind: 'range', field: 'visibility_in', least: 18, most: 42 })).toBe('visibility 18 in to 42 in')
    expect(says({ kind: 'range', field: 'surface_f', least: 50, most: null }, true)).toBe(
      'surface temperature 10 °C or more',
    )
    expect(says({ kind: 'range', field: 'depth_ft', least: null, most: 5 })).toBe('depth 5 ft or less')
    expect(says({ kind: 'range', field: 'depth_ft', least: null, most: 5, open: true })).toBe('depth under 5 ft')
    expect(says({ kind: 'range', field: 'depth_ft', least: 3, most: 4, open: true })).toBe(
      'depth between 3 ft and 4 ft',
    )
    expect(says({ kind: 'among', field: 'tint', words: ['clay', 'tannic'] })).toBe(
      'tint: clay-stained water or tea-stained water',
    )
    expect(says({ kind: 'flag', field: 'forage_colours', words: ['bright_blue'] })).toBe(
      'bright blue seen on the forage',
    )
    expect(says({ kind: 'flag', field: 'surface_f', words: ['unknown'] })).toBe('surface temperature not measured')
    expect(says({ kind: 'settled', field: 'skirt.base', words: ['green_pumpkin'] })).toBe(
      'skirt base picked as green pumpkin',
    )
    const cold: Condition = { kind: 'among', field: 'season', words: ['late_winter'] }
    expect(says({ kind: 'not', of: [cold] })).toBe('not season: late winter')
    expect(says({ kind: 'any', of: [cold, cold] })).toBe('either season: late winter or season: late winter')
    expect(says({ kind: 'all', of: [cold, cold] })).toBe('season: late winter and season: late winter')
  })

  const rule = {
    id: 'S3',
    facts: ['S3'],
    lures: ['jig'],
    schools: [],
    when: [],
    because: 'Plain brown.',
    says: [{ pick: 'skirt.base', value: 'brown', words: 'brown', for: true, same_as: null }],
  } as unknown as Rule

  test('a rule without conditions always speaks', () => expect(whenWords(rule, false)).toBe('always'))

  test('an answer that hangs on another pick says so', () => {
    expect(
      saysWords(
        { pick: 'trailer.base', value: null, words: 'same as skirt.base', for: true, same_as: 'skirt.base' },
        false,
      ),
    ).toBe('trailer base: the same as the skirt base')
    expect(saysWords({ pick: 'head.weight_oz', value: 0.375, words: '3/8 oz', for: true, same_as: null }, true)).toBe(
      'head weight: 11 g',
    )
  })

  test('a rule is found by its fact, its lure and what it says', () => {
    for (const word of ['s3', 'jig', 'brown', 'skirt base']) expect(ruleText(rule, false)).toContain(word)
  })
})

test.describe('the sheet', () => {
  const sheet = {
    build: {
      lure: 'bladed_jig',
      blades: [{ position: 'single' }],
      skirt: { base: 'black' },
      trailer: { base: 'black' },
      trailer_hook: null,
      measures: { blades: [{}], skirt_in: 1.4, trailer_hook_in: null },
    },
    steps: ['lay_out', 'plate', 'skirt', 'trim', 'tie', 'trailer', 'check'].map((task) => ({
      task,
      text: 'Cut them {trim} back.',
    })),
    trim_in: 1.375,
  } as unknown as BuildSheet

  test('the drawing grows with the steps', () => {
    const bare = upTo(sheet, 0)
    expect([bare.blades.length, bare.skirt, bare.trailer]).toEqual([0, null, null])
    expect(upTo(sheet, 1).blades.length).toBe(1)
    expect(upTo(sheet, 2).measures.skirt_in).toBeGreaterThan(1.4)
    expect(upTo(sheet, 3).measures.skirt_in).toBe(1.4)
    expect(upTo(sheet, 6).trailer).not.toBeNull()
  })

  test('the trim has its unit', () => {
    const [first] = sheet.steps
    if (!first) throw new Error('There are steps.')
    expect(stepText(first, sheet, false)).toBe('Cut them 1-3/8 in back.')
    expect(stepText(first, sheet, true)).toBe('Cut them 35 mm back.')
  })

  test('time is told in minutes and hours', () => {
    expect(minutes(0.2)).toBe('1 min')
    expect(minutes(12.4)).toBe('12 min')
    expect(minutes(65)).toBe('1 h 5 min')
  })
})
