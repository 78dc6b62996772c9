import type { Reason } from '../../words/documents'

/** How a thing is made or cut: worth a look, but not the first thing to read. */
const METHOD =
  /^(blades\.front|head\.weight_range|trailer_hook\.size|skirt\.trim|skirt\.opacity|skirt\.material|skirt\.strands)/
const SHOWN = 3

/** The reasons worth reading first: each rule once, those that rest on a fact, and not those about how a thing is made. */
export function mainReasons(reasons: readonly Reason[]): Reason[] {
  const rules = new Set<string>()
  return reasons
    .filter((reason) => {
      const isNew = !rules.has(reason.rule)
      rules.add(reason.rule)
      return isNew && reason.facts.length > 0 && !METHOD.test(reason.pick)
    })
    .slice(0, SHOWN)
}
