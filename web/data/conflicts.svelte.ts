import { capital, fieldValue, fieldWords } from '../words/words'
import { Refused, type Versioned } from './client'
import { merge, type Fields, type Twice } from './merge'

/** What changes something: what it was when it was read, and what it is to be. */
export interface Edit<T> {
  /** Null where it is not known any more, or is new. */
  base: Versioned<T> | null
  mine: T
}

/** How two versions of a kind of thing are compared and shown; a document with plain fields needs nothing but what it is called. */
export interface Compared<T> {
  /** “Limestone quarry”. */
  called: string
  /** What is compared. */
  fields?: (value: T) => Fields
  /** What is stored with these fields in place of its own. */
  withFields?: (theirs: T, fields: Fields, mine: T) => T
  /** A path in words. */
  name?: (path: string) => string
  words?: (path: string, value: unknown, metric: boolean) => string
}

/** One field in words. */
export interface Versions {
  key: string
  name: string
  mine: string
  theirs: string
}

export interface Conflict {
  called: string
  versions: (metric: boolean) => Versions[]
  /** Takes the answer: the keys of those of which what another place stored stays. */
  settle: (theirs: readonly string[]) => unknown
}

/** What was changed in two places since it was opened here: both versions are shown, field by field, and the angler says which stay. */
class Conflicts {
  #asked = $state.raw<readonly Conflict[]>([])

  /** The one that is asked now. */
  get open(): Conflict | undefined {
    return this.#asked[0]
  }

  ask(conflict: Conflict): void {
    this.#asked = [...this.#asked, conflict]
  }

  answer(theirs: readonly string[]): unknown {
    const [answered, ...rest] = this.#asked
    this.#asked = rest
    return answered?.settle(theirs)
  }
}

export const conflicts = new Conflicts()

/** What is stored now, where the server refused a change since it was made of an older version; null for any other error. */
export function storedInstead<T>(error: unknown): Versioned<T> | null {
  if (!(error instanceof Refused) || error.problem.code !== 'stale' || !error.problem.current) return null
  return { value: error.problem.current as T, version: error.version }
}

/**
 * A change made of an older version, as a change of what is stored now. What both changed differently is asked, once, and the answer handed
 * on.
 *
 * @returns it, to be sent again; null where it waits for the answer
 */
export function joined<T extends object>(
  { base, mine }: Edit<T>,
  theirs: Versioned<T>,
  { called, fields = asFields, withFields = inPlace, name = fieldWords, words = fieldValue }: Compared<T>,
  answered?: (edit: Edit<T>) => unknown,
): Edit<T> | null {
  const join = (theirsAt: readonly string[] = []) =>
    merge(base && fields(base.value), fields(mine), fields(theirs.value), theirsAt)
  const edit = (merged: Fields): Edit<T> => ({ base: theirs, mine: withFields(theirs.value, merged, mine) })
  const { merged, twice } = join()
  if (twice.length === 0) return edit(merged)
  if (answered)
    conflicts.ask({
      called,
      versions: (metric) => twice.map((one) => inWords(one, name, (value) => words(one.path, value, metric))),
      settle: (theirsAt) => answered(edit(join(theirsAt).merged)),
    })
  return null
}

const asFields = (value: object) => value as Fields
const inPlace = <T extends object>(theirs: T, fields: Fields): T => ({ ...theirs, ...fields })

function inWords(
  { path, mine, theirs }: Twice,
  name: (path: string) => string,
  words: (value: unknown) => string,
): Versions {
  const say = (value: unknown) => (value === null || value === '' ? 'not set' : words(value))
  const [here, there] = [say(mine), say(theirs)]
  // Two that read alike still differ in something that has no words.
  return { key: path, name: capital(name(path)), mine: here === there ? `${here} (different)` : here, theirs: there }
}
