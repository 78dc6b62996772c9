import type { Finding, Mark } from '../../api/client'
import { show, waterLength } from '../../words/words'

const TRAITS: Record<string, string> = {
  'head.weight': 'Head weight',
  'head.colour': 'Head colour',
  'blade.finish': 'Blade finish',
  'blade.shape': 'Blade shape',
  'blade.size': 'Blade size',
  'blade.aim': 'Blade in this water',
  'blade.layout': 'Number of blades',
  'blade.off_skirt': 'Blade beside the skirt',
  'front.finish': 'Front finish',
  'front.size': 'Front size',
  skirt: 'Skirt',
  'skirt.base': 'Skirt colour',
  'skirt.accents': 'Skirt accents',
  'skirt.opacity': 'Skirt, see-through or solid',
  'skirt.strands': 'Strands',
  'skirt.cut': 'Cut of the skirt',
  'skirt.aim': 'Skirt in this water',
  trailer: 'Trailer',
  'trailer.style': 'Trailer style',
  'trailer.length': 'Trailer length',
  'trailer.base': 'Trailer colour',
  'trailer.accents': 'Trailer accents',
  'trailer.surface': 'Trailer skin',
  'trailer.opacity': 'Trailer, see-through or solid',
  pair: 'Skirt with trailer',
  hook: 'Trailer hook',
}

export function traitWords(trait: string): string {
  return TRAITS[trait] ?? trait
}

/** "black; white advised", with the words of the documents as they read on screen. */
export function becauseWords(mark: Mark): string {
  return mark.because.replace(/[a-z]+(?:_[a-z]+)+/g, (word) => show(word))
}

export function findingWords(finding: Finding, metric: boolean): string {
  return finding.text
    .replace('{at}', finding.at_in === null ? '' : waterLength(finding.at_in, metric))
    .replace(/[a-z]+(?:_[a-z]+)+/g, (word) => show(word))
}
