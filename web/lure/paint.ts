import type { LookPart, Motion, Scene } from '../words/documents'
import type { Build } from '../words/documents'
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

/** A part's color where light falls on it, as it is, where it is in shade, and its outline ("#rrggbb"). */
export interface Tone {
  light: string
  mid: string
  dark: string
  line: string
  /** The same on a screen of a wide gamut, channels of Display P3, where sRGB has not the color. */
  wide?: { light: string; mid: string; dark: string }
}

/** The tones a lure is painted with, part by part. */
export interface Paint {
  head: Tone
  blades: Tone[]
  /** Metal shines, paint does not. */
  shines: boolean[]
  skirt: Tone[]
  trailer: Tone[]
  /** Null where the head is one color. */
  headBelly: Tone | null
  /** Under the back of a split skirt or trailer; empty where it is not split. */
  skirtBelly: Tone[]
  trailerBelly: Tone[]
  /** Hooks, wire and the like. */
  steel: Tone
  /** A head's eye, where it has one. */
  eye: { ring: string; pupil: string }
  /** What the eye no longer sees there: it is not drawn. */
  gone: Partial<Record<PartPlace, boolean>>
}

const UNKNOWN = '#808080'

/** Whether this screen has more colors than sRGB. */
const HAS_WIDE = typeof matchMedia === 'function' && matchMedia('(color-gamut: p3)').matches

/** A color as light and shade model it in the hand. */
export const modeled = (hex: string): Tone => ({
  light: shade(hex, 0.26),
  mid: hex,
  dark: shade(hex, -0.34),
  line: shade(hex, -0.55),
})

/** One color and no light and shade: the water's, for what a scene does not know. */
const FLAT = (hex: string): Tone => ({ light: hex, mid: hex, dark: hex, line: hex })

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

/** What a blade is among the parts of a scene. */
export function bladePart(scene: Scene, blade: Build['blades'][number]): Scene['parts'][number] | undefined {
  return partAt(scene.parts, bladePlace(blade.position))
}

/** The colors of what is not a blade, each from where it sits and the word it has. */
function coloured(build: Build, at: (place: PartPlace, layer: number, word: Colour) => Tone) {
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

const IN_THE_HAND = { steel: modeled(STEEL_HEX), eye: { ring: '#f2f2ee', pupil: '#141414' }, gone: {} }

/** As the parts look in the hand. */
export function inTheHand(build: Build): Paint {
  return {
    ...coloured(build, (_place, _layer, word) => modeled(COLOUR_HEX[word])),
    ...IN_THE_HAND,
    blades: build.blades.map((blade) => modeled(blade.darkened ? DARKENED_HEX : FINISH_HEX[blade.finish])),
    shines: build.blades.map((blade) => isMetal(blade.finish) && !blade.darkened),
  }
}

/** As parts of any colour look in the hand. */
export function inTheirColours(build: Build, parts: readonly LookPart[]): Paint {
  const blades = build.blades.map((blade) => partAt(parts, bladePlace(blade.position)))
  return {
    ...coloured(build, (place, layer) => modeled(partAt(parts, place, layer)?.hex ?? UNKNOWN)),
    ...IN_THE_HAND,
    blades: blades.map((blade) => modeled(blade?.metal ? FINISH_HEX[blade.metal] : (blade?.hex ?? UNKNOWN))),
    shines: blades.map((blade) => blade?.kind === 'metal'),
  }
}

/** Who looks at a lure in the water. */
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

/** Whose colors of a scene are shown: a person's, a camera's in place of them, or a bass's. */
export type Shown = 'person' | 'camera' | 'bass'
export const shownTo = (eye: Eye, isCamera: boolean): Shown =>
  eye === 'bass' ? 'bass' : isCamera ? 'camera' : 'person'

/** The water behind, level with the lure. */
export function waterOf(scene: Scene, shown: Shown): string {
  return shown === 'bass' ? scene.water_bass_exposed : scene[`water_${shown}`]
}

/** A place is gone where an eye sees nothing of what sits there, nor its flash where it turns. */
export function gonePlaces(scene: Scene, at: number, eye: Eye, motion?: Motion): Paint['gone'] {
  const visible = `visible_${eye}` as const
  const flashes = (id: string) => motion?.parts.find((part) => part.id === id)?.[visible][at] === true
  const gone: Paint['gone'] = {}
  for (const { place } of scene.parts) {
    if (place) {
      gone[place] = scene.parts.every((part) => part.place !== place || !(part[visible][at] || flashes(part.id)))
    }
  }
  return gone
}

/** As the model says the parts look at one of the distances of a scene. */
export function inTheWater(build: Build, scene: Scene, at: number, eye: Eye, isCamera = false, motion?: Motion): Paint {
  const shown = shownTo(eye, isCamera)
  const water = FLAT(waterOf(scene, shown))
  const tone = (place: PartPlace, layer = 0): Tone => {
    const tones = partAt(scene.parts, place, layer)?.tones ?? []
    const [light, mid, dark] = tones.map((one) => one[shown][at])
    if (!light || !mid || !dark) return water
    const wide = HAS_WIDE && shown === 'person' ? tones.map((one) => one.person_wide?.[at] ?? null) : []
    // All three or none: what only one of them exceeds is near enough in sRGB.
    const [a, b, c] = wide
    return { light, mid, dark, line: dark, ...(a && b && c ? { wide: { light: a, mid: b, dark: c } } : {}) }
  }
  const gone = gonePlaces(scene, at, eye, motion)
  return {
    ...coloured(build, tone),
    blades: build.blades.map((blade) => tone(bladePlace(blade.position))),
    shines: build.blades.map(() => false),
    // Hook and wire lie within the other parts, which are hidden by their places.
    steel: gone.steel ? FLAT('none') : tone('steel'),
    eye: { ring: tone('head').light, pupil: tone('head').dark },
    gone,
  }
}

/** The amounts of red, green and blue in a color, 0 to 255. */
export function channels(hex: string): [number, number, number] {
  const channel = (i: number) => parseInt(hex.slice(i, i + 2), 16)
  return [channel(1), channel(3), channel(5)]
}

/** Black or white, whichever shows on a color: by its luma, Rec. ITU-R BT.709. */
export function linesOn(hex: string): string {
  const [red, green, blue] = channels(hex)
  return 0.2126 * red + 0.7152 * green + 0.0722 * blue > 110 ? '#000000' : '#ffffff'
}

/** Between two colors, 0 the first and 1 the second. */
export function mixed(one: string, other: string, share: number): string {
  const to = channels(other)
  const between = channels(one).map((channel, i) =>
    Math.round(channel + ((to[i] ?? 0) - channel) * share)
      .toString(16)
      .padStart(2, '0'),
  )
  return `#${between.join('')}`
}

/** A colour made lighter (towards white) or darker (towards black) by a share from -1 to 1. */
export function shade(hex: string, by: number): string {
  return mixed(hex, by > 0 ? '#ffffff' : '#000000', Math.abs(by))
}

/** A part's color at a height of it, 0 the top and 1 the bottom. */
export function atHeight({ light, mid, dark, wide }: Tone, height: number): string {
  const between = (one: Pick<Tone, 'light' | 'mid' | 'dark'>) =>
    height < 0.5 ? mixed(one.light, one.mid, 2 * height) : mixed(one.mid, one.dark, 2 * height - 1)
  return wide ? inP3(between(wide)) : between({ light, mid, dark })
}

/** Channels of Display P3 as a style names them. */
export function inP3(hex: string): string {
  return `color(display-p3 ${channels(hex)
    .map((channel) => (channel / 255).toFixed(4))
    .join(' ')})`
}
