import type { PartPlace } from '../words/vocabulary'

const NAMES: Record<PartPlace, string> = {
  steel: 'hook and wire',
  head: 'head',
  front_blade: 'front blade',
  rear_blade: 'blade',
  skirt: 'skirt',
  trailer: 'trailer',
  head_belly: 'head belly',
  skirt_belly: 'skirt belly',
  trailer_belly: 'trailer belly',
}
const LAYERS = ['', 'accent', 'second accent', 'third accent']

/** A part of the lure in words: "skirt accent". */
export function partName(part: { place?: PartPlace | null; layer?: number } | undefined): string {
  if (!part?.place) return 'part'
  return `${NAMES[part.place]} ${LAYERS[part.layer ?? 0] ?? ''}`.trim()
}
