import type { QueryClient } from '@tanstack/query-core'

/** What is under way: all of it, and what a screen waits for before it is shown. */
const open = { all: 0, first: 0 }
const waiting: (() => void)[] = []

/**
 * Something on the page is under way until what is returned is called.
 *
 * @param isSlow it takes long: no screen waits for it
 */
export function busy(isSlow = false): () => void {
  let isOver = false
  count(1, isSlow)
  return () => {
    if (isOver) return
    isOver = true
    count(-1, isSlow)
  }
}

/** Tells of something that is loaded until it is there. */
export async function loaded<T>(work: Promise<T>): Promise<T> {
  const done = busy()
  try {
    return await work
  } finally {
    // What came is put on the page first.
    requestAnimationFrame(done)
  }
}

/** Tells of what is read and written through the cache. */
export function watchCache(client: QueryClient): void {
  let fetching: (() => void) | null = null
  let slow: (() => void) | null = null
  const look = () => {
    const isAny = client.isFetching() + client.isMutating() > 0
    const isFirst = client.isFetching({ predicate: (query) => query.meta?.['isSlow'] !== true }) > 0
    if (isFirst) fetching ??= busy()
    else fetching = (fetching?.(), null)
    if (isAny) slow ??= busy(true)
    else slow = (slow?.(), null)
  }
  client.getQueryCache().subscribe(look)
  client.getMutationCache().subscribe(look)
}

/** Resolves when nothing is under way that a screen waits for, nor in the frame after that; at the latest after so long, ms. */
export async function whenQuiet(mostMs: number): Promise<void> {
  const tooLong = new Promise<void>((done) => setTimeout(done, mostMs))
  const quiet = async () => {
    do {
      if (open.first > 0) await new Promise<void>((done) => waiting.push(done))
      await frame()
      if (open.first === 0) await frame()
    } while (open.first > 0)
  }
  await Promise.race([quiet(), tooLong])
}

const frame = () => new Promise<void>((done) => requestAnimationFrame(() => setTimeout(done)))

function count(change: number, isSlow: boolean): void {
  open.all += change
  if (!isSlow) open.first += change
  if (typeof document !== 'undefined' && 'documentElement' in document)
    document.documentElement.toggleAttribute('data-busy', open.all > 0)
  if (open.first > 0) return
  for (const done of waiting.splice(0)) done()
}
