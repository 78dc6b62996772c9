import { afterEach, beforeEach, vi } from 'vitest'
import { pageAt } from './pageAt'

/** One request as the page made it. */
export interface Asked {
  method: string
  path: string
  version: string | null
  body: unknown
}

type Answer = Response | Promise<Response> | 'none'

/** A page of its own for each test, with a server and a clock; where it is called, the server of the test that runs. */
export function eachServed(): () => ReturnType<typeof serving> {
  let server: ReturnType<typeof serving>
  beforeEach(() => {
    vi.resetModules()
    vi.useFakeTimers()
    server = serving()
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })
  return () => server
}

/** Waits until what was begun is over. */
export const settle = () => vi.advanceTimersByTimeAsync(1000)

/** A page whose server answers what the test says, in its order; what is not said is answered with nothing to say. */
export function serving() {
  const asked: Asked[] = []
  const answers: Answer[] = []
  pageAt('http://localhost/')
  vi.stubGlobal('addEventListener', () => undefined)
  vi.stubGlobal('requestAnimationFrame', (then: () => void) => setTimeout(then))
  vi.stubGlobal('fetch', async (request: Request) => {
    const text = await request.text()
    asked.push({
      method: request.method,
      path: new URL(request.url).pathname,
      version: request.headers.get('If-Match'),
      body: text === '' ? null : JSON.parse(text),
    })
    const answer = (await answers.shift()) ?? new Response(null, { status: 204 })
    if (answer === 'none') throw new TypeError('Failed to fetch')
    return answer
  })
  return { asked, answers, writes: () => asked.filter((one) => one.method !== 'GET') }
}

export const json = (body: unknown, version: number | null = null, status = 200) =>
  new Response(JSON.stringify(body), {
    status,
    headers: { 'Content-Type': 'application/json', ...(version === null ? {} : { ETag: `"v${version}"` }) },
  })
export const stored = (version: number) => new Response(null, { status: 204, headers: { ETag: `"v${version}"` } })
/** Another place has stored something else since. */
export const stale = (current: unknown, version: number, status = 412) =>
  json({ detail: 'Changed elsewhere.', status, code: 'stale', faults: [], fault_count: 0, current }, version, status)
export const refused = (...faults: { field: string; message: string }[]) =>
  json({ detail: 'Errors.', status: 422, code: 'invalid_document', faults, fault_count: faults.length }, null, 422)
