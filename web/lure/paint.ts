import type { Advice, LookPart, Palette, Scene } from '../api/client'

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
  /** Hooks, wire and the like. */
  steel: string
  /** How much of light, shade and outline shows: 1 in the hand, 0 where the water has taken every detail. */
  relief: number
}

const METALS = ['silver', 'gold', 'copper']

/** As the parts look in the hand. */
export function inTheHand(build: Build, palette: Palette): Paint {
  const colour = (word: string) => palette.colours[word] ?? '#808080'
  return {
    head: colour(build.head.colour),
    blades: build.blades.map((blade) => (blade.darkened ? '#6b5c35' : (palette.finishes[blade.finish] ?? '#808080'))),
    shines: build.blades.map((blade) => METALS.includes(blade.finish) && !blade.darkened),
    skirt: build.skirt ? [build.skirt.base, ...build.skirt.accents].map(colour) : [],
    trailer: build.trailer ? [build.trailer.base, ...build.trailer.accents].map(colour) : [],
    steel: '#8a8d90',
    relief: 1,
  }
}

/** As parts of any colour look in the hand. */
export function inTheirColours(build: Build, parts: readonly LookPart[], palette: Palette): Paint {
  const part = (id: string) => parts.find((other) => other.id === id)
  const colour = (id: string) => part(id)?.hex ?? '#808080'
  const blades = build.blades.map((blade) => part(blade.position === 'front' ? 'blade.front' : 'blade.rear'))
  return {
    head: colour('head'),
    blades: blades.map((blade) =>
      blade?.metal ? (palette.finishes[blade.metal] ?? '#808080') : (blade?.hex ?? '#808080'),
    ),
    shines: blades.map((blade) => blade?.kind === 'metal'),
    skirt: build.skirt ? [build.skirt.base, ...build.skirt.accents].map((_, i) => colour(`skirt.${i}`)) : [],
    trailer: build.trailer ? [build.trailer.base, ...build.trailer.accents].map((_, i) => colour(`trailer.${i}`)) : [],
    steel: '#8a8d90',
    relief: 1,
  }
}

/** As the model says the parts look at one of the distances of a scene, to a person or, approximately, to a bass. */
export function inTheWater(build: Build, scene: Scene, at: number, eye: 'person' | 'bass'): Paint {
  const water = eye === 'person' ? scene.water_person : scene.water_bass
  const colour = (id: string) => scene.parts.find((part) => part.id === id)?.[eye][at] ?? water
  return {
    head: colour('head'),
    blades: build.blades.map((blade) => colour(blade.position === 'front' ? 'blade.front' : 'blade.rear')),
    shines: build.blades.map(() => false),
    skirt: build.skirt ? [build.skirt.base, ...build.skirt.accents].map((_, i) => colour(`skirt.${i}`)) : [],
    trailer: build.trailer ? [build.trailer.base, ...build.trailer.accents].map((_, i) => colour(`trailer.${i}`)) : [],
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
