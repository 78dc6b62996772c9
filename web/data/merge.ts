/** What a document says, by field. */
export type Fields = Record<string, unknown>

/** One field that two places have set differently. */
export interface Twice {
  /** Where it is: “note”, or within a list “events/ID/note”. */
  path: string
  mine: unknown
  theirs: unknown
}

type Row = Fields & { id: string }

const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
const isRow = (value: unknown): value is Row => isFields(value) && typeof value.id === 'string'
const isRows = (value: unknown): value is Row[] => Array.isArray(value) && value.length > 0 && value.every(isRow)
const isNothing = (value: unknown) => value == null || (Array.isArray(value) && value.length === 0)

/** Whether two values say the same: a lack, null and an empty list are nothing, and the order of fields says nothing. */
export function isSame(one: unknown, other: unknown): boolean {
  if (isNothing(one) || isNothing(other)) return isNothing(one) && isNothing(other)
  if (isFields(one) && isFields(other))
    return Object.keys({ ...one, ...other }).every((field) => isSame(one[field], other[field]))
  if (Array.isArray(one) && Array.isArray(other))
    return one.length === other.length && one.every((item, i) => isSame(item, other[i]))
  return one === other
}

/**
 * Two versions of what both began as, as one: what only one of them changed is changed. In a list of things with ids, what one added is
 * added, what one removed is removed, but stays where the other changed it. What both changed differently is asked: until it is answered,
 * mine stands there. Without what they began as, all that differs is asked.
 *
 * @param theirsAt paths of which theirs is to stand
 */
export function merge(base: Fields | null, mine: Fields, theirs: Fields, theirsAt: readonly string[] = []) {
  const twice: Twice[] = []

  function value(was: unknown, here: unknown, there: unknown, path: string): unknown {
    if (isSame(here, there)) return there
    const all = [was, here, there]
    if (all.some(isRows) && all.every((one) => isRows(one) || isNothing(one)))
      return rows(was as Row[] | null, here as Row[] | null, there as Row[] | null, path)
    if (base && isSame(was, here)) return there
    if (base && isSame(was, there)) return here
    twice.push({ path, mine: here ?? null, theirs: there ?? null })
    return theirsAt.includes(path) ? there : here
  }

  function rows(was: Row[] | null, here: Row[] | null, there: Row[] | null, path: string): Row[] {
    const find = (list: Row[] | null, id: string) => (list ?? []).find((row) => row.id === id)
    const ids = new Set([...(there ?? []), ...(here ?? [])].map((row) => row.id))
    return [...ids].flatMap((id) => {
      const [before, own, other] = [find(was, id), find(here, id), find(there, id)]
      if (own && other) return fields(before ?? {}, own, other, `${path}/${id}/`) as Row
      const left = own ?? other
      // Else removed by one, and left alone by the other.
      return left && !isSame(before, left) ? [left] : []
    })
  }

  function fields(was: Fields, here: Fields, there: Fields, path = ''): Fields {
    return Object.fromEntries(
      Object.keys({ ...there, ...here }).map((name) => [
        name,
        value(was[name], here[name], there[name], `${path}${name}`),
      ]),
    )
  }

  return { merged: fields(base ?? {}, mine, theirs), twice }
}
