import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { WriteQueue } from '../../web/stores/writeQueue'

// Writes of one thing: in order, and each naming the version that this page saw last.

describe('one after the other', () => {
  test('a write waits for the one before it', async () => {
    const queue = new WriteQueue()
    const order: string[] = []
    let finish: () => void = () => undefined
    const first = queue.add(async () => {
      order.push('first begins')
      await new Promise<void>((done) => (finish = done))
      order.push('first ends')
    })
    const second = queue.add(() => Promise.resolve(order.push('second')))
    await vi.waitFor(() => expect(order).toEqual(['first begins']))
    finish()
    await Promise.all([first, second])
    expect(order).toEqual(['first begins', 'first ends', 'second'])
  })

  test('one that fails tells its own caller and holds up nobody', async () => {
    const queue = new WriteQueue()
    const failing = queue.add(() => Promise.reject(new Error('refused')))
    const next = queue.add(() => Promise.resolve('stored'))
    await expect(failing).rejects.toThrow('refused')
    await expect(next).resolves.toBeUndefined()
  })
})

describe('the version seen last', () => {
  const sent: Request[] = []
  let answers: Response[] = []

  // A client of its own for every test: what one has seen is none of the next one's business.
  async function freshClient() {
    vi.resetModules()
    return import('../../web/api/client')
  }

  beforeEach(() => {
    sent.length = 0
    vi.stubGlobal('location', { href: 'http://localhost/' })
    vi.stubGlobal(
      'Request',
      class extends Request {
        constructor(input: RequestInfo | URL, init?: RequestInit) {
          super(typeof input === 'string' ? new URL(input, 'http://localhost') : input, init)
        }
      },
    )
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
    await api.GET('/api/desk')
    await api.GET('/api/settings')
    await api.PUT('/api/desk', { body: { reading: {} as never } })
    expect(sent[2]?.headers.get('If-Match')).toBeNull()
  })
})
