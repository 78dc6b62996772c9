import createClient from 'openapi-fetch'
import type { Problem } from '../words/documents'
import type { paths } from '../words/schema'
import { reach } from './reach.svelte'

export const api = createClient<paths>({ baseUrl: '/' })

api.use({ onResponse: ({ response }) => reach.answered(response) })

/** Something as it is stored, with the version that a change of it names; null where none is known. */
export interface Versioned<T> {
  value: T
  version: number | null
}

/** The version that an answer names. */
export function versionOf(response: Response): number | null {
  const found = /^"v(\d+)"$/.exec(response.headers.get('ETag') ?? '')
  return found ? Number(found[1]) : null
}

/** The version that a write is made of, as If-Match names it (RFC 9110): it is refused where another came between. */
export const ifMatch = (version: number | null | '*'): Record<string, string> =>
  version === null ? {} : { 'If-Match': version === '*' ? version : `"v${version}"` }

/** One of a kind, as its address names it. */
export const one = (id: string) => ({ params: { path: { id } } })

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
  constructor(
    readonly problem: Problem,
    /** Of what is stored, where a write was made of an older one. */
    readonly version: number | null = null,
  ) {
    super(problem.detail)
  }
}

type Request<T> = Promise<{ data?: T; error?: unknown; response: Response }>

/** The data of an answer, or the server's complaint as an error. */
export const answer = async <T>(request: Request<T>): Promise<T> => (await versioned(request)).value

/** The same with the version it names. */
export async function versioned<T>(request: Request<T>): Promise<Versioned<T>> {
  const { data, error, response } = await request.catch((reason: unknown) => {
    // What fetch throws is the browser's own wording; a canceled request stays what it is.
    if (!(reason instanceof TypeError)) throw reason
    reach.away()
    throw new Unreachable()
  })
  const version = versionOf(response)
  if (!response.ok) throw new Refused(isProblem(error) ? error : noProblem(response.status), version)
  return { value: data as T, version }
}

const noProblem = (status: number): Problem => ({
  type: 'about:blank',
  title: 'No answer',
  status,
  detail: `Kontrast could not answer (${status}). Try again; if it happens again, restart it.`,
  code: 'no_answer',
  faults: [],
  fault_count: 0,
})

function isProblem(error: unknown): error is Problem {
  return typeof error === 'object' && error !== null && 'detail' in error
}
