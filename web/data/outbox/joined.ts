import { lureWords } from '../../words/lureWords'
import type { Box, Composition } from '../../words/documents'
import { list } from '../../words/words'
import type { Versioned } from '../client'
import { joined, type Compared } from '../conflicts.svelte'
import { READING, type Current } from '../current'
import type { Write } from './entry'

const boxes = (mine: Box, theirs: Box): Compared<Box> => ({
  called: 'the box',
  words: (field, value) =>
    list(
      (value as (Composition & { name: string })[]).map((one) =>
        field === 'lures' ? lureWords(one, [...(mine.lures ?? []), ...(theirs.lures ?? [])]) : one.name,
      ),
    ) || 'none',
})

/**
 * A write that waited, made of what another device has stored meanwhile.
 *
 * @param answered is called with it where somebody has to say which version stays; without it nobody is asked
 * @returns null where it waits for that, or where it has nothing to be joined with
 */
export function rejoined(
  write: Write,
  { value, version }: Versioned<unknown>,
  answered?: (write: Write) => unknown,
): Write | null {
  if (write.kind === 'box') {
    const theirs = { value: value as Box, version }
    const base = { value: write.before, version: null }
    const made = (box: Box): Write => ({ ...write, before: theirs.value, box })
    const next = joined(
      { base, mine: write.box },
      theirs,
      boxes(write.box, theirs.value),
      answered && (({ mine }) => answered(made(mine))),
    )
    return next && made(next.mine)
  }
  if (write.kind !== 'current') return null
  const theirs = { value: value as Current, version }
  const made = (body: Current): Write => ({ kind: 'current', body, base: theirs })
  const edit = { base: write.base ?? null, mine: write.body }
  const next = joined(edit, theirs, READING, answered && (({ mine }) => answered(made(mine))))
  return next && made(next.mine)
}
