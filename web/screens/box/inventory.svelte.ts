import type { InventoryPart } from '../../words/documents'
import { answer, api, Refused } from '../../data/client'
import { parts as writes } from '../../data/writes'
import { notices } from '../../data/notices.svelte'

/** Two tabs changed one part: what this one wanted to write. */
export interface Conflict {
  mine: InventoryPart[]
  message: string
}

/** Writes to the parts owned; everything can be undone, and nobody writes over what another tab wrote without being asked. */
export class InventoryWrites {
  conflict = $state<Conflict | null>(null)
  faults = $state<Record<string, string>>({})

  async add(parts: InventoryPart[], done: string): Promise<InventoryPart[] | null> {
    return this.#try(async () => {
      const added = await writes.add(parts)
      notices.say(done, () => writes.remove(ids(added)))
      return added
    })
  }

  /** @returns the parts as they are stored now, null where they were not changed */
  async change(parts: InventoryPart[], before: InventoryPart[], done: string): Promise<InventoryPart[] | null> {
    return this.#try(async () => {
      const now = await writes.change(parts)
      notices.say(done, () => writes.change(atVersionOf(before, now)))
      return now
    }, parts)
  }

  async remove(parts: InventoryPart[], done: string): Promise<void> {
    await this.#try(async () => {
      await writes.remove(ids(parts))
      notices.say(done, () => writes.restore(ids(parts)))
    })
  }

  /** What the other tab wrote stays. */
  takeTheirs(): void {
    this.conflict = null
  }

  /**
   * What this tab has is written over what is there now, which can be undone.
   *
   * @returns the parts as they are stored now, null where they were not changed
   */
  async writeMine(): Promise<InventoryPart[] | null> {
    const conflict = this.conflict
    this.conflict = null
    if (!conflict) return null
    const now = await this.#try(() => answer(api.GET('/api/parts')))
    if (!now) return null
    const theirs = now.parts.filter((part) => conflict.mine.some((mine) => mine.id === part.id))
    return this.change(atVersionOf(conflict.mine, theirs), theirs, 'Overwritten with your version.')
  }

  async #try<T>(work: () => Promise<T>, mine: InventoryPart[] = []): Promise<T | null> {
    try {
      const result = await work()
      this.faults = {}
      return result
    } catch (error) {
      if (error instanceof Refused && error.problem.status === 409) {
        this.conflict = { mine, message: error.message }
      } else if (error instanceof Refused && error.problem.faults.length > 0) {
        this.faults = Object.fromEntries(error.problem.faults.map((fault) => [fault.within, fault.message]))
      } else notices.problem(error)
      return null
    }
  }
}

function ids(parts: readonly InventoryPart[]): string[] {
  return parts.map((part) => part.id ?? '').filter(Boolean)
}

/** Parts as they should be, on top of the version they are at now. */
function atVersionOf(parts: readonly InventoryPart[], now: readonly InventoryPart[]): InventoryPart[] {
  return parts.map((part) => ({ ...part, version: now.find((other) => other.id === part.id)?.version }))
}
