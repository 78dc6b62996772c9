import type { InventoryPart, ReadPartLine } from '../../words/documents'
import { COLOURS, type Colour } from '../../words/vocabulary'
import { show } from '../../words/words'

/** What the angler said of a line that was not wholly understood. */
export interface Settled {
  /** The colors its word means, the base first; null where the word says nothing. */
  colours: readonly Colour[] | null
  isLeftOut: boolean
}

const NEED_A_COLOUR = ['head', 'skirt', 'trailer']

/** Whether the part has the color that its kind needs: one that nobody said is never guessed. */
function hasColour(part: InventoryPart): boolean {
  return part.kind === 'blade'
    ? Boolean(part.metal ?? part.colour)
    : !NEED_A_COLOUR.includes(part.kind) || Boolean(part.colour)
}

/** The words of a line that were not understood, those beside each other as one. */
export function unknownWords(line: ReadPartLine): string {
  let words = ''
  for (const { text, unknown } of line.glosses ?? []) {
    if (unknown) words += ` ${text.trim()}`
    else if (words && text.trim() !== '') break
  }
  return words.trim()
}

/** Whether a line waits for a word of the angler's. */
export function isWaiting(line: ReadPartLine, settled: Settled | undefined): boolean {
  if (settled?.isLeftOut) return false
  return line.part === null || partOf(line, settled) === null
}

/** The part as it will be added; null while something of it is not settled, and where it is left out. */
export function partOf(line: ReadPartLine, settled: Settled | undefined): InventoryPart | null {
  const { part } = line
  if (part === null || settled?.isLeftOut) return null
  if (line.unknown.length > 0 && !settled) return null
  const said = settled?.colours ?? []
  const [first, ...rest] = said
  const whole: InventoryPart =
    first === undefined
      ? part
      : hasColour(part)
        ? { ...part, accents: [...(part.accents ?? []), ...said] }
        : { ...part, colour: first, accents: [...rest, ...(part.accents ?? [])], name: `${part.name}, ${words(said)}` }
  return hasColour(whole) ? whole : null
}

const words = (colours: readonly Colour[]) => colours.map(show).join(' with ')

export const isColour = (word: string): word is Colour => (COLOURS as readonly string[]).includes(word)
