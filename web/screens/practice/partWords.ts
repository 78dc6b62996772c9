import type { InventoryPart } from '../../api/client'
import { list, partLength, show, weight } from '../../words/words'

/** A part laid out to choose from, as short as it can be told from those beside it. */
export function partWords(part: InventoryPart | null, metric: boolean): string {
  if (!part) return 'none'
  const colours = [[part.colour ?? '', ...(part.accents ?? [])].filter(Boolean).map(show), (part.belly ?? []).map(show)]
  const worded = part.id
    ? part.name
    : [list(colours[0] ?? []), ...(colours[1]?.length ? [list(colours[1])] : [])].join(' over ')
  switch (part.kind) {
    case 'head':
      return weight(part.weight_oz ?? 0, metric)
    case 'blade':
      // A color that has no word of its own is named by the part.
      return part.id || part.colour?.startsWith('#')
        ? part.name
        : [
            `${part.metal ? show(part.metal) : show(part.colour ?? '')}${part.darkened ? ', inked' : ''}`,
            ...(part.shape && part.shape !== 'bladed_jig' ? [`${show(part.shape)} #${part.number ?? ''}`] : []),
          ].join(' ')
    case 'skirt':
      return `${worded}${part.id ? '' : looks(part)}`
    case 'trailer':
      return part.id ? part.name : `${show(part.style ?? '')} ${partLength(part.length_in ?? 0, metric)}, ${worded}`
    default:
      return part.name
  }
}

const SOLID = 1

/** What tells two skirts of one color from each other. */
const looks = (part: InventoryPart) =>
  [
    ...(part.strand_pattern && part.strand_pattern !== 'solid' ? [show(part.strand_pattern)] : []),
    ...((part.opacity ?? SOLID) < SOLID ? ['see-through'] : []),
    ...(part.strands === 'living_rubber' ? ['rubber'] : []),
    ...(part.trim === 'long_tail' ? ['long tail'] : []),
  ]
    .map((word) => `, ${word}`)
    .join('')
