import { afterAll, beforeAll, expect, test } from 'vitest'
import { BUILD, READING } from './samples'
import { Served } from './served'

// What two clients do at once: a backup is of one moment while somebody writes, and one outing that two begin is one.

const BACKUPS = 20
const TIMES = 20
const STOCK = 900
const CRAW = { kind: 'trailer', name: 'Black craw', colour: 'black', style: 'craw', length_in: 3.5, count: STOCK }
const STARTED = '2026-05-09T09:00:00Z'

let served: Served
beforeAll(async () => {
  served = await Served.start()
})
afterAll(() => served.stop())

async function send<T>(method: string, path: string, body?: unknown): Promise<{ status: number; document: T }> {
  const answer = await fetch(served.origin + path, {
    method,
    headers: { 'Content-Type': 'application/json' },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  })
  const text = await answer.text()
  return { status: answer.status, document: (text === '' ? null : JSON.parse(text)) as T }
}

interface Backup {
  parts: { id: string; count: number }[]
  notebook: { outings: { id: string; stints: { events: { taken: Record<string, number> }[] }[] }[] }
}

test('a backup made while somebody notes holds the stock that its own outings leave', async () => {
  const {
    document: [craw],
  } = await send<{ id: string }[]>('POST', '/api/parts', [CRAW])
  const { document: outing } = await send<{ id: string; stints: { id: string }[] }>('POST', '/api/outings', {
    started_at: STARTED,
    stints: [{ started_at: STARTED, build: { ...BUILD, trailer: { ...CRAW, id: craw?.id } }, reading: READING }],
  })
  let isOver = false
  let noted = 0
  const write = async () => {
    while (!isOver) {
      const id = crypto.randomUUID()
      const event = { at: '2026-05-09T09:10:00Z', kind: 'trailer_torn' }
      expect((await send('PUT', `/api/outings/${outing.id}/events/${id}`, event)).status).toBe(200)
      noted++
    }
  }
  const writer = write()
  const seen = new Set<number>()
  try {
    for (let i = 0; i < BACKUPS; i++) {
      const { status, document } = await send<Backup>('GET', '/api/backup')
      expect(status).toBe(200)
      const left = document.parts.find((part) => part.id === craw?.id)?.count ?? 0
      const taken = document.notebook.outings
        .flatMap((one) => one.stints.flatMap((stint) => stint.events))
        .reduce((sum, event) => sum + (event.taken[craw?.id ?? ''] ?? 0), 0)
      expect(left + taken).toBe(STOCK)
      seen.add(taken)
    }
  } finally {
    isOver = true
    await writer
  }
  // Somebody did write, and did not wait for the backups to end.
  expect(noted).toBeGreaterThan(BACKUPS / 2)
  expect(seen.size).toBeGreaterThan(1)
})

test('an outing that two begin at once, or one twice, is one', async () => {
  for (let i = 0; i < TIMES; i++) {
    const outing = { id: crypto.randomUUID(), started_at: STARTED, note: `Number ${i}`, stints: [] }
    const both = await Promise.all([send('POST', '/api/outings', outing), send('POST', '/api/outings', outing)])
    expect(both.map(({ status }) => status)).toEqual([201, 201])
  }
  const { document } = await send<unknown[]>('GET', '/api/outings')
  expect(document).toHaveLength(TIMES + 1)
})
