import { createQuery, hashKey, type CreateQueryResult } from '@tanstack/svelte-query'
import { queryClient, type Kept } from './cache'
import { question, queryOf, type Answered, type Asked, type Question, type Source } from './question.svelte'

type Ask<T> = (signal: AbortSignal) => Promise<T>

interface Read {
  /** What it hangs on. */
  readonly on: readonly Kept[]
  readonly ask: (input: never, signal: AbortSignal) => Promise<unknown>
}

/** Every read there is, by the first word of its key. */
export const READS: Record<string, Read> = {}

function declare(name: string, on: readonly Kept[], ask: Read['ask'], isSlow = false): void {
  READS[name] = { on, ask }
  // For an answer that comes some other way too.
  queryClient.setQueryDefaults([name], { meta: { on, isSlow } })
}

/** A list or a document as it is stored: read when a screen opens, and again after a write of what it hangs on. */
export interface Stored<T> {
  (isWanted?: () => boolean): CreateQueryResult<T>
  readonly key: readonly [string]
  /** Read once, or taken from where it was read before. */
  now(): Promise<T>
  /** Puts what came some other way where it would be read. */
  know(value: T): void
}

export function stored<T>(name: string, on: readonly Kept[], ask: Ask<T>, staleTime = 0): Stored<T> {
  declare(name, on, (_, signal) => ask(signal))
  const key = [name] as const
  const options = { queryKey: key, queryFn: ({ signal }: { signal: AbortSignal }) => ask(signal), staleTime }
  return Object.assign(
    (isWanted: () => boolean = () => true) =>
      createQuery<T>(
        () => ({ ...options, enabled: isWanted() }),
        () => queryClient,
      ),
    {
      key,
      now: () => queryClient.fetchQuery({ ...options, staleTime: Infinity }),
      know: (value: T) => void queryClient.setQueryData<T>(key, value),
    },
  )
}

/** What is known of something stored, followed outside of any screen once it was read: what became stale is read again. */
export function live<T>(query: Stored<T>): { readonly value: T | undefined } {
  const hash = hashKey(query.key)
  let value = $state.raw(queryClient.getQueryData<T>(query.key))
  queryClient.getQueryCache().subscribe((event) => {
    if (event.query.queryHash !== hash || event.type !== 'updated') return
    value = event.query.state.data as T | undefined
    // What cannot be read now stays as it was.
    if (event.action.type === 'invalidate') void query.now().catch(() => undefined)
  })
  return {
    get value() {
      return value
    },
  }
}

/** What changes only with the program. */
export const fixed = <T>(name: string, ask: Ask<T>): Stored<T> => stored(name, [], ask, Infinity)

/** One of a kind, by its id; none where there is no id. */
export function storedOne<T>(name: string, on: readonly Kept[], ask: (id: string) => Promise<T>) {
  declare(name, on, ask)
  const key = (id: string) => [name, id] as const
  return Object.assign(
    (id: () => string) =>
      createQuery<T>(
        () => ({ queryKey: key(id()), queryFn: () => ask(id()), enabled: id() !== '' }),
        () => queryClient,
      ),
    { key },
  )
}

/** What is worked out of an input. */
export interface Worked<I, T> {
  (input: () => I | null, isOnlyKnown?: boolean): Question<I, T>
  key(input: I): readonly unknown[]
  /** Asked ahead, so that whoever asks for it after that has it already. */
  ahead(input: I): void
  /** The answer, as soon as it is there. */
  now(input: I): Promise<T>
  /** Puts an answer that came some other way where it would be asked for. */
  know(input: I, value: T, source?: Source): void
  known(input: I): (Answered<I, T> & { isOld: boolean }) | null
}

export function worked<I, T>(
  name: string,
  on: readonly Kept[],
  ask: Asked<I, T>['ask'],
  how: Pick<Asked<I, T>, 'isCostly' | 'isAwaited'> = {},
): Worked<I, T> {
  const made = { key: (input: I) => [name, input], ask, ...how }
  declare(name, on, ask, how.isCostly === true && how.isAwaited !== true)
  return Object.assign(
    (input: () => I | null, isOnlyKnown = false) => question<I, T>({ ...made, input, isOnlyKnown }),
    {
      key: made.key,
      ahead: (input: I) => void queryClient.prefetchQuery(queryOf(made, input)),
      now: async (input: I) => (await queryClient.fetchQuery(queryOf(made, input))).value,
      know: (input: I, value: T, source: Source = 'server') =>
        void queryClient.setQueryData<Answered<I, T>>(made.key(input), { input, value, source }),
      known: (input: I) => {
        const state = queryClient.getQueryState<Answered<I, T>>(made.key(input))
        return state?.data ? { ...state.data, isOld: state.isInvalidated } : null
      },
    },
  )
}
