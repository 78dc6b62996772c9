import type { QueryClient } from '@tanstack/svelte-query'
import { answer, api, Refused, type OwnedPart } from '../../api/client'
import { notices } from '../../stores/notices.svelte'

/** Two tabs changed one part: what this one wanted to write. */
export interface Conflict {
  mine: OwnedPart[]
  message: string
}

/** Writes to the bin; everything can be undone, and nobody writes over what another tab wrote without being asked. */
export class InventoryWrites {
  conflict = $state<Conflict | null>(null)
  faults = $state<Record<string, string>>({})

  constructor(readonly client: QueryClient) {}

  async add(parts: OwnedPart[], done: string): Promise<OwnedPart[] | null> {
    return this.#try(async () => {
      const added = await answer(api.POST('/api/bin', { body: parts }))
      await this.#refresh()
      notices.say(done, () => this.#delete(ids(added)))
      return added
    })
  }

  async change(parts: OwnedPart[], before: OwnedPart[], done: string): Promise<boolean> {
    const changed = await this.#try(async () => {
      const now = await answer(api.PUT('/api/bin', { body: parts }))
      await this.#refresh()
      notices.say(done, async () => {
        await answer(api.PUT('/api/bin', { body: atVersionOf(before, now) }))
        await this.#refresh()
      })
      return now
    }, parts)
    return changed !== null
  }

  async remove(parts: OwnedPart[], done: string): Promise<void> {
    await this.#try(async () => {
      await this.#delete(ids(parts))
      notices.say(done, async () => {
        await answer(api.POST('/api/bin/restore', { body: { ids: ids(parts) } }))
        await this.#refresh()
      })
    })
  }

  /** What the other tab wrote stays. */
  async takeTheirs(): Promise<void> {
    this.conflict = null
    await this.#refresh()
  }

  /** What this tab has is written over what is there now, which can be undone. */
  async writeMine(): Promise<void> {
    const conflict = this.conflict
    this.conflict = null
    if (!conflict) return
    const bin = await answer(api.GET('/api/bin'))
    const theirs = bin.parts.filter((part) => conflict.mine.some((mine) => mine.id === part.id))
    await this.change(atVersionOf(conflict.mine, theirs), theirs, 'Written over what was there.')
  }

  async #delete(ids: string[]): Promise<void> {
    await answer(api.POST('/api/bin/delete', { body: { ids } }))
    await this.#refresh()
  }

  async #refresh(): Promise<void> {
    await this.client.invalidateQueries({ queryKey: ['bin'] })
    await this.client.invalidateQueries({ queryKey: ['best'] })
  }

  async #try<T>(work: () => Promise<T>, mine: OwnedPart[] = []): Promise<T | null> {
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

function ids(parts: readonly OwnedPart[]): string[] {
  return parts.map((part) => part.id ?? '').filter(Boolean)
}

/** Parts as they should be, on top of the version they are at now. */
function atVersionOf(parts: readonly OwnedPart[], now: readonly OwnedPart[]): OwnedPart[] {
  return parts.map((part) => ({ ...part, version: now.find((other) => other.id === part.id)?.version }))
}
