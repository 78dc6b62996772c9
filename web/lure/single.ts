import type { InventoryPart, Build } from '../words/documents'
import { hexOf } from '../words/part'
import { DARKENED_HEX, FINISH_HEX, OPACITIES, STEEL_HEX } from '../words/vocabulary'
import { BLADE_IN, FLARE_IN, HEAD_ASPECT, HEAD_OF_OUNCE_IN, HOOK_IN, LONG_TAIL_IN } from '../words/dimensions'
import type { PartKey } from './layout'
import { modeled, type Paint } from './paint'

/** A part of the box as a drawing takes it: alone, in the hand. */
export interface Single {
  build: Build
  paint: Paint
  of: PartKey
  /** How long it is drawn, inches: those of a shelf share a scale. */
  long: number
}

/** What a skirt and a head are drawn at where nothing says which hook they are for. */
const USUAL_HOOK = '4/0'
const USUAL_OUNCES = 0.375

/** What a kind of part is in a drawing of a lure; nothing where it is not drawn. */
export const PART_OF_KIND: Partial<Record<InventoryPart['kind'], PartKey>> = {
  head: 'head',
  blade: 'blades',
  skirt: 'skirt',
  trailer: 'trailer',
  hook: 'trailer_hook',
}

/** A part owned, drawn by itself; null where there is no drawing of its kind. */
export function single(part: InventoryPart): Single | null {
  const of = PART_OF_KIND[part.kind]
  if (!of) return null
  const [shank, gap] = HOOK_IN[part.hook ?? USUAL_HOOK] ?? [1.27, 0.59]
  const head = (HEAD_OF_OUNCE_IN[part.metal_of_head ?? 'lead'] ?? 1) * Math.cbrt(part.weight_oz ?? USUAL_OUNCES)
  const [length, width] = BLADE_IN[part.shape ?? 'willow']?.[part.number ?? 4] ?? [1, 0.5]
  const skirt = part.trim === 'long_tail' ? LONG_TAIL_IN : shank + FLARE_IN
  const trailer = part.length_in ?? 3
  const colours = [part.colour ?? 'black', ...(part.accents ?? [])].map((one) => modeled(hexOf(one)))
  const belly = (part.belly ?? []).map((one) => modeled(hexOf(one)))
  const opacity = (part.opacity ?? OPACITIES.opaque) < OPACITIES.leastOpaque ? 'translucent' : 'opaque'
  const [base = modeled('#808080')] = colours
  const build = {
    lure: part.lures?.[0] ?? 'jig',
    head: { form: part.form ?? 'ball', eye: part.eye ?? false },
    blades: [
      { position: 'single', shape: part.shape ?? 'willow', size: part.number ?? 4, finish: 'silver', darkened: false },
    ],
    skirt: {
      material: part.strands ?? 'silicone',
      strands: part.strand_pattern ?? 'solid',
      opacity,
      accents: part.accents ?? [],
      accent_share: part.accent_share ?? null,
      belly: part.belly ?? [],
      layout: part.layout ?? 'mixed',
    },
    trailer: { style: part.style ?? 'craw', surface: part.surface ?? 'matte', opacity, rig: 'upright' },
    trailer_hook: null,
    measures: {
      head_length_in: head,
      head_height_in: head / HEAD_ASPECT,
      hook_shank_in: shank,
      hook_gap_in: gap,
      blades: [{ length_in: length, width_in: width }],
      wire_to_head_in: null,
      wire_to_blade_in: null,
      skirt_in: skirt,
      trailer_in: trailer,
      trailer_hook_in: shank,
    },
  } as unknown as Build
  const metal = part.metal ? (part.darkened ? DARKENED_HEX : FINISH_HEX[part.metal]) : null
  return {
    of,
    build,
    long: { head: head + shank, blades: length, skirt, trailer, trailer_hook: shank }[of],
    paint: {
      head: base,
      headBelly: belly[0] ?? null,
      blades: [metal ? modeled(metal) : base],
      shines: [metal !== null && part.darkened !== true],
      skirt: colours,
      skirtBelly: belly,
      trailer: colours,
      trailerBelly: belly,
      steel: modeled(STEEL_HEX),
      eye: { ring: '#f2f2ee', pupil: '#141414' },
      gone: {},
    },
  }
}
