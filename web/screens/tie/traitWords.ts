import type { ScoredTrait } from '../../words/vocabulary'
import type { Finding } from '../../words/documents'
import { waterLength } from '../../words/words'

/** What the model sees, with its distance in the angler's own unit. */
export function findingWords(finding: Finding, metric: boolean): string {
  return finding.text.replace('{at}', finding.at_in === null ? '' : waterLength(finding.at_in, metric))
}

/** What a trait is judged by: the rules, what can be seen down there, or what lies beside it. */
export type Side = 'rules' | 'seen' | 'beside'
export const SIDES: readonly (readonly [Side, string])[] = [
  ['rules', 'What anglers tie'],
  ['seen', 'What a bass sees'],
  ['beside', 'Part against part'],
]
const BESIDE: readonly ScoredTrait[] = ['pair', 'blade.off_skirt']
export const sideOf = (trait: ScoredTrait): Side =>
  trait.endsWith('.aim') ? 'seen' : BESIDE.includes(trait) ? 'beside' : 'rules'
