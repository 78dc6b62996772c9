import { createSubscriber } from 'svelte/reactivity'
import { isWorthAnother, queryClient, type Changes } from './cache'
import { answer, api, one, Refused } from './client'
import { notices } from './notices.svelte'
import type { Problem } from '../words/documents'

export type Fault = Problem['faults'][number]

/** What follows a write, where it is asked for. */
export interface Follows<T> {
  /** Once it is stored, and what hangs on it is read again. */
  then?: (result: T) => unknown
  /** Where a form has a place beside each field for what is wrong there; empty once nothing is. */
  faults?: (faults: readonly Fault[]) => unknown
  /** Where the screen has a place of its own to tell what went wrong. */
  failed?: (sentence: string) => unknown
}

interface Declared<I, T> {
  send: (input: I) => Promise<T>
  /** What of what is stored is another after it. */
  changes: Changes | ((input: I, result: T) => Changes)
  /** One after the other, in the order they were asked for. */
  isInTurn?: boolean
  /** Whether it has dealt with what went wrong; else that is told. */
  failed?: (error: Error, input: I, follows: Follows<T>) => boolean
}

export interface Write<I, T> {
  /** @returns whether it was stored; what went wrong has been told */
  (input: I, follows?: Follows<T>['then'] | Follows<T>): Promise<boolean>
  readonly isUnderWay: boolean
}

/** Every write there is, with what it changes where that is always the same. */
export const WRITES: Record<string, Changes | 'as it comes'> = {}

/** A write, declared once: whoever asks for it says what follows, and no more. */
export function write<I = undefined, T = unknown>(name: string, declared: Declared<I, T>): Write<I, T> {
  const { changes, send, failed } = declared
  WRITES[name] = typeof changes === 'function' ? 'as it comes' : changes
  const mutationKey = [name]
  const follow = createSubscriber((update) => queryClient.getMutationCache().subscribe(update))
  async function carryOut(input: I, then: Follows<T>['then'] | Follows<T> = {}): Promise<boolean> {
    const follows = typeof then === 'function' ? { then } : then
    const mutation = queryClient.getMutationCache().build<T, Error, I, unknown>(queryClient, {
      mutationKey,
      mutationFn: send,
      ...(declared.isInTurn ? { scope: { id: name } } : {}),
      meta: {
        changes: (_, result) => (typeof changes === 'function' ? changes(input, result as T) : changes),
        failed: (error) => {
          const isAtFields = error instanceof Refused && error.problem.faults.length > 0 && follows.faults !== undefined
          if (isAtFields) follows.faults?.(error.problem.faults)
          else if (failed?.(error, input, follows)) return
          else if (follows.failed) follows.failed(error.message)
          else notices.problem(error, isWorthAnother(error) ? () => carryOut(input, follows) : undefined)
        },
      },
      onSuccess: async (result) => {
        follows.faults?.([])
        await follows.then?.(result)
      },
    })
    return mutation.execute(input).then(
      () => true,
      () => false,
    )
  }
  return Object.defineProperty(carryOut, 'isUnderWay', {
    get() {
      follow()
      return queryClient.isMutating({ mutationKey }) > 0
    },
  }) as Write<I, T>
}

/** Something that is asked once, by a tap, and stores nothing. */
export const errand = <I = undefined, T = unknown>(name: string, send: (input: I) => Promise<T>): Write<I, T> =>
  write(name, { changes: [], send })

/** What is wrong, by field. */
export const byField = (faults: readonly Fault[]): Record<string, string> =>
  Object.fromEntries(faults.map((fault) => [fault.field, fault.message]))

/** Kinds with the same addresses, whatever they are called. */
type Removable = 'builds' | 'names' | 'outings' | 'readings' | 'trials' | 'trips' | 'waters'

/** Something that is deleted, which says so and can be taken back. */
export function removal(kind: Removable, changes: Changes | (() => Changes)) {
  const path = `/api/${kind}/{id}` as '/api/waters/{id}'
  const back = write<string>(`${kind}.restore`, {
    changes,
    send: (id) => answer(api.POST(`${path}/restore` as '/api/waters/{id}/restore', one(id))),
  })
  const away = write<string>(`${kind}.remove`, { changes, send: (id) => answer(api.DELETE(path, one(id))) })
  return {
    /** Says what was deleted, with its name, and offers it back. */
    remove: (id: string, called: string, then?: () => unknown) =>
      away(id, async () => {
        notices.say(`${called} deleted.`, () => back(id))
        await then?.()
      }),
    /** Without a word: what takes back that it was added. */
    takeBack: (id: string, follows?: Follows<unknown>) => away(id, follows),
    restore: (id: string, follows?: Follows<unknown>) => back(id, follows),
  }
}
