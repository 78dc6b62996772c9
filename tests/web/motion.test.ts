import { describe, expect, test } from 'vitest'
import type { Motion, Scene, Build } from '../../web/words/documents'
import {
  bladeMovement,
  limbMovement,
  moving,
  nearFlash,
  shownTurns,
  strandMovement,
  widthAt,
  type Moving,
} from '../../web/lure/motion'
import { BANDS } from '../../web/lure/strands'
import { flashWords } from '../../web/preview/flashWords'
import { atHalf, edgeOf, goneAt } from '../../web/preview/gone'
import { HOURS, hourOf } from '../../web/preview/hours'
import { away } from '../../web/words/words'

const ANGLES = [0, 4, 8, 12, 16, 20, 25, 30, 40, 50, 70, 90]
/** From white to a dull gray, as silver does. */
const TURN = ANGLES.map((degrees) => {
  const channel = Math.round(80 + 175 * Math.cos((degrees * Math.PI) / 180) ** 20)
    .toString(16)
    .padStart(2, '0')
  return `#${channel}${channel}${channel}`
})

const blade = (change: Partial<Moving['blades'][number]> = {}): Moving['blades'][number] => ({
  turnsPerSecond: 1.2,
  isPlate: false,
  isTooFast: false,
  colours: TURN,
  mean: '#707070',
  ...change,
})
const motionOf = (change: Partial<Moving['blades'][number]> = {}): Moving => ({
  blades: [blade(change)],
  angles: ANGLES,
  tilt: 30,
  trailer: { style: 'craw', beatsPerSecond: 2 },
  glow: 0.3,
  faster: 1,
})

describe('how fast a blade is shown', () => {
  test('a quarter of its real speed, and never so fast that all together flash more than three times a second', () => {
    expect(shownTurns(4, 1)).toBe(1)
    for (const real of [1, 5, 11, 40]) {
      for (const many of [1, 2, 4]) expect(2 * many * shownTurns(real, many)).toBeLessThanOrEqual(3)
    }
  })
})

describe('a blade that turns', () => {
  test('is widest where it lies across the eye, leaning toward the light when it flashes', () => {
    expect(widthAt(-30, 30)).toBe(1)
    expect(widthAt(0, 30)).toBeCloseTo(Math.cos(Math.PI / 6), 9)
    expect(widthAt(60, 30)).toBeLessThan(0.1)
  })

  test('flashes twice a turn, and is dull in between', () => {
    const movement = bladeMovement(motionOf(), 0)
    expect(movement?.turn.duration).toBeCloseTo(1000 / 1.2, 6)
    const flash = movement?.sheets.at(-1)
    expect(flash?.colour).toBe('#ffffff')
    const whole = flash?.movement.frames.filter((frame) => frame.opacity === 1).map((frame) => frame.offset)
    expect(whole).toEqual([0, 0.5, 1])
    expect(flash?.movement.frames.find((frame) => frame.offset === 0.25)?.opacity).toBe(0)
    const offsets = movement?.turn.frames.map((frame) => frame.offset) ?? []
    expect(offsets).toEqual(offsets.toSorted((a, b) => a - b))
  })

  test('shows one dull tone where its light never changes', () => {
    const movement = bladeMovement(motionOf({ colours: ANGLES.map(() => '#808080') }), 0)
    expect(movement?.sheets).toEqual([])
    expect(movement?.glow).toBeNull()
    expect(nearFlash(['#808080', '#808080'], 0)).toBe(0)
  })

  test('too fast for the eye has its mean width and its mean light, without a flash', () => {
    const movement = bladeMovement(motionOf({ isTooFast: true }), 0)
    expect(new Set(movement?.turn.frames.map((frame) => frame.scaleY)).size).toBe(1)
    expect(movement?.sheets.map((sheet) => sheet.colour)).toEqual(['#707070'])
    expect(movement?.glow).toBeNull()
  })

  test('of a bladed jig swings about where it hangs and flashes once a swing', () => {
    const movement = bladeMovement(motionOf({ isPlate: true }), 0)
    const light = movement?.sheets[0]?.movement.frames.map((frame) => frame.opacity ?? 0) ?? []
    const peaks = light.filter((now, i) => now > (light[i - 1] ?? 1) && now > (light[i + 1] ?? 1))
    expect(Math.max(...light)).toBe(1)
    expect(peaks.length).toBeLessThanOrEqual(2)
  })

  test('glows no more than the water makes it', () => {
    const glow = bladeMovement(motionOf(), 0)?.glow?.movement.frames.map((frame) => frame.opacity ?? 0) ?? []
    expect(Math.max(...glow)).toBeCloseTo(0.3, 9)
  })
})

describe('what else moves', () => {
  test('strands open and close, the outer ones most, no two neighbors at one point', () => {
    const reach = (band: number) => Math.abs(strandMovement(motionOf(), band).frames[0]?.rotate ?? 0)
    expect(reach(0)).toBeCloseTo(reach(BANDS - 1), 9)
    expect(reach(0)).toBeGreaterThan(reach(2))
    const delays = Array.from({ length: BANDS }, (_, band) => strandMovement(motionOf(), band).delay)
    for (let band = 1; band < BANDS; band++) expect(delays[band]).not.toBe(delays[band - 1])
  })

  test('claws go opposite ways, a fork tail shivers faster and less, and without a trailer nothing kicks', () => {
    const [one, other] = [0, 1].map((limb) => limbMovement(motionOf(), limb)?.frames[0]?.rotate ?? 0)
    expect(one).toBe(-(other ?? 0))
    const fork = limbMovement({ ...motionOf(), trailer: { style: 'fork_tail', beatsPerSecond: 2 } }, 0)
    expect(fork?.duration).toBe(250)
    expect(limbMovement(motionOf(), 0)?.duration).toBe(500)
    expect(limbMovement({ ...motionOf(), trailer: null }, 0)).toBeNull()
  })

  test('of a build is as the core says it, at the pace of the retrieve', () => {
    const pace = { slow: 2, medium: 4, fast: 8 }
    const build = {
      blades: [{ shape: 'willow', position: 'single' }],
      trailer: { style: 'paddle_tail' },
      measures: { blades: [{ turns_per_s: pace }], trailer_beats_per_s: pace },
    } as unknown as Build
    const motion = {
      angles_deg: ANGLES,
      tilt_deg: 30,
      parts: [{ id: 'blade', turns: [{ person: TURN }], means: { person: ['#707070'] } }],
    } as unknown as Motion
    const given = { build, motion, shown: 'person', at: 0, pace: 'medium', playedAtOnce: 1, glow: 0.2 } as const
    const slow = moving({ ...given, speed: 'slow' }, ['blade'])
    expect(slow.blades[0]).toMatchObject({ turnsPerSecond: 1, isTooFast: false, mean: '#707070' })
    expect(slow.trailer).toEqual({ style: 'paddle_tail', beatsPerSecond: 1 })
    expect(moving({ ...given, speed: 'real' }, ['blade']).trailer?.beatsPerSecond).toBe(4)
  })
})

const seen = (id: string, place: string, bass: number, person: number) => ({
  id,
  place,
  layer: 0,
  visible_bass: [0, 1, 2, 3, 4, 5, 6, 7].map((step) => step <= bass),
  visible_person: [0, 1, 2, 3, 4, 5, 6, 7].map((step) => step <= person),
})
const SCENE = {
  distances_in: [0, 2, 4, 6, 8, 10, 12, 14],
  parts: [seen('skirt', 'skirt', 6, 3), seen('head', 'head', 4, 2), seen('steel', 'steel', 7, 7)],
} as unknown as Scene

describe('where a lure is gone', () => {
  test('is past the last of its parts that an eye sees, hook and wire apart', () => {
    expect(edgeOf(SCENE, 'bass')).toBe(6)
    expect(goneAt(SCENE, 'bass')).toBe(14)
    expect(goneAt(SCENE, 'person')).toBe(8)
  })

  test('is farther where a blade flashes', () => {
    const motion = { parts: [seen('blade', 'rear_blade', 7, 5)] } as unknown as Motion
    expect(goneAt(SCENE, 'person', motion)).toBe(12)
    expect(goneAt(SCENE, 'bass', motion)).toBeNull()
  })

  test('is looked at from half as far as a bass sees its skirt, or half of it where it has none', () => {
    expect(atHalf(SCENE)).toBe(3)
    const bare = {
      ...SCENE,
      parts: [seen('head', 'head', 2, 2), seen('a', 'trailer', 4, 2), seen('b', 'trailer', 7, 2)],
    }
    expect(atHalf(bare as unknown as Scene)).toBe(2)
    expect(atHalf(undefined)).toBe(1)
  })
})

describe('what a flash is in words', () => {
  const build = {
    blades: [{ shape: 'colorado', position: 'single' }],
    measures: { blades: [{ turns_per_s: { slow: 2.7, medium: 5.4, fast: 11 } }] },
  } as unknown as Build
  const scene = (flash: object | null) =>
    ({ parts: [{ ...seen('blade', 'rear_blade', 3, 3), flash }] }) as unknown as Scene

  test('times the light of the water, how long, and what it comes to', () => {
    expect(flashWords(build, scene({ peak: 7.27, mean: 1.35, share: 0.168 }), 'medium')).toEqual([
      'The blade turns 5 times a second: a flash 8.3 times as bright as the water, a sixth of the time; on average 2.4 times.',
    ])
  })

  test('none where there is no sun, and none of what does not shine', () => {
    expect(flashWords(build, scene({ peak: 0.4, mean: 0.4, share: 1 }), 'slow')).toEqual([
      'The blade turns 3 times a second: no flash under this sky, 1.4 times as bright as the water all around.',
    ])
    expect(flashWords(build, scene(null), 'slow')).toEqual(['The blade turns 3 times a second.'])
  })
})

describe('the time of day that two builds hang in', () => {
  const reading = (sky: string, sun_elevation_deg: number | null) =>
    ({ sky, sun_elevation_deg }) as unknown as Parameters<typeof hourOf>[0]

  test('is the one nearest to a reading’s light, and each sets what it says', () => {
    expect(HOURS[hourOf(reading('night', null))]?.says).toBe('night')
    expect(HOURS[hourOf(reading('low_sun', 5))]?.says).toBe('sunup')
    expect(HOURS[hourOf(reading('overcast', 28))]?.says).toBe('morning')
    expect(HOURS[hourOf(reading('sun', null))]?.says).toBe('late morning')
    for (const hour of HOURS) {
      const light = hour.light(reading('overcast', null))
      expect(HOURS[hourOf(reading(light.sky, light.sun_elevation_deg ?? null))]).toBe(hour)
    }
  })

  test('keeps the clouds of a day and takes away the night', () => {
    expect(HOURS[3]?.light(reading('overcast', null)).sky).toBe('overcast')
    expect(HOURS[3]?.light(reading('night', null)).sky).toBe('sun')
  })
})

test('how far away is said in feet and inches, or in centimeters', () => {
  expect([4.2, 11, 11.8, 13, 26.4, 96].map((inches) => away(inches, false))).toEqual([
    '4.2 in',
    '11 in',
    '1 ft',
    '1 ft 1 in',
    '2 ft 2 in',
    '8 ft',
  ])
  expect(away(26.4, true)).toBe('67 cm')
})
