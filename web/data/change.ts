import type { Changes } from './cache'
import type { Versioned } from './client'
import { joined, storedInstead, type Compared, type Edit } from './conflicts.svelte'
import { write, type Write } from './write.svelte'

interface Declared<T, R> {
  send: (mine: T, version: number | null) => Promise<R>
  changes: Changes | (() => Changes)
  compared: (mine: T) => Compared<T>
  /** What is stored now, where the server names only some of it. */
  stored?: (edit: Edit<T>, named: Versioned<T>) => Versioned<T>
}

/**
 * A change of what another place may have changed since it was read: what only one of them changed is merged without a word, the rest is
 * asked, and the answer is sent again.
 */
export function change<T extends object, R>(name: string, declared: Declared<T, R>): Write<Edit<T>, R> {
  const { send, compared, stored = (_, named) => named } = declared
  const theirs = (error: unknown, edit: Edit<T>): Versioned<T> | null => {
    const named = storedInstead<T>(error)
    return named && stored(edit, named)
  }
  const carryOut: Write<Edit<T>, R> = write<Edit<T>, R>(name, {
    changes: declared.changes,
    send: async (asked) => {
      for (let edit = asked; ;) {
        try {
          return await send(edit.mine, edit.base?.version ?? null)
        } catch (error) {
          const now = theirs(error, edit)
          const next = now && joined(edit, now, compared(edit.mine))
          if (!next) throw error
          edit = next
        }
      }
    },
    failed: (error, edit, follows) => {
      const now = theirs(error, edit)
      if (now) joined(edit, now, compared(edit.mine), (next) => carryOut(next, follows))
      return now !== null
    },
  })
  return carryOut
}
