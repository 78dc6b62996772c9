import type { Finding } from '../../api/client'
import { waterLength } from '../../words/words'

/** What the model sees, with its distance in the angler's own unit. */
export function findingWords(finding: Finding, metric: boolean): string {
  return finding.text.replace('{at}', finding.at_in === null ? '' : waterLength(finding.at_in, metric))
}
