import type { InventoryPart } from './documents'
import {
  BELLY_SHAPE_LABELS,
  COLOUR_HEX,
  DARKENED_HEX,
  FINISH_HEX,
  OPACITIES,
  PART_KINDS,
  type Colour,
} from './vocabulary'
import { capital, fraction, list, partLength, show, weight } from './words'

export type Kind = InventoryPart['kind']

export const KINDS: readonly Kind[] = PART_KINDS

export const PLURALS: Record<Kind, string> = {
  head: 'Heads',
  blade: 'Blades',
  skirt: 'Skirts',
  trailer: 'Trailers',
  hook: 'Trailer hooks',
  bead: 'Beads',
  clevis: 'Clevises',
  spacer: 'Spacers',
  swivel: 'Swivels',
  collar: 'Cable ties',
}

/** Which fields of a part say something for its kind, in the order they are asked. */
export const FIELDS: Record<Kind, readonly (keyof InventoryPart)[]> = {
  head: ['weight_oz', 'colour', 'belly', 'eye', 'lures', 'arm', 'metal_of_head', 'form', 'keeper', 'hook'],
  blade: ['shape', 'number', 'metal', 'darkened', 'colour'],
  skirt: [
    'colour',
    'accents',
    'accent_share',
    'belly',
    'layout',
    'opacity',
    'strands',
    'strand_pattern',
    'trim',
    'fluorescent',
  ],
  trailer: [
    'style',
    'length_in',
    'colour',
    'accents',
    'accent_share',
    'belly',
    'layout',
    'belly_shape',
    'opacity',
    'surface',
    'plastic',
    'fluorescent',
  ],
  hook: ['hook'],
  bead: ['size'],
  clevis: ['size'],
  spacer: ['size'],
  swivel: ['size'],
  collar: ['size'],
}

/** What the short form asks beside name, type and count. */
export function isShort(field: keyof InventoryPart, kind: Kind): boolean {
  return field === 'metal' || field === 'colour' || field === 'size' || (field === 'hook' && kind === 'hook')
}

const FIELD_LABELS: Partial<Record<keyof InventoryPart, string>> = {
  weight_oz: 'Weight',
  lures: 'For lures',
  metal_of_head: 'Metal',
  strands: 'Material',
  strand_pattern: 'Pattern',
  belly_shape: 'Belly shape',
  accent_share: 'Accents are',
  layout: 'Colors laid out',
  hook: 'Hook',
  plastic: 'Material',
  length_in: 'Length',
}

/** What a field of a part is called on screen. */
export function fieldLabel(field: keyof InventoryPart): string {
  return FIELD_LABELS[field] ?? capital(field.replaceAll('_', ' '))
}

/** A part of a kind to start from. */
export function blank(kind: Kind): InventoryPart {
  const part: InventoryPart = {
    kind,
    name: '',
    count: 1,
    box: '',
    note: '',
    accents: [],
    belly: [],
    eye: false,
    opacity: 1,
    darkened: false,
    lures: [],
    size: '',
  }
  switch (kind) {
    case 'head':
      return { ...part, weight_oz: 0.375, colour: 'black', lures: ['jig'], metal_of_head: 'lead', arm: 'long' }
    case 'blade':
      return { ...part, shape: 'willow', number: 4, metal: 'gold' }
    case 'skirt':
      return { ...part, colour: 'black', strands: 'silicone', strand_pattern: 'solid', trim: 'hook_bend' }
    case 'trailer':
      return {
        ...part,
        colour: 'black',
        style: 'craw',
        length_in: 3.5,
        belly_shape: 'any',
        surface: 'matte',
        plastic: 'soft',
      }
    case 'hook':
      return { ...part, hook: '2/0' }
    default:
      return part
  }
}

/** "#rrggbb" of a colour that may be a word. */
export function hexOf(colour: string | null | undefined): string {
  if (!colour) return '#808080'
  return COLOUR_HEX[colour.toLowerCase() as Colour] ?? colour
}

/** The colours a part shows, base first. */
export function swatches(part: InventoryPart): string[] {
  if (part.kind === 'blade' && part.metal) return [part.darkened ? DARKENED_HEX : FINISH_HEX[part.metal]]
  return part.colour ? [part.colour, ...(part.accents ?? []), ...(part.belly ?? [])].map((colour) => hexOf(colour)) : []
}

/** What a part measures, in a few words. */
export function measureWords(part: InventoryPart, metric: boolean): string {
  switch (part.kind) {
    case 'head':
      return [
        weight(part.weight_oz ?? 0, metric),
        ...(part.metal_of_head && part.metal_of_head !== 'lead' ? [part.metal_of_head] : []),
        list(part.lures ?? []),
        ...(part.eye ? ['eye'] : []),
        ...(part.arm === 'short' ? ['short arm'] : []),
      ].join(', ')
    case 'blade':
      return [
        `${part.shape === 'bladed_jig' ? 'bladed-jig blade' : show(part.shape ?? '')} #${part.number ?? ''}`,
        ...(part.darkened ? ['darkened'] : []),
      ].join(', ')
    case 'skirt':
      return [
        show(part.strands ?? 'silicone'),
        ...((part.strand_pattern ?? 'solid') === 'solid' ? [] : [show(part.strand_pattern ?? '')]),
        ...((part.belly ?? []).length > 0 ? ['split'] : []),
        ...(part.trim === 'long_tail' ? ['long tail'] : []),
        ...see(part),
      ].join(', ')
    case 'trailer':
      return [
        `${partLength(part.length_in ?? 0, metric)} ${show(part.style ?? '')}`,
        ...((part.belly_shape ?? 'any') === 'any' ? [] : [BELLY_SHAPE_LABELS[part.belly_shape ?? 'any']]),
        ...(part.plastic === 'stretchy' ? ['stretchy'] : []),
        ...see(part),
      ].join(', ')
    case 'hook':
      return part.hook ?? ''
    default:
      return part.size ?? ''
  }
}

function see(part: InventoryPart): string[] {
  return (part.opacity ?? OPACITIES.opaque) < OPACITIES.leastOpaque ? ['see-through'] : []
}

export function isLow(part: InventoryPart): boolean {
  return part.low_at != null && (part.count ?? 0) <= part.low_at
}

/** What a search may hit, in lower case. */
export function searchText(part: InventoryPart): string {
  return [
    part.name,
    part.kind,
    part.box,
    part.colour,
    ...(part.accents ?? []),
    ...(part.belly ?? []),
    part.style,
    part.shape,
    part.metal,
    part.strands,
    part.plastic,
    part.note,
    part.number ? `#${part.number}` : '',
    part.weight_oz ? fraction(part.weight_oz) : '',
    part.hook,
    ...(part.lures ?? []),
  ]
    .filter(Boolean)
    .join(' ')
    .replaceAll('_', ' ')
    .toLowerCase()
}
