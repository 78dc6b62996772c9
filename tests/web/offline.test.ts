import 'fake-indexeddb/auto'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Outing } from '../../web/words/documents'
import { applied } from '../../web/data/outbox/apply'
import type { Write } from '../../web/data/outbox/entry'
import { Outbox } from '../../web/data/outbox/outbox.svelte'
import { conflicts } from '../../web/data/conflicts.svelte'
import { rejoined } from '../../web/data/outbox/joined'
import { MemoryShelf, openShelf } from '../../web/data/outbox/shelf'

// What is noted with no signal: laid over what is known, on disk first, sent in order, once.

const at = (time: string) => `2026-05-09T${time}:00Z`
const JIG = { lure: 'jig' } as never
const READING = { lure: 'any' } as never
const stint = (id: string, from: string, change: object = {}) => ({
  id,
  started_at: at(from),
  build: JIG,
  reading: READING,
  events: [],
  ...change,
})
const outing = (...stints: object[]) => ({ id: 'o', started_at: at('08:00'), stints }) as unknown as Outing
const tie = (id: string, from: string, change: object = {}): Write => ({
  kind: 'tie',
  outing: 'o',
  stint: id,
  body: { started_at: at(from), build: JIG, reading: READING, ...change },
})
const bite = (event: string, time: string, change: object = {}): Write => ({
  kind: 'note',
  outing: 'o',
  event,
  body: { at: at(time), kind: 'bite', ...change },
})
const after = (start: Outing, ...writes: Write[]) => writes.reduce(applied, start)
const spans = (one: Outing) =>
  (one.stints ?? []).map((each) => [each.id, each.started_at.slice(11, 16), each.ended_at?.slice(11, 16) ?? null])
const events = (one: Outing) => (one.stints ?? []).map((each) => (each.events ?? []).map((event) => event.id))

describe('an outing with what waits laid over it', () => {
  it('has a new lure end the one before it', () => {
    expect(spans(after(outing(stint('a', '09:00')), tie('b', '10:00')))).toEqual([
      ['a', '09:00', '10:00'],
      ['b', '10:00', null],
    ])
  })

  it('puts a late lure in its place, with what happened under it', () => {
    const late = after(
      outing(stint('a', '09:00')),
      bite('e', '09:45'),
      tie('c', '10:00'),
      bite('f', '10:10'),
      tie('b', '09:40'),
      bite('g', '09:50'),
    )
    expect(spans(late)).toEqual([
      ['a', '09:00', '09:40'],
      ['b', '09:40', '10:00'],
      ['c', '10:00', null],
    ])
    expect(events(late)).toEqual([[], ['e', 'g'], ['f']])
  })

  it('leaves a lure ended that is noted again', () => {
    expect(spans(after(outing(stint('a', '09:00')), tie('b', '10:00'), tie('a', '09:00')))).toEqual([
      ['a', '09:00', '10:00'],
      ['b', '10:00', null],
    ])
  })

  it('keeps the partner’s lure apart, and notes an unknown one’s fish beside mine', () => {
    const two = after(
      outing(stint('a', '09:00')),
      bite('e', '09:10', { angler: 'partner' }),
      tie('p', '09:20', { angler: 'partner' }),
      bite('f', '09:30', { angler: 'partner' }),
    )
    expect(spans(two)).toEqual([
      ['a', '09:00', null],
      ['p', '09:20', null],
    ])
    expect(events(two)).toEqual([['e'], ['f']])
  })

  it('takes a lure off again, and the one before it goes on', () => {
    const write: Write = { kind: 'untie', outing: 'o', stint: 'b' }
    expect(spans(after(outing(stint('a', '09:00')), tie('b', '10:00'), write))).toEqual([['a', '09:00', null]])
  })

  it('replaces a note of the same id, and takes one away', () => {
    const twice = after(
      outing(stint('a', '09:00')),
      bite('e', '09:10'),
      bite('e', '09:10', { kind: 'landed', length_in: 14 }),
    )
    expect(twice.stints?.[0]?.events).toMatchObject([{ id: 'e', kind: 'landed', length_in: 14 }])
    expect(events(after(twice, { kind: 'unnote', outing: 'o', event: 'e' }))).toEqual([[]])
  })

  it('ends with all that is on', () => {
    const over = after(outing(stint('a', '09:00')), { kind: 'end', outing: 'o', ended_at: at('12:00') })
    expect(over.ended_at).toBe(at('12:00'))
    expect(spans(over)).toEqual([['a', '09:00', '12:00']])
  })

  it('reads the server’s way of writing a moment as its own', () => {
    const known = outing(
      stint('a', '09:00', { started_at: '2026-05-09T09:00:00+00:00', ended_at: '2026-05-09T10:00:00+00:00' }),
    )
    expect(events(after(known, bite('e', '10:00'), bite('f', '09:00')))).toEqual([['f', 'e']])
  })
})

describe('the outbox', () => {
  const answers: (number | 'none' | 'never')[] = []
  const asked: string[] = []
  let bodies: Record<string, object> = {}

  beforeEach(() => {
    answers.length = 0
    asked.length = 0
    bodies = {}
    vi.stubGlobal('fetch', undefined)
    vi.stubGlobal('navigator', {})
  })
  afterEach(() => vi.unstubAllGlobals())

  /** A server that answers as it is told, then that all is well. */
  async function serve() {
    const { api } = await import('../../web/data/client')
    for (const method of ['POST', 'PUT', 'DELETE'] as const)
      vi.spyOn(api, method).mockImplementation(((
        path: string,
        init?: { params?: { path?: Record<string, string> }; signal?: AbortSignal },
      ) => {
        asked.push(`${method} ${path} ${Object.values(init?.params?.path ?? {}).join(' ')}`.trim())
        const status = answers.shift() ?? 200
        if (status === 'never')
          return new Promise((_, fail) => init?.signal?.addEventListener('abort', () => fail(new DOMException('late'))))
        if (status === 'none') return Promise.reject(new TypeError('no network'))
        const body = bodies[String(status)] ?? {}
        const response = new Response(status === 204 ? null : JSON.stringify(body), { status })
        return Promise.resolve(status < 300 ? { data: body, response } : { error: body, response })
      }) as never)
  }

  const fresh = async () => {
    await serve()
    const shelf = new MemoryShelf()
    return { shelf, box: new Outbox(() => Promise.resolve(shelf)) }
  }

  it('sends in the order of the notes, each once', async () => {
    const { box } = await fresh()
    for (const write of [tie('a', '09:00'), bite('e', '09:10'), bite('f', '09:20')]) await box.add(write)
    await box.send()
    await box.send()
    expect(asked.map((one) => one.split(' ').at(-1))).toEqual(['a', 'e', 'f'])
    expect(box.entries).toEqual([])
  })

  it('hears of a note that comes when the last one was just sent', async () => {
    let letGo: () => void = () => undefined
    const gate = new Promise<void>((done) => (letGo = done))
    let isHeld: () => void = () => undefined
    const held = new Promise<void>((done) => (isHeld = done))
    // A browser that takes its time to give back what only one tab may hold.
    const request = async (_: string, work: () => Promise<void>) => {
      await work()
      isHeld()
      await gate
    }
    vi.stubGlobal('navigator', { locks: { request } })
    const { box } = await fresh()
    await box.add(bite('e', '09:10'))
    const sending = box.send()
    await held
    await box.add(bite('f', '09:20'))
    void box.send()
    letGo()
    await sending
    expect(asked.map((one) => one.split(' ').at(-1))).toEqual(['e', 'f'])
    expect(box.entries).toEqual([])
  })

  it('waits for another tab that sends, sends what is left, and is told what the other has sent', async () => {
    let last: Promise<void> = Promise.resolve()
    const request = (_: string, work: () => Promise<void>) => (last = last.then(work))
    vi.stubGlobal('navigator', { locks: { request } })
    const { box: one, shelf } = await fresh()
    const other = new Outbox(() => Promise.resolve(shelf))
    const told: unknown[] = []
    other.whenSent((write, answer) => told.push(['event' in write && write.event, answer]))
    await other.add(bite('e', '09:10'))
    const first = one.send()
    const second = other.send()
    await first
    await other.add(bite('f', '09:20'))
    await Promise.all([second, other.send()])
    expect(asked.map((each) => each.split(' ').at(-1))).toEqual(['e', 'f'])
    expect(told).toEqual([
      ['e', null],
      ['f', {}],
    ])
    expect(other.entries).toEqual([])
  })

  it('loses no note that is added while the others are read', async () => {
    const { box, shelf } = await fresh()
    await shelf.add({ at: at('09:00'), write: bite('e', '09:00') })
    const read = shelf.waiting.bind(shelf)
    let hasAdded = false
    vi.spyOn(shelf, 'waiting').mockImplementation(async () => {
      const before = await read()
      if (!hasAdded) {
        hasAdded = true
        await box.add(bite('f', '09:10'))
      }
      return before
    })
    answers.push('none')
    await box.send()
    expect(box.waiting.map(({ write }) => 'event' in write && write.event)).toEqual(['e', 'f'])
  })

  it('stops where the network does, and goes on there', async () => {
    const { box, shelf } = await fresh()
    for (const write of [bite('e', '09:10'), bite('f', '09:20'), bite('g', '09:30')]) await box.add(write)
    answers.push(200, 'none')
    await box.send()
    expect(box.waiting).toHaveLength(2)
    // Another page, after the battery was flat.
    const next = new Outbox(() => Promise.resolve(shelf))
    asked.length = 0
    await next.send()
    expect(asked.map((one) => one.split(' ').at(-1))).toEqual(['f', 'g'])
    expect(await shelf.waiting()).toEqual([])
  })

  it('keeps what was sent in the outing that this device knows, whoever listens', async () => {
    const { box, shelf } = await fresh()
    await box.know(outing(stint('a', '09:00')))
    await box.add(bite('e', '09:10'))
    await box.add(bite('f', '09:20'))
    answers.push(204)
    await box.send()
    // Another page, with no signal.
    const next = new Outbox(() => Promise.resolve(shelf))
    const events = (await next.outing('o'))?.stints?.flatMap((one) => (one.events ?? []).map((event) => event.id))
    expect(events).toEqual(['e', 'f'])
  })

  it('leaves no clock running for what was answered', async () => {
    vi.useFakeTimers()
    try {
      const { box } = await fresh()
      await box.add(bite('e', '09:10'))
      await box.send()
      expect(vi.getTimerCount()).toBe(0)
    } finally {
      vi.useRealTimers()
    }
  })

  it('gives up on an answer that never comes, and sends it again', async () => {
    vi.useFakeTimers()
    // The browser's own clock is no other clock here.
    vi.spyOn(AbortSignal, 'timeout').mockImplementation((ms) => {
      const late = new AbortController()
      setTimeout(() => late.abort(), ms)
      return late.signal
    })
    try {
      const { box } = await fresh()
      await box.add(bite('e', '09:10'))
      answers.push('never')
      const sending = box.send()
      await vi.advanceTimersByTimeAsync(61_000)
      await sending
      expect(box.waiting).toHaveLength(1)
      await box.send()
      expect(asked.map((one) => one.split(' ').at(-1))).toEqual(['e', 'e'])
      expect(box.entries).toEqual([])
    } finally {
      vi.useRealTimers()
      vi.restoreAllMocks()
    }
  })

  it.each([401, 429, 500, 503])('waits where the answer is %i', async (status) => {
    const { box } = await fresh()
    await box.add(bite('e', '09:10'))
    answers.push(status)
    await box.send()
    expect(box.waiting).toHaveLength(1)
    expect(box.refused).toEqual([])
  })

  it('keeps what was refused with the reason, and goes on with the next', async () => {
    const { box, shelf } = await fresh()
    bodies['422'] = { detail: 'This document has errors.', faults: [{ code: 'x', message: 'No lure was tied on.' }] }
    for (const write of [bite('e', '09:10'), bite('f', '09:20')]) await box.add(write)
    answers.push(422)
    await box.send()
    expect(box.waiting).toEqual([])
    expect(box.refused).toMatchObject([{ problem: 'No lure was tied on.', write: { event: 'e' } }])
    expect(await shelf.waiting()).toHaveLength(1)
    const [refused] = box.refused
    if (refused) await box.retry(refused)
    expect(box.entries).toEqual([])
  })

  describe('where another device came first', () => {
    const GRUB = { name: 'Grub' } as never
    const CRAW = { name: 'Craw' } as never
    const stale = (current: object) => ({ code: 'stale', detail: 'Changed.', faults: [], current })
    async function held(write: Write, current: object) {
      const { box } = await fresh()
      bodies['409'] = stale(current)
      await box.add(write)
      answers.push(409)
      await box.send()
      return box
    }

    it('joins what each alone has changed, and sends that', async () => {
      const box = await held(
        { kind: 'box', outing: 'o', before: {}, box: { lures: [JIG] } },
        { lures: [], trailers: [GRUB] },
      )
      expect(asked).toHaveLength(2)
      expect(box.entries).toEqual([])
    })

    it('keeps both versions where both changed the same, and sends the answer from what is stored now', async () => {
      const box = await held({ kind: 'box', outing: 'o', before: {}, box: { trailers: [CRAW] } }, { trailers: [GRUB] })
      expect(box.refused).toMatchObject([{ theirs: { trailers: [GRUB] } }])
      const [entry] = box.refused
      if (!entry) throw new Error('It is kept.')
      const answered = vi.fn()
      expect(rejoined(entry.write, { value: entry.theirs, version: null }, answered)).toBeNull()
      expect(conflicts.open?.versions(false)).toEqual([
        { key: 'trailers', name: 'Trailers', mine: 'Craw', theirs: 'Grub' },
      ])
      conflicts.answer([])
      expect(answered).toHaveBeenCalledExactlyOnceWith(
        expect.objectContaining({ before: { trailers: [GRUB] }, box: { trailers: [CRAW] } }),
      )
    })

    it('joins the reading too, and one that an older program left here is asked field by field', async () => {
      const reading = { visibility_in: 20, sky: 'sun', wind: 'calm' }
      const theirs = { value: { reading: { ...reading, wind: 'chop' }, water_id: null }, version: 4 }
      const mine = { reading: { ...reading, sky: 'rain' } as never, water_id: null }
      const base = { value: { reading: reading as never, water_id: null }, version: 3 }
      expect(rejoined({ kind: 'current', body: mine, base }, theirs)).toMatchObject({
        body: { reading: { sky: 'rain', wind: 'chop' } },
        base: { version: 4 },
      })
      expect(rejoined({ kind: 'current', body: mine, version: '"v3"' }, theirs, vi.fn())).toBeNull()
      expect(conflicts.open?.versions(false).map((one) => one.name)).toEqual(['Sky', 'Wind'])
      conflicts.answer([])
    })
  })

  it.each([
    [{ kind: 'unnote', outing: 'o', event: 'e' }, 404, {}],
    [{ kind: 'untie', outing: 'o', stint: 'a' }, 404, {}],
    [{ kind: 'reading', id: 'r', body: READING, water_id: null }, 422, { faults: [{ code: 'taken', message: '' }] }],
  ] as [Write, number, object][])('takes %j for done where its answer was lost', async (write, status, body) => {
    const { box } = await fresh()
    bodies[String(status)] = body
    await box.add(write)
    answers.push(status)
    await box.send()
    expect(box.entries).toEqual([])
  })

  it('keeps only the newest of what is replaced as a whole', async () => {
    const { box } = await fresh()
    const current = (visibility_in: number): Write => ({
      kind: 'current',
      body: { reading: { visibility_in } as never, water_id: null },
      base: null,
    })
    await box.replace(current(10))
    await box.add(bite('e', '09:10'))
    await box.replace(current(20))
    expect(box.entries.map(({ write }) => write.kind)).toEqual(['note', 'current'])
    await box.drop('current')
    expect(box.entries.map(({ write }) => write.kind)).toEqual(['note'])
  })

  it('knows an outing that only this device has', async () => {
    const { box } = await fresh()
    await box.add({ kind: 'outing', outing: 'o', body: { started_at: at('08:00') } })
    await box.add(tie('a', '09:00'))
    expect(await box.outing('o')).toMatchObject({ id: 'o', stints: [{ id: 'a' }] })
    expect(await box.outing('other')).toBeNull()
  })

  it('is in the browser’s own database, in order, where there is one', async () => {
    const shelf = await openShelf('test')
    expect(shelf.lasts).toBe(true)
    const box = new Outbox(() => Promise.resolve(shelf))
    for (const write of [bite('e', '09:10'), bite('f', '09:20')]) await box.add(write)
    await box.know(outing(stint('a', '09:00')))
    // Opened again, as after a restart.
    const again = new Outbox(() => openShelf('test'))
    expect((await (await openShelf('test')).waiting()).map(({ write }) => 'event' in write && write.event)).toEqual([
      'e',
      'f',
    ])
    expect(await again.kept('outing:o')).toMatchObject({ id: 'o' })
    expect(await again.namesOf('outing:')).toEqual(['outing:o'])
  })

  it('is in memory where the browser has none for this page', async () => {
    vi.stubGlobal('indexedDB', {
      open: () => {
        throw new Error('SecurityError')
      },
    })
    const shelf = await openShelf('none')
    expect(shelf.lasts).toBe(false)
    await shelf.add({ at: at('09:00'), write: bite('e', '09:10') })
    expect(await shelf.waiting()).toHaveLength(1)
  })
})
