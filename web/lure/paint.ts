import type { Advice, LookPart, Scene } from '../api/client'
import {
  COLOUR_HEX,
  DARKENED_HEX,
  FINISH_HEX,
  METALS,
  STEEL_HEX,
  type Colour,
  type Finish,
  type PartPlace,
} from '../words/vocabulary'

/** What the drawing needs of a build, whoever put it together. */
export type Build = Pick<Advice, 'lure' | 'head' | 'blades' | 'skirt' | 'trailer' | 'trailer_hook' | 'measures'>

/** The colours a lure is painted with, part by part ("#rrggbb"). */
export interface Paint {
  head: string
  blades: string[]
  /** Metal shines, paint does not. */
  shines: boolean[]
  skirt: string[]
  trailer: string[]
  /** Null where the head is one color. */
  headBelly: string | null
  /** Under the back of a split skirt or trailer; empty where it is not split. */
  skirtBelly: string[]
  trailerBelly: string[]
  /** Hooks, wire and the like. */
  steel: string
  /** How much of light, shade and outline shows: 1 in the hand, 0 where the water has taken every detail. */
  relief: number
}

const UNKNOWN = '#808080'

/** Whether a finish is bare metal. */
const isMetal = (finish: Finish) => (METALS as readonly string[]).includes(finish)

/** The part that sits somewhere on the lure, 0 for its base color and 1 and on for accents. */
export function partAt<T extends { place?: PartPlace | null; layer?: number }>(
  parts: readonly T[],
  place: PartPlace,
  layer = 0,
): T | undefined {
  return parts.find((part) => part.place === place && (part.layer ?? 0) === layer)
}

const bladePlace = (position: Build['blades'][number]['position']): PartPlace =>
  position === 'front' ? 'front_blade' : 'rear_blade'

/** As the parts look in the hand. */
export function inTheHand(build: Build): Paint {
  const colour = (word: Colour) => COLOUR_HEX[word]
  return {
    head: colour(build.head.colour),
    blades: build.blades.map((blade) => (blade.darkened ? DARKENED_HEX : FINISH_HEX[blade.finish])),
    shines: build.blades.map((blade) => isMetal(blade.finish) && !blade.darkened),
    skirt: build.skirt ? [build.skirt.base, ...build.skirt.accents].map(colour) : [],
    trailer: build.trailer ? [build.trailer.base, ...build.trailer.accents].map(colour) : [],
    headBelly: build.head.belly ? colour(build.head.belly) : null,
    skirtBelly: (build.skirt?.belly ?? []).map(colour),
    trailerBelly: (build.trailer?.belly ?? []).map(colour),
    steel: STEEL_HEX,
    relief: 1,
  }
}

/** As parts of any colour look in the hand. */
export function inTheirColours(build: Build, parts: readonly LookPart[]): Paint {
  const colour = (place: PartPlace, layer = 0) => partAt(parts, place, layer)?.hex ?? UNKNOWN
  const blades = build.blades.map((blade) => partAt(parts, bladePlace(blade.position)))
  return {
    head: colour('head'),
    blades: blades.map((blade) => (blade?.metal ? FINISH_HEX[blade.metal] : (blade?.hex ?? UNKNOWN))),
    shines: blades.map((blade) => blade?.kind === 'metal'),
    skirt: build.skirt ? [build.skirt.base, ...build.skirt.accents].map((_, i) => colour('skirt', i)) : [],
    trailer: build.trailer ? [build.trailer.base, ...build.trailer.accents].map((_, i) => colour('trailer', i)) : [],
    headBelly: build.head.belly ? colour('head_belly') : null,
    skirtBelly: (build.skirt?.belly ?? []).map((_, i) => colour('skirt_belly', i)),
    trailerBelly: (build.trailer?.belly ?? []).map((_, i) => colour('trailer_belly', i)),
    steel: STEEL_HEX,
    relief: 1,
  }
}

/** As the model says the parts look at one of the distances of a scene, to a person or, approximately, to a bass. */
export function inTheWater(build: Build, scene: Scene, at: number, eye: 'person' | 'bass'): Paint {
  const water = eye === 'person' ? scene.water_person : scene.water_bass
  const colour = (place: PartPlace, layer = 0) => partAt(scene.parts, place, layer)?.[eye][at] ?? water
  return {
    head: colour('head'),
    blades: build.blades.map((blade) => colour(bladePlace(blade.position))),
    shines: build.blades.map(() => false),
    skirt: build.skirt ? [build.skirt.base, ...build.skirt.accents].map((_, i) => colour('skirt', i)) : [],
    trailer: build.trailer ? [build.trailer.base, ...build.trailer.accents].map((_, i) => colour('trailer', i)) : [],
    headBelly: build.head.belly ? colour('head_belly') : null,
    skirtBelly: (build.skirt?.belly ?? []).map((_, i) => colour('skirt_belly', i)),
    trailerBelly: (build.trailer?.belly ?? []).map((_, i) => colour('trailer_belly', i)),
    steel: colour('steel'),
    relief: scene.left[at] ?? 0,
  }
}

/** A colour made lighter (towards white) or darker (towards black) by a share from -1 to 1. */
export function shade(hex: string, by: number): string {
  const target = by > 0 ? 255 : 0
  const mixed = [1, 3, 5].map((i) => {
    const channel = parseInt(hex.slice(i, i + 2), 16)
    return Math.round(channel + (target - channel) * Math.abs(by))
      .toString(16)
      .padStart(2, '0')
  })
  return `#${mixed.join('')}`
}
