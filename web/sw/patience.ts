import type { WorkboxPlugin } from 'workbox-core/types'
import { KEPT_AT, SLOW } from '../data/keptAt'

/** An answer that is kept says when it was given. */
export function dated(response: Response): Response {
  const headers = new Headers(response.headers)
  headers.set(KEPT_AT, new Date().toISOString())
  // What is kept is not compressed any more.
  headers.delete('content-encoding')
  headers.delete('content-length')
  return new Response(response.body, { status: response.status, headers })
}

/** Keeps good answers, and where one is given in place of the server's, says whether that was silent or only slow. */
export const keeping = (isKept: (response: Response) => Promise<boolean>): WorkboxPlugin => ({
  cacheWillUpdate: async ({ response }) =>
    response.status === 200 && !response.redirected && (await isKept(response)) ? dated(response) : null,
  fetchDidFail: ({ state }) => {
    if (state) state['isAway'] = true
    return Promise.resolve()
  },
  cachedResponseWillBeUsed: ({ cachedResponse, state }) => {
    if (!cachedResponse || state?.['isAway']) return Promise.resolve(cachedResponse ?? null)
    const headers = new Headers(cachedResponse.headers)
    headers.set(SLOW, '1')
    return Promise.resolve(new Response(cachedResponse.body, { status: cachedResponse.status, headers }))
  },
})
