import { vi } from 'vitest'

/** A page has an address that its requests start from; in Node.js there is none. */
export function pageAt(origin: string): void {
  vi.stubGlobal('location', { href: origin })
  vi.stubGlobal(
    'Request',
    class extends Request {
      constructor(input: RequestInfo | URL, init?: RequestInit) {
        super(typeof input === 'string' ? new URL(input, origin) : input, init)
      }
    },
  )
}
