import { QueryClient } from '@tanstack/svelte-query'
import { Refused } from './client'

const TRIES_AGAIN = 2
const WAITS_MS = 400

/** The server is on this machine or in this house, whatever the browser thinks of the network: nothing waits for that to come back. */
export const queryClient = new QueryClient({
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
    mutations: { networkMode: 'always' },
  },
})
