import type { Motion } from '../api/client'
import type { Pace, TrailerStyle } from '../words/vocabulary'
import type { Build, Shown } from './paint'
import { BANDS } from './strands'

/**
 * A drawn lure in motion, by the browser's own animations: its blades turn and flash, the plate of a bladed jig swings, strands breathe, a
 * trailer kicks as its style does. Angles and colors are the core's; what is chosen here is how a drawing shows them.
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

export interface Player {
  pause(): void
  resume(): void
  /** To so many milliseconds from the beginning. */
  seek(time: number): void
  stop(): void
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
/** A skirt opens and closes so often a second, its outer strands so far, in degrees. (Chosen.) */
const BREATH = { perSecond: 1.2, reach: 3.2 }

/** Turns a second to be shown of blades that really turn so fast, when so many are played at once. */
export function shownTurns(real: number, playedAtOnce: number): number {
  return Math.min(real / SLOWER, MOST_FLASHES / 2 / Math.max(1, playedAtOnce))
}

/** How much of a blade's width is seen at an angle from its flash. */
export const widthAt = (degrees: number, tilt: number) =>
  Math.max(THINNEST, Math.abs(Math.cos(((degrees + tilt) * Math.PI) / 180)))

/** How near a color is to the flash, 1 at it and 0 where the blade is dull. */
export function nearFlash(colours: readonly string[], i: number): number {
  const at = (hex: string | undefined) =>
    [1, 3, 5].map((from) => parseInt((hex ?? '#000000').slice(from, from + 2), 16))
  const apart = (one: number[], other: number[]) => Math.hypot(...one.map((channel, k) => channel - (other[k] ?? 0)))
  const dull = at(colours.at(-1))
  const whole = apart(at(colours[0]), dull)
  return whole < 1 ? 0 : Math.min(1, apart(at(colours[i]), dull) / whole)
}

interface Step {
  degrees: number
  offset: number
}

/** A whole turn through the angles of a quarter: there and back, twice. */
function turnSteps(angles: readonly number[]): Step[] {
  const quarter = angles.map((degrees) => degrees)
  const half = [
    ...quarter,
    ...quarter
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

/** A blade that turns too fast to be seen: its mean width in its mean light, which no flash can be made out in. */
function blurred(blade: Element, mean: string | null): Animation[] {
  const held = (what: string, frame: Keyframe) =>
    [...blade.querySelectorAll(`[data-moves="${what}"]`)].map((element) =>
      element.animate([frame, frame], { duration: 1000, iterations: Infinity }),
    )
  return [
    ...held('turn', { transform: `scale(1, ${MEAN_WIDTH})` }),
    ...(mean ? held('flash', { fill: mean, fillOpacity: '0.85' }) : []),
  ]
}

function moveBlade(blade: Element, moving: Moving, index: number): Animation[] {
  const shown = moving.blades[index]
  if (!shown || shown.turnsPerSecond <= 0) return []
  if (shown.isTooFast) return blurred(blade, shown.mean)
  const steps = shown.isPlate ? swingSteps() : turnSteps(moving.angles)
  const timing = { duration: 1000 / shown.turnsPerSecond, iterations: Infinity }
  const lit = (degrees: number) => {
    const i = nearest(moving.angles, degrees)
    return { colour: shown.colours?.[i] ?? 'none', near: shown.colours ? nearFlash(shown.colours, i) : 0 }
  }
  const animated = (what: string, frame: (step: Step) => Keyframe) =>
    [...blade.querySelectorAll(`[data-moves="${what}"]`)].map((element) =>
      element.animate(
        steps.map((step) => ({ ...frame(step), offset: step.offset })),
        timing,
      ),
    )
  return [
    ...animated('turn', ({ degrees }) => ({ transform: `scale(1, ${widthAt(degrees, moving.tilt)})` })),
    ...animated('flash', ({ degrees }) => {
      const { colour, near } = lit(degrees)
      return { fill: colour, fillOpacity: String(Math.sqrt(near)) }
    }),
    ...animated('glow', ({ degrees }) => ({ opacity: String(moving.glow * lit(degrees).near) })),
  ]
}

function moveStrands(band: SVGElement, faster: number): Animation {
  const k = Number(band.dataset.band ?? 0)
  const out = (2 * k) / (BANDS - 1) - 1
  const duration = 1000 / (BREATH.perSecond * faster)
  const frame = (share: number) => ({
    transform: `rotate(${BREATH.reach * out * share}deg) scale(1, ${1 + 0.05 * share})`,
    easing: 'ease-in-out',
  })
  return band.animate([frame(-1), frame(1), frame(-1)], {
    duration,
    iterations: Infinity,
    // A wave runs through it: no two neighbors are at the same point.
    delay: (-duration * ((k * 3) % BANDS)) / (2 * BANDS),
  })
}

function moveLimb(limb: SVGElement, { style, beatsPerSecond }: NonNullable<Moving['trailer']>): Animation {
  const i = Number(limb.dataset.limb ?? 0)
  const kick = KICKS[style]
  // Claws and twin tails open and close together, one up and one down; legs follow in small.
  const reach = kick.reach * (i % 2 === 0 ? 1 : -1) * (i > 1 ? 0.35 : 1)
  limb.style.transformOrigin = `${limb.dataset.joint ?? 0}px 0px`
  const frame = (share: number) => ({ transform: `rotate(${reach * share}deg)`, easing: 'ease-in-out' })
  return limb.animate([frame(-1), frame(1), frame(-1)], {
    duration: 1000 / (beatsPerSecond * kick.times),
    iterations: Infinity,
  })
}

/** Sets a drawing in motion; it stands still where it cannot be seen. */
export function play(drawing: SVGSVGElement, moving: Moving): Player {
  const all = (selector: string) => [...drawing.querySelectorAll<SVGElement>(selector)]
  const { trailer } = moving
  const animations = [
    ...all('[data-blade]').flatMap((blade) => moveBlade(blade, moving, Number(blade.dataset.blade))),
    ...all('[data-moves="strands"]').map((band) => moveStrands(band, moving.faster)),
    ...(trailer ? all('[data-moves="limb"]').map((limb) => moveLimb(limb, trailer)) : []),
  ]
  let isWanted = true
  let isSeen = true
  const follow = () => {
    const runs = isWanted && isSeen && !document.hidden
    for (const animation of animations)
      if (runs) animation.play()
      else animation.pause()
  }
  const seen = new IntersectionObserver(([entry]) => {
    isSeen = entry?.isIntersecting ?? true
    follow()
  })
  seen.observe(drawing)
  document.addEventListener('visibilitychange', follow)
  return {
    pause() {
      isWanted = false
      follow()
    },
    resume() {
      isWanted = true
      follow()
    },
    seek(time) {
      for (const animation of animations) animation.currentTime = time
    },
    stop() {
      seen.disconnect()
      document.removeEventListener('visibilitychange', follow)
      for (const animation of animations) animation.cancel()
    },
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
