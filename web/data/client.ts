import createClient from 'openapi-fetch'
import { reach } from './reach.svelte'
import type { Problem } from '../words/documents'
import type { paths } from '../words/schema'

export const api = createClient<paths>({ baseUrl: '/' })

/** The version of each thing as this page read it last, by its address: a write names it, and is refused where another came between. */
const versions = new Map<string, string>()
const VERSION = /^"v\d+"$/

api.use({
  onRequest({ request }) {
    const seen = versions.get(new URL(request.url).pathname)
    const named = request.headers.has('If-Match')
    if (seen && !named && ['PUT', 'PATCH', 'DELETE'].includes(request.method)) request.headers.set('If-Match', seen)
  },
  onResponse({ request, response }) {
    reach.answered(response)
    const path = new URL(request.url).pathname
    const version = response.headers.get('ETag')
    if (request.method === 'DELETE' && response.ok) versions.delete(path)
    else if (version && VERSION.test(version)) versions.set(path, version)
  },
})

/** Takes note of the version of something that came along with the page itself. */
export function saw(path: string, version: number): void {
  versions.set(path, tagOf(version))
}

/** A version as If-Match names it. */
const tagOf = (version: number) => `"v${version}"`

/** The version of something as this page knows it, for a write that is sent later. */
export const versionOf = (path: string): string | null => versions.get(path) ?? null

/** No answer at all: the server is not running, or cannot be reached. */
export class Unreachable extends Error {
  constructor() {
    super('Kontrast does not answer. It is not running, or this device has no connection to it.')
  }
}

/** What to do instead where the server cannot be reached; its refusal stays one. */
export async function orElse<T>(ask: () => Promise<T>, instead: (error: Unreachable) => Promise<T>): Promise<T> {
  try {
    return await ask()
  } catch (error) {
    if (!(error instanceof Unreachable)) throw error
    return instead(error)
  }
}

/** An answer that is not the one hoped for, in the server's own words. */
export class Refused extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail)
  }
}

/** The data of an answer, or the server's complaint as an error. */
export async function answer<T>(request: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  const { data, error, response } = await request.catch((reason: unknown) => {
    // What fetch throws is the browser's own wording; a canceled request stays what it is.
    if (!(reason instanceof TypeError)) throw reason
    reach.away()
    throw new Unreachable()
  })
  if (!response.ok) {
    throw new Refused(
      isProblem(error)
        ? error
        : {
            type: 'about:blank',
            title: 'No answer',
            status: response.status,
            detail: `Kontrast could not answer (${response.status}). Try again; if it happens again, restart it.`,
            code: 'no_answer',
            faults: [],
            fault_count: 0,
          },
    )
  }
  return data as T
}

function isProblem(error: unknown): error is Problem {
  return typeof error === 'object' && error !== null && 'detail' in error
}
