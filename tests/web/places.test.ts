import { expect, test } from 'vitest'
import { SCREENS, placeAt } from '../../web/app/loadScreen'
import { movedTo } from '../../web/app/moved'
import type { InventoryPart } from '../../web/words/documents'
import { anchors, frameOf, layout } from '../../web/lure/layout'
import { single } from '../../web/lure/single'
import { blank } from '../../web/words/part'
import { MOVED_FROM } from './oldAddresses'

// Five places: where old addresses lead, which place holds what, and how a part of the box is drawn by itself.

test('every old address leads to one that is none, with all it said beside its screen', () => {
  for (const [old, now] of MOVED_FROM) {
    expect(movedTo(old), old).toBe(now)
    expect(movedTo(now), now).toBeNull()
  }
  expect(movedTo('#/')).toBeNull()
  expect(movedTo('#/benches')).toBeNull()
  // What a link says of a reading and a build goes along, whatever it holds.
  const link = new URLSearchParams([
    ['r.forage', 'shad'],
    ['b.skirt', '{"kind":"skirt","name":"a?b&c"}'],
  ])
  const moved = movedTo(`#/bench?${link.toString()}`) ?? ''
  expect(moved.startsWith('#/tie?')).toBe(true)
  expect([...new URLSearchParams(moved.split('?')[1])]).toEqual([...link])
})

test('every screen belongs to a place, and an address to the place of its screen', () => {
  expect(placeAt('/')).toBe('Water')
  expect(placeAt('/tie/sheet')).toBe('Tie')
  expect(placeAt('/on-the-water/some-id')).toBe('Fish')
  expect(placeAt('/outing/some-id')).toBe('Learned')
  expect(placeAt('/rules/B3.stained')).toBe('Settings')
  expect(new Set(Object.values(SCREENS).map(({ place }) => place)).size).toBe(6)
})

const part = (kind: InventoryPart['kind'], change: Partial<InventoryPart>): InventoryPart => ({
  ...blank(kind),
  ...change,
})

test('a part of the box is drawn by itself, as long as the core says', () => {
  const blade = (number: number) => single(part('blade', { shape: 'willow', number }))?.long ?? 0
  // A straight line through catalogue sizes, from memory (common practice, no source): #5 willow 2.25 in.
  expect(blade(5)).toBeCloseTo(2.25, 2)
  expect(blade(3)).toBeLessThan(blade(4))
  expect(single(part('trailer', { length_in: 4 }))?.long).toBe(4)
  // V = π/6 · L · (L/1.6)² of 11.34 g/cm³: half an ounce of lead is 0.72 in long.
  const head = single(part('head', { weight_oz: 0.5, metal_of_head: 'lead', hook: '3/0' }))
  expect(head?.build.measures.head_length_in).toBeCloseTo(0.72, 2)
  expect(single(part('skirt', { trim: 'long_tail' }))?.long).toBe(4.5)
  expect(single(part('bead', {}))).toBeNull()
  const darkened = single(part('blade', { metal: 'gold', darkened: true }))
  expect(darkened?.paint.shines).toEqual([false])
})

test('each part of a lure is pointed at within its picture', () => {
  const measures = {
    head_length_in: 0.7,
    head_height_in: 0.44,
    hook_shank_in: 1.27,
    hook_gap_in: 0.59,
    skirt_in: 2.4,
    trailer_in: null,
    trailer_hook_in: 0.98,
    blades: [
      { length_in: 0.82, width_in: 0.67 },
      { length_in: 1.36, width_in: 0.79 },
    ],
    wire_to_head_in: 1.3,
    wire_to_blade_in: 2.7,
  }
  const spinnerbait = {
    lure: 'spinnerbait',
    head: {},
    blades: [{ position: 'front' }, { position: 'rear' }],
    skirt: {},
    trailer: null,
    measures,
  } as unknown as Parameters<typeof layout>[0]
  const plated = {
    ...spinnerbait,
    lure: 'bladed_jig',
    blades: [{ position: 'single' }],
    measures: {
      ...measures,
      wire_to_head_in: null,
      wire_to_blade_in: null,
      blades: [{ length_in: 1.36, width_in: 1 }],
    },
  } as Parameters<typeof layout>[0]
  for (const build of [spinnerbait, plated]) {
    const frame = frameOf(layout(build), 5.2)
    const points = anchors(build)
    expect(points.map(({ part }) => part)).toEqual([...build.blades.map(() => 'blades'), 'skirt', 'head'])
    for (const { at } of points) {
      expect(at.x).toBeGreaterThan(frame.left)
      expect(at.x).toBeLessThan(frame.left + frame.width)
      expect(at.y).toBeGreaterThan(frame.top)
      expect(at.y).toBeLessThan(frame.rulerY)
    }
  }
  // A plate hangs before the nose, its middle at the height of the head.
  const { snap, headLength } = layout(plated)
  expect(snap?.x).toBeLessThan(-headLength)
  expect(Math.abs((snap?.y ?? 0) + 0.5 * 136)).toBeLessThan(20)
})
