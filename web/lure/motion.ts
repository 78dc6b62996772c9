import type { Motion, Build } from '../words/documents'
import type { Pace, TrailerStyle } from '../words/vocabulary'
import { channels, type Shown } from './paint'
import { BANDS } from './strands'

/**
 * How a drawn lure moves: its blades turn and flash, the plate of a bladed jig swings, strands breathe, a trailer kicks as its style does.
 * Rates, angles and colors are the core's; what is chosen here is how a drawing shows them.
 */
export interface Moving {
  /** The turns a second shown, and the colors of each blade at this distance; null where one has no light of its own. */
  blades: readonly {
    turnsPerSecond: number
    isPlate: boolean
    /** At its real speed an eye sees its mean. */
    isTooFast: boolean
    colours: readonly string[] | null
    mean: string | null
  }[]
  angles: readonly number[]
  tilt: number
  trailer: { style: TrailerStyle; beatsPerSecond: number } | null
  /** Of a flash, how much is a glow about it. */
  glow: number
  /** So many times as fast as a quarter of the real speed. */
  faster: number
}

/** No more than three flashes a second, on all that is played together: WCAG 2.3.1. A blade flashes twice a turn. */
const MOST_FLASHES = 3
export const SLOWER = 4
/** Of what a blade's width seems, so that it is never a line. */
const THINNEST = 0.06
/** A plate swings so far to each side of where it hangs, degrees from its flash. (Chosen.) */
const SWING = { about: 22, reach: 34 }
/** How far limbs swing about their joint, in degrees, and how many times as fast as a beat. (Chosen.) */
const KICKS: Record<TrailerStyle, { reach: number; times: number }> = {
  craw: { reach: 9, times: 1 },
  chunk: { reach: 6, times: 1 },
  paddle_tail: { reach: 15, times: 1 },
  fork_tail: { reach: 4, times: 2 },
  twin_tail_grub: { reach: 8, times: 1 },
  single_tail_grub: { reach: 12, times: 1 },
  ringworm: { reach: 9, times: 1 },
}
/** A skirt opens and closes so often a second, its outer strands so far, in degrees, and grows so much higher. (Chosen.) */
const BREATH = { perSecond: 1.2, reach: 3.2, stretch: 0.05 }

/** Turns a second to be shown of blades that really turn so fast, when so many are played at once. */
export function shownTurns(real: number, playedAtOnce: number): number {
  return Math.min(real / SLOWER, MOST_FLASHES / 2 / Math.max(1, playedAtOnce))
}

/** How much of a blade's width is seen at an angle from its flash. */
export const widthAt = (degrees: number, tilt: number) =>
  Math.max(THINNEST, Math.abs(Math.cos(((degrees + tilt) * Math.PI) / 180)))

/** How near a color is to the flash, 1 at it and 0 where the blade is dull. */
export function nearFlash(colours: readonly string[], i: number): number {
  const at = (hex = '#000000') => channels(hex)
  const apart = (one: number[], other: number[]) => Math.hypot(...one.map((channel, k) => channel - (other[k] ?? 0)))
  const dull = at(colours.at(-1))
  const whole = apart(at(colours[0]), dull)
  return whole < 1 ? 0 : Math.min(1, apart(at(colours[i]), dull) / whole)
}

/** One moment of a movement: where in it, turned by how much about its joint, how much of its height or its light is left. */
export interface Frame {
  offset: number
  rotate?: number
  scaleY?: number
  opacity?: number
}

/** A movement that is repeated. */
export interface Movement {
  frames: readonly Frame[]
  /** Milliseconds. */
  duration: number
  delay?: number
  easing?: string
}

interface Step {
  degrees: number
  offset: number
}

/** A whole turn through the angles of a quarter: there and back, twice. */
function turnSteps(angles: readonly number[]): Step[] {
  const half = [
    ...angles,
    ...angles
      .toReversed()
      .slice(1)
      .map((degrees) => 180 - degrees),
  ]
  return [...half, ...half.slice(1).map((degrees) => 180 + degrees)].map((degrees) => ({
    degrees,
    offset: degrees / 360,
  }))
}

const SWING_STEPS = 24
function swingSteps(): Step[] {
  return Array.from({ length: SWING_STEPS + 1 }, (_, i) => ({
    degrees: SWING.about + SWING.reach * Math.sin((2 * Math.PI * i) / SWING_STEPS),
    offset: i / SWING_STEPS,
  }))
}

/** The place among the angles that is nearest to one of a whole turn. */
function nearest(angles: readonly number[], degrees: number): number {
  const folded = Math.abs(degrees) % 180
  const fromFlash = folded > 90 ? 180 - folded : folded
  return angles.reduce(
    (best, angle, i) => (Math.abs(angle - fromFlash) < Math.abs((angles[best] ?? 0) - fromFlash) ? i : best),
    0,
  )
}

/** The mean of |cos|: how wide a blade seems that turns too fast for the eye. */
const MEAN_WIDTH = 2 / Math.PI
/** A movement that is none, for what an eye cannot follow. */
const held = (frame: Omit<Frame, 'offset'>): Movement => ({
  frames: [
    { ...frame, offset: 0 },
    { ...frame, offset: 1 },
  ],
  duration: 1000,
})

/** A sheet of light over a blade: one color that comes and goes. */
export interface Sheet {
  colour: string
  movement: Movement
}

export interface BladeMovement {
  turn: Movement
  /** From below upward. */
  sheets: readonly Sheet[]
  glow: Sheet | null
}

/**
 * Of its twelve colors a blade shows the flash, the one at this place among them, its own, and mixtures of two that are neighbors: sheets
 * that only change how much of them is seen, which a browser does without drawing anything again.
 */
const HALFWAY = 5

/** How one blade moves; null for one that hangs still. */
export function bladeMovement(moving: Moving, index: number): BladeMovement | null {
  const shown = moving.blades[index]
  if (!shown || shown.turnsPerSecond <= 0) return null
  const { colours, mean } = shown
  if (shown.isTooFast) {
    const sheets = mean ? [{ colour: mean, movement: held({ opacity: 0.9 }) }] : []
    return { turn: held({ scaleY: MEAN_WIDTH }), sheets, glow: null }
  }
  const steps = shown.isPlate ? swingSteps() : turnSteps(moving.angles)
  const movement = (frame: (degrees: number) => Omit<Frame, 'offset'>): Movement => ({
    frames: steps.map(({ degrees, offset }) => ({ ...frame(degrees), offset })),
    duration: 1000 / shown.turnsPerSecond,
  })
  const turn = movement((degrees) => ({ scaleY: widthAt(degrees, moving.tilt) }))
  const [flash, half] = [colours?.[0], colours?.[HALFWAY]]
  if (!colours || !flash || !half || flash === colours.at(-1)) return { turn, sheets: [], glow: null }
  const near = (degrees: number) => nearFlash(colours, nearest(moving.angles, degrees))
  const atHalf = nearFlash(colours, HALFWAY)
  return {
    turn,
    sheets: [
      {
        colour: half,
        movement: movement((degrees) => ({ opacity: Math.min(1, near(degrees) / Math.max(atHalf, 0.01)) })),
      },
      {
        colour: flash,
        movement: movement((degrees) => ({
          opacity: Math.max(0, (near(degrees) - atHalf) / Math.max(1 - atHalf, 0.01)),
        })),
      },
    ],
    glow: { colour: flash, movement: movement((degrees) => ({ opacity: moving.glow * near(degrees) })) },
  }
}

const thereAndBack = (frame: (share: number) => Omit<Frame, 'offset'>): Frame[] => [
  { ...frame(-1), offset: 0 },
  { ...frame(1), offset: 0.5 },
  { ...frame(-1), offset: 1 },
]

/** How a band of strands moves, from the top of the skirt down. */
export function strandMovement(moving: Moving, band: number): Movement {
  const out = (2 * band) / (BANDS - 1) - 1
  const duration = 1000 / (BREATH.perSecond * moving.faster)
  return {
    frames: thereAndBack((share) => ({ rotate: BREATH.reach * out * share, scaleY: 1 + BREATH.stretch * share })),
    duration,
    // A wave runs through it: no two neighbors are at the same point.
    delay: (-duration * ((band * 3) % BANDS)) / (2 * BANDS),
    easing: 'ease-in-out',
  }
}

/** How a limb of the trailer moves: claws and twin tails open and close together, one up and one down; legs follow in small. */
export function limbMovement(moving: Moving, limb: number): Movement | null {
  const { trailer } = moving
  if (!trailer) return null
  const kick = KICKS[trailer.style]
  const reach = kick.reach * (limb % 2 === 0 ? 1 : -1) * (limb > 1 ? 0.35 : 1)
  return {
    frames: thereAndBack((share) => ({ rotate: reach * share })),
    duration: 1000 / (trailer.beatsPerSecond * kick.times),
    easing: 'ease-in-out',
  }
}

/** A quarter of how fast it really moves, or as fast. */
export type Speed = 'slow' | 'real'

interface Given {
  build: Build
  motion: Motion
  shown: Shown
  at: number
  pace: Pace
  speed: Speed
  playedAtOnce: number
  glow: number
}

/** What moves of a build at a distance, by the parts of the scene that its blades are. */
export function moving(given: Given, ids: readonly (string | null)[]): Moving {
  const { build, motion, shown, at, pace, speed, playedAtOnce } = given
  const faster = speed === 'real' ? SLOWER : 1
  const beats = build.measures.trailer_beats_per_s?.[pace]
  return {
    blades: build.blades.map((blade, i) => {
      const part = motion.parts.find((one) => one.id === ids[i])
      const real = build.measures.blades[i]?.turns_per_s[pace] ?? 0
      const isPlate = blade.shape === 'bladed_jig'
      return {
        turnsPerSecond: shownTurns(real, playedAtOnce),
        isPlate,
        isTooFast: speed === 'real',
        colours: part?.turns[at]?.[shown] ?? null,
        mean: part?.means[shown][at] ?? null,
      }
    }),
    angles: motion.angles_deg,
    tilt: motion.tilt_deg,
    trailer: build.trailer && beats ? { style: build.trailer.style, beatsPerSecond: (beats / SLOWER) * faster } : null,
    glow: given.glow,
    faster,
  }
}
