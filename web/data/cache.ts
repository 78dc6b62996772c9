import { MutationCache, QueryClient } from '@tanstack/svelte-query'
import { Refused, Unreachable } from './client'
import { notices } from './notices.svelte'

/** What is stored, and what of it an answer can hang on: a read says which, a write says which it changes. */
export type Kept =
  | 'parts'
  | 'swatches'
  | 'names'
  | 'builds'
  | 'built'
  | 'waters'
  | 'readings'
  | 'trips'
  | 'notes'
  | 'trials'
  | 'practice'
  | 'sessions'
  | 'current-reading'
  | 'workbench'
  /** Of the settings: what the sheet and the prices are worked out with. */
  | 'gear'
  /** Of the settings: which rules vote, those that the log makes among them. */
  | 'votes'
export type Changes = readonly Kept[] | 'everything'

type QueryMeta = {
  /** What it hangs on. */
  on?: readonly Kept[]
  /** No screen waits for it. */
  isSlow?: boolean
}
type MutationMeta = {
  /** What is stale once it is done. */
  changes: (input: unknown, result: unknown) => Changes
  /** Tells of what went wrong; without it, it is a notice. */
  failed: (error: Error) => void
}

declare module '@tanstack/svelte-query' {
  interface Register {
    queryMeta: QueryMeta
    mutationMeta: MutationMeta
  }
}

const TRIES_AGAIN = 2
const WAITS_MS = 400

/** The server is on this machine or in this house, whatever the browser thinks of the network: nothing waits for that to come back. */
export const queryClient = new QueryClient({
  mutationCache: new MutationCache({
    onSuccess: (result, input, _, { meta }) => wrote(meta?.changes(input, result) ?? []),
    onError: (error, _input, _, { meta }) => (meta ? meta.failed(error) : notices.problem(error)),
  }),
  defaultOptions: {
    queries: {
      networkMode: 'always',
      // A result that is first looked at after it has come has to be there too.
      notifyOnChangeProps: 'all',
      refetchOnWindowFocus: false,
      refetchOnReconnect: false,
      // The server's refusal is an answer; only silence is worth asking again.
      retry: (count, error) => !(error instanceof Refused) && count < TRIES_AGAIN,
      retryDelay: (count) => WAITS_MS * 2 ** count,
    },
    // Nobody looks at one that is over.
    mutations: { networkMode: 'always', gcTime: 0 },
  },
})

const listeners: ((changes: Changes) => void)[] = []

/** Tells of everything that is written. */
export function whenWritten(listener: (changes: Changes) => void): void {
  listeners.push(listener)
}

/** Marks what hangs on what was written; what of it is on screen is asked for again at once. */
export async function wrote(changes: Changes): Promise<void> {
  for (const listener of listeners) listener(changes)
  const those =
    changes === 'everything'
      ? {}
      : { predicate: ({ meta }: { meta?: QueryMeta | undefined }) => changes.some((one) => meta?.on?.includes(one)) }
  // What was asked for the first time before the write and is still on its way would be taken for new.
  await queryClient.cancelQueries(those)
  await queryClient.invalidateQueries(those)
}

/** Whether trying again may help: nothing was answered, or not now. */
export const isWorthAnother = (error: unknown): boolean =>
  error instanceof Unreachable || (error instanceof Refused && error.problem.status >= 500)
