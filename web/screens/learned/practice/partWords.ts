import type { InventoryPart } from '../../../words/documents'
import { measureWords } from '../../../words/part'
import { coloursWords } from '../../../words/adviceParts'
import type { Colour } from '../../../words/vocabulary'
import { show, weight } from '../../../words/words'

/** Parts laid out to choose from, and taken together; owned ones by their own names. */
export const partsWords = (parts: readonly (InventoryPart | null)[], metric: boolean): string =>
  parts.map((part) => partWords(part, metric)).join(' and ')

function partWords(part: InventoryPart | null, metric: boolean): string {
  if (!part) return 'none'
  if (part.id) return part.name
  if (part.kind === 'head') return weight(part.weight_oz ?? 0, metric)
  if (part.kind === 'blade') {
    const colour = part.metal ?? part.colour ?? ''
    // A paint that has no word of its own is named by the part.
    return colour.startsWith('#') ? part.name : `${show(colour)} ${measureWords(part, metric)}`
  }
  const [base, accents, belly] = [part.colour, part.accents ?? [], part.belly ?? []] as [Colour, Colour[], Colour[]]
  return `${coloursWords({ base, accents, belly })}, ${measureWords(part, metric)}`
}
