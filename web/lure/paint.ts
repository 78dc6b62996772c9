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
  /** What the eye no longer sees there; an outline is left of it. */
  gone: Partial<Record<PartPlace, boolean>>
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

/** The colors of what is not a blade, each from where it sits and the word it has. */
function coloured(build: Build, at: (place: PartPlace, layer: number, word: Colour) => string) {
  const { head, skirt, trailer } = build
  const all = (place: PartPlace, words: readonly Colour[]) => words.map((word, layer) => at(place, layer, word))
  return {
    head: at('head', 0, head.colour),
    headBelly: head.belly ? at('head_belly', 0, head.belly) : null,
    skirt: skirt ? all('skirt', [skirt.base, ...skirt.accents]) : [],
    skirtBelly: all('skirt_belly', skirt?.belly ?? []),
    trailer: trailer ? all('trailer', [trailer.base, ...trailer.accents]) : [],
    trailerBelly: all('trailer_belly', trailer?.belly ?? []),
  }
}

const IN_THE_HAND = { steel: STEEL_HEX, relief: 1, gone: {} }

/** As the parts look in the hand. */
export function inTheHand(build: Build): Paint {
  return {
    ...coloured(build, (_place, _layer, word) => COLOUR_HEX[word]),
    ...IN_THE_HAND,
    blades: build.blades.map((blade) => (blade.darkened ? DARKENED_HEX : FINISH_HEX[blade.finish])),
    shines: build.blades.map((blade) => isMetal(blade.finish) && !blade.darkened),
  }
}

/** As parts of any colour look in the hand. */
export function inTheirColours(build: Build, parts: readonly LookPart[]): Paint {
  const blades = build.blades.map((blade) => partAt(parts, bladePlace(blade.position)))
  return {
    ...coloured(build, (place, layer) => partAt(parts, place, layer)?.hex ?? UNKNOWN),
    ...IN_THE_HAND,
    blades: blades.map((blade) => (blade?.metal ? FINISH_HEX[blade.metal] : (blade?.hex ?? UNKNOWN))),
    shines: blades.map((blade) => blade?.kind === 'metal'),
  }
}

export type Eye = 'person' | 'bass'

/** What an eye cannot tell apart at one of the distances of a scene: parts from the water, and pairs of parts from each other. */
export interface Confused {
  lost: Scene['parts']
  pairs: { a: Scene['parts'][number]; b: Scene['parts'][number] }[]
}

export function confused(scene: Scene, at: number, eye: Eye): Confused {
  const separate = `separate_${eye}` as const
  const lost = scene.parts.filter((part) => part.place !== 'steel' && !part[`visible_${eye}`][at])
  const part = (id: string) => scene.parts.find((one) => one.id === id)
  const pairs = scene.pairs.flatMap((pair) => {
    const [a, b] = [part(pair.a), part(pair.b)]
    return a && b && !pair[separate][at] && !(lost.includes(a) && lost.includes(b)) ? [{ a, b }] : []
  })
  return { lost, pairs }
}

/** Which colors of a scene show what an eye takes, or a camera instead of a person. */
const shownTo = (eye: Eye, isCamera: boolean) => (eye === 'bass' ? 'bass_exposed' : isCamera ? 'camera' : 'person')

/** The water behind, as an eye takes it. */
export function waterOf(scene: Scene, eye: Eye, isCamera = false): string {
  return scene[`water_${shownTo(eye, isCamera)}` as const]
}

/** A place is gone where every part that sits there is. */
export function gonePlaces(scene: Scene, { lost }: Confused): Paint['gone'] {
  const gone: Paint['gone'] = {}
  for (const { place } of scene.parts) {
    if (place) gone[place] = scene.parts.every((part) => part.place !== place || lost.includes(part))
  }
  return gone
}

/** As the model says the parts look at one of the distances of a scene, to a person or, approximately, to a bass. */
export function inTheWater(build: Build, scene: Scene, at: number, eye: Eye, isCamera = false): Paint {
  const water = waterOf(scene, eye, isCamera)
  const shown = shownTo(eye, isCamera)
  const colour = (place: PartPlace, layer = 0) => partAt(scene.parts, place, layer)?.[shown][at] ?? water
  return {
    ...coloured(build, colour),
    blades: build.blades.map((blade) => colour(bladePlace(blade.position))),
    shines: build.blades.map(() => false),
    steel: colour('steel'),
    relief: scene.left[at] ?? 0,
    gone: gonePlaces(scene, confused(scene, at, eye)),
  }
}

/** The amounts of red, green and blue in a color, 0 to 255. */
function channels(hex: string): [number, number, number] {
  const channel = (i: number) => parseInt(hex.slice(i, i + 2), 16)
  return [channel(1), channel(3), channel(5)]
}

/** Black or white, whichever shows on a color: by its luma, Rec. ITU-R BT.709. */
export function linesOn(hex: string): string {
  const [red, green, blue] = channels(hex)
  return 0.2126 * red + 0.7152 * green + 0.0722 * blue > 110 ? '#000000' : '#ffffff'
}

/** A colour made lighter (towards white) or darker (towards black) by a share from -1 to 1. */
export function shade(hex: string, by: number): string {
  const target = by > 0 ? 255 : 0
  const mixed = channels(hex).map((channel) =>
    Math.round(channel + (target - channel) * Math.abs(by))
      .toString(16)
      .padStart(2, '0'),
  )
  return `#${mixed.join('')}`
}
