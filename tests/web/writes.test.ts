import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { LatestWrite, WriteQueue } from '../../web/data/inTurn'
import { pageAt } from './pageAt'

// Writes of one thing: in order, and each naming the version that this page saw last.

describe('one after the other', () => {
  test('a write waits for the one before it', async () => {
    const order: string[] = []
    let finish: () => void = () => undefined
    const queue = new WriteQueue<string>(async (value) => {
      order.push(`${value} begins`)
      if (value === 'first') await new Promise<void>((done) => (finish = done))
      order.push(`${value} ends`)
    }, vi.fn())
    queue.add('first')
    queue.add('second')
    await vi.waitFor(() => expect(order).toEqual(['first begins']))
    finish()
    await vi.waitFor(() => expect(order).toEqual(['first begins', 'first ends', 'second begins', 'second ends']))
    expect(queue.isPending).toBe(false)
  })

  test('one that fails is told and holds up nobody', async () => {
    const failed = vi.fn()
    const stored: string[] = []
    const queue = new WriteQueue<string>((value) => {
      if (value === 'bad') return Promise.reject(new Error('refused'))
      stored.push(value)
      return Promise.resolve()
    }, failed)
    queue.add('bad')
    queue.add('good')
    await vi.waitFor(() => expect(stored).toEqual(['good']))
    expect(failed).toHaveBeenCalledExactlyOnceWith(new Error('refused'), 'bad')
  })
})

describe('the newest of one thing', () => {
  beforeEach(() => void vi.useFakeTimers())
  afterEach(() => void vi.useRealTimers())

  test('quick changes are one write, of the last value', async () => {
    const sent = vi.fn(() => Promise.resolve())
    const write = new LatestWrite<number>(sent, vi.fn())
    for (const value of [1, 2, 3]) write.set(value)
    await vi.advanceTimersByTimeAsync(500)
    expect(sent).toHaveBeenCalledExactlyOnceWith(3, false)
  })

  test('what changes while a write is under way is written after it', async () => {
    const order: number[] = []
    const write = new LatestWrite<number>(async (value) => {
      await new Promise((done) => setTimeout(done, 1000))
      order.push(value)
    }, vi.fn())
    write.set(1)
    await vi.advanceTimersByTimeAsync(200)
    write.set(2)
    write.set(3)
    await vi.advanceTimersByTimeAsync(3000)
    expect(order).toEqual([1, 3])
  })

  test('closing the page sends at once what still waits, and marks it as the last', async () => {
    const listeners: Record<string, () => void> = {}
    vi.stubGlobal('document', {
      visibilityState: 'hidden',
      addEventListener: (name: string, run: () => void) => (listeners[name] = run),
    })
    vi.stubGlobal('addEventListener', (name: string, run: () => void) => (listeners[name] = run))
    const sent = vi.fn(() => new Promise<void>(() => undefined))
    const write = new LatestWrite<number>(sent, vi.fn())
    write.set(1)
    await vi.advanceTimersByTimeAsync(200)
    write.set(2)
    listeners.visibilitychange?.()
    expect(sent.mock.calls).toEqual([
      [1, false],
      [2, true],
    ])
    // The page may be left twice over, hidden and then closed: nothing is sent twice.
    listeners.pagehide?.()
    expect(sent).toHaveBeenCalledTimes(2)
    vi.unstubAllGlobals()
  })
})

describe('the version seen last', () => {
  const sent: Request[] = []
  let answers: Response[] = []

  // A client of its own for every test: what one has seen is none of the next one's business.
  async function freshClient() {
    vi.resetModules()
    return import('../../web/data/client')
  }

  beforeEach(() => {
    sent.length = 0
    pageAt('http://localhost/')
    vi.stubGlobal('fetch', (request: Request) => {
      sent.push(request)
      return Promise.resolve(answers.shift() ?? new Response(null, { status: 204 }))
    })
  })

  afterEach(() => void vi.unstubAllGlobals())

  const json = (body: unknown, version: string, status = 200) =>
    new Response(JSON.stringify(body), { status, headers: { ETag: version, 'Content-Type': 'application/json' } })
  const choices = { units: 'us', theme: 'paper' } as const

  test('goes along with a write, and is the new one after it', async () => {
    const { api } = await freshClient()
    answers = [json(choices, '"v3"'), new Response(null, { status: 204, headers: { ETag: '"v4"' } })]
    await api.GET('/api/settings')
    await api.PUT('/api/settings', { body: choices })
    await api.PUT('/api/settings', { body: choices })
    expect(sent.map((request) => request.headers.get('If-Match'))).toEqual([null, '"v3"', '"v4"'])
  })

  test('is taken from a refusal too, so that to overwrite is to send it again', async () => {
    const { api } = await freshClient()
    answers = [json(choices, '"v1"'), json({ detail: 'Changed elsewhere.' }, '"v2"', 412)]
    await api.GET('/api/settings')
    await api.PUT('/api/settings', { body: choices })
    await api.PUT('/api/settings', { body: choices })
    expect(sent.map((request) => request.headers.get('If-Match'))).toEqual([null, '"v1"', '"v2"'])
  })

  test('is forgotten with what was deleted', async () => {
    const { api } = await freshClient()
    const params = { path: { id: 'a' } }
    answers = [json({ name: 'Pond' }, '"v5"'), new Response(null, { status: 204 })]
    await api.GET('/api/waters/{id}', { params })
    await api.DELETE('/api/waters/{id}', { params })
    await api.DELETE('/api/waters/{id}', { params })
    expect(sent.map((request) => request.headers.get('If-Match'))).toEqual([null, '"v5"', null])
  })

  test('is no tag of another kind, and belongs to its own address', async () => {
    const { api } = await freshClient()
    answers = [json({}, '"abc"'), json(choices, '"v1"')]
    await api.GET('/api/current-reading')
    await api.GET('/api/settings')
    await api.PUT('/api/current-reading', { body: { reading: {} as never } })
    expect(sent[2]?.headers.get('If-Match')).toBeNull()
  })
})
