import { Refused } from './client'
import { capital, fieldValue, fieldWords } from '../words/words'

/** One field that two places have set differently. */
interface Difference {
  field: string
  mine: unknown
  theirs: unknown
}

/** The same in words. */
export interface Versions {
  key: string
  name: string
  mine: string
  theirs: string
}

export interface Conflict {
  /** What was changed in two places, as a heading says it. */
  what: string
  versions: (metric: boolean) => Versions[]
  /** Whether each of them has an answer of its own; else one answer is for all. */
  isEach: boolean
  /** Takes the answer: the keys of those of which what is here stays. */
  settle: (mine: string[]) => unknown
}

/** What either answer does, and the part of the two that is compared where it is not the whole. */
interface Answers<T> {
  keepMine: () => Promise<unknown>
  takeTheirs: (theirs: T) => void
  part?: (whole: T) => object
}

type Fields = Record<string, unknown>

const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** What stands where two documents say different things; a list or a document within is compared as a whole, a lack is null. */
export function differences(mine: Fields, theirs: Fields): Difference[] {
  return Object.keys({ ...mine, ...theirs })
    .filter((field) => !isSame(mine[field], theirs[field]))
    .map((field) => ({ field, mine: mine[field] ?? null, theirs: theirs[field] ?? null }))
}

function isSame(one: unknown, other: unknown): boolean {
  if (isFields(one) && isFields(other)) return differences(one, other).length === 0
  return JSON.stringify(one ?? null) === JSON.stringify(other ?? null)
}

function inWords({ field, mine, theirs }: Difference, metric: boolean): Versions {
  const words = (value: unknown) => (value === null ? 'not set' : fieldValue(field, value, metric))
  return { key: field, name: capital(fieldWords(field)), mine: words(mine), theirs: words(theirs) }
}

/** What is stored now, where the server refused a write because it was made of an older version; null for any other error. */
function changedMeanwhile<T extends object>(error: unknown): T | null {
  if (!(error instanceof Refused) || error.problem.status !== 412 || !isFields(error.problem.current)) return null
  return error.problem.current as T
}

/** A thing that was changed in another place since it was opened here: both versions are shown, and the angler says which one stays. */
class Conflicts {
  open = $state.raw<Conflict | null>(null)

  /**
   * Takes the server's refusal of a stale write, and asks. Any other error is left to the caller.
   *
   * @returns whether it was such a refusal
   */
  ask<T extends object>(error: unknown, what: string, mine: T, answers: Answers<T>): boolean {
    const theirs = changedMeanwhile<T>(error)
    if (theirs) this.show(what, mine, theirs, answers)
    return theirs !== null
  }

  /** Shows two versions, and asks; where they say the same, theirs stays. */
  show<T extends object>(what: string, mine: T, theirs: T, answers: Answers<T>): void {
    const part = answers.part ?? ((whole: T) => whole)
    const differing = differences(part(mine) as Fields, part(theirs) as Fields)
    if (differing.length === 0) {
      answers.takeTheirs(theirs)
      return
    }
    this.open = {
      what,
      versions: (metric) => differing.map((one) => inWords(one, metric)),
      isEach: false,
      settle: (kept) => (kept.length > 0 ? answers.keepMine() : answers.takeTheirs(theirs)),
    }
  }

  /** Shows what two places have set differently, and asks for each of it. */
  askEach(what: string, versions: Conflict['versions'], settle: (mine: string[]) => unknown): void {
    this.open = { what, versions, isEach: true, settle }
  }

  close(): void {
    this.open = null
  }
}

export const conflicts = new Conflicts()
