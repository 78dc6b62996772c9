import { createQuery, keepPreviousData, skipToken, type QueryKey } from '@tanstack/svelte-query'
import { queryClient } from './cache'
import { isSame } from './merge'
import { Packed, type Near } from './pack/packed'
import { settled } from './settled.svelte'

/** Where an answer is from: worked out by the server, or packed beforehand, and then how near to what was asked. */
export type Source = 'server' | Near

/** An answer with the input it belongs to. */
export interface Answered<I, T> {
  readonly input: I
  readonly value: T
  readonly source: Source
}

/** Something computed from an input: what is shown, whether that belongs to the present input, and what went wrong. */
export interface Question<I, T> {
  /** The last answer that came, with its own input; it stays until the next one has come. */
  readonly shown: Answered<I, T> | undefined
  /** The answer to the present input alone. */
  readonly current: T | undefined
  /** Whether what is shown answers the present input. Only then may it be acted on. */
  readonly isCurrent: boolean
  readonly error: Error | null
  retry(): void
}

export interface Asked<I, T> {
  /** Null where there is nothing to ask. */
  input: () => I | null
  key: (input: I) => QueryKey
  ask: (input: I, signal: AbortSignal) => Promise<T | Packed<T>>
  /** A costly one waits until the input has stopped changing. */
  isCostly?: boolean
  /** A screen that needs a costly one is shown only when it has come. */
  isAwaited?: boolean
  /** Nothing is asked: only an answer that is there already is shown. */
  isOnlyKnown?: boolean
}

/** What a query of its own, one that is asked ahead for instance, has to be made of to be the same. */
export function queryOf<I, T>(asked: Pick<Asked<I, T>, 'key' | 'ask'>, input: I) {
  return {
    queryKey: asked.key(input),
    queryFn: async ({ signal }: { signal: AbortSignal }): Promise<Answered<I, T>> => {
      const given = await asked.ask(input, signal)
      return given instanceof Packed
        ? { input, value: given.value, source: given.near }
        : { input, value: given, source: 'server' }
    },
    // What depends on what is stored is told by the write that changes it, so nothing is ever asked again just because time passed.
    staleTime: Infinity,
  }
}

/** Asks for what is computed from an input, once for each input, and follows the input as it changes. */
export function question<I, T>(asked: Asked<I, T>): Question<I, T> {
  const input = settled(asked.input, () => asked.isCostly === true, asked.isAwaited !== true)
  const query = createQuery<Answered<I, T>>(
    () => {
      const now = input.value
      return now === null
        ? { queryKey: ['nothing'], queryFn: skipToken }
        : { ...queryOf(asked, now), placeholderData: keepPreviousData, enabled: asked.isOnlyKnown !== true }
    },
    () => queryClient,
  )
  /** What was there before stays where the next answer cannot be had. */
  let last = $state.raw<Answered<I, T>>()
  $effect(() => {
    if (query.data !== undefined) last = query.data
  })
  const isCurrent = $derived(
    query.data !== undefined && !query.isPlaceholderData && isSame(query.data.input, asked.input()),
  )
  return {
    get shown() {
      return asked.input() === null ? undefined : (query.data ?? (query.isError ? last : undefined))
    },
    get current() {
      return isCurrent ? query.data?.value : undefined
    },
    get isCurrent() {
      return isCurrent
    },
    get error() {
      return query.error
    },
    retry() {
      void query.refetch()
    },
  }
}
