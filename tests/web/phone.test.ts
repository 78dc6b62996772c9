import { describe, expect, it, vi } from 'vitest'
import type { Reading, TripPack } from '../../web/words/documents'
import { isDoneAlready, outingOf, writeWords, type Write } from '../../web/data/outbox/entry'
import { PACK_VERSION } from '../../web/words/vocabulary'
import { deviceWords } from '../../web/screens/settings/device'

// The small words and decisions around a phone.

describe('a device in words', () => {
  it.each([
    [
      'Mozilla/5.0 (Linux; Android 16; Pixel) AppleWebKit/537.36 Chrome/156.0 Mobile Safari/537.36',
      'Chrome on Android',
    ],
    [
      'Mozilla/5.0 (iPhone; CPU iPhone OS 19_0 like Mac OS X) AppleWebKit/605 Version/19.0 Safari/604',
      'Safari on iPhone or iPad',
    ],
    ['Mozilla/5.0 (X11; Linux x86_64; rv:150.0) Gecko/20100101 Firefox/150.0', 'Firefox on Linux'],
    ['Mozilla/5.0 (Windows NT 10.0) AppleWebKit/537.36 Chrome/156.0 Safari/537.36 Edg/156.0', 'Edge on Windows'],
    ['curl/7.88.1', 'curl/7.88.1'],
    ['', 'Unknown device'],
  ])('%s', (agent, words) => expect(deviceWords(agent)).toBe(words))
})

const ENTRY = { key: 1, at: '2026-05-09T14:07:00Z' }
const JIG = { lure: 'swim_jig' } as never

describe('a write in words', () => {
  it.each([
    [{ kind: 'note', outing: 'o', event: 'e', body: { at: '', kind: 'lure_lost' } }, /^Lure lost, \d+:\d\d [AP]M$/],
    [{ kind: 'tie', outing: 'o', stint: 's', body: { started_at: '', build: JIG, reading: {} } }, /^Lure: swim jig, /],
    [{ kind: 'outing', outing: 'o', body: { started_at: '' } }, /^Outing started, /],
    [{ kind: 'end', outing: 'o', ended_at: '' }, /^Outing ended, /],
    [{ kind: 'unnote', outing: 'o', event: 'e' }, /^Note undone, /],
    [{ kind: 'box', outing: 'o', before: {}, box: {} }, /^Change to the box, /],
    [{ kind: 'reading', id: 'r', body: {}, water_id: null }, /^Saved reading, /],
    [{ kind: 'current', body: {}, version: null }, /^Change to the reading, /],
  ] as unknown as [Write, RegExp][])('%j', (write, words) => expect(writeWords({ ...ENTRY, write })).toMatch(words))

  it('knows the outing it belongs to', () => {
    expect(outingOf({ kind: 'end', outing: 'o', ended_at: '' })).toBe('o')
    expect(outingOf({ kind: 'reading', id: 'r', body: {} as Reading, water_id: null })).toBeNull()
  })

  it('is not taken for done where something else is wrong', () => {
    expect(isDoneAlready({ kind: 'note', outing: 'o', event: 'e', body: { at: '', kind: 'bite' } }, 404, [])).toBe(
      false,
    )
    expect(
      isDoneAlready({ kind: 'reading', id: 'r', body: {} as Reading, water_id: null }, 422, ['not_in_range']),
    ).toBe(false)
  })
})

describe('packing', () => {
  const pack = (id: string, visibility: number): TripPack =>
    ({
      kontrast_pack: PACK_VERSION,
      made_at: '2026-05-08T20:00:00Z',
      trip: { id },
      reading: { lure: 'jig', sky: 'sun', wind: 'calm', bite: 'normal', cover: 'wood' },
      axes: {
        lure: ['jig'],
        visibility_in: [visibility],
        sky: ['sun'],
        wind: ['calm'],
        bite: ['normal'],
        cover: ['wood'],
      },
      fields: ['head'],
      lists: [],
      cells: [0],
      advices: [[0]],
      values: [id],
      orders: [0],
      ranked: [[[0, null, 50]]],
      lures: [],
      turns: [],
      carry: { lures: [], trailers: [] },
    }) as unknown as TripPack
  const lines = (...steps: object[]) =>
    new Response(steps.map((step) => JSON.stringify(step)).join('\n'), { status: 200 })

  it('tells its progress, keeps the pack, and finds the one that knows most of a reading', async () => {
    const { Packs } = await import('../../web/data/pack/packs.svelte')
    const packs = new Packs()
    const seen: number[] = []
    vi.stubGlobal('fetch', () =>
      Promise.resolve(lines({ done: 0, of: 1 }, { done: 1, of: 1 }, { pack: pack('a', 20) })),
    )
    const packing = packs.pack('a')
    seen.push(packs.packing?.done ?? -1)
    await packing
    expect(seen).toEqual([0])
    expect(packs.packing).toBeNull()
    expect(packs.of('a')?.trip.id).toBe('a')
    await packs.keep(pack('b', 60))
    const asked = { lure: 'jig', visibility_in: 62, sky: 'sun', wind: 'calm', bite: 'normal', cover: 'wood' } as Reading
    expect(await packs.advice(asked)).toMatchObject({
      value: { head: 'b' },
      near: { visibility_in: 60, outside: [] },
    })
    expect(packs.ranked('b', asked)).toEqual([{ lure: 0, trailer: null, score: 50 }])
    await packs.remove('a')
    expect(packs.of('a')).toBeUndefined()
    vi.unstubAllGlobals()
  })

  it('says what went wrong, and nothing where it was canceled', async () => {
    const { Packs } = await import('../../web/data/pack/packs.svelte')
    const packs = new Packs()
    vi.stubGlobal('fetch', () => Promise.resolve(lines({ problem: 'Your parts make no lure of these types yet.' })))
    await packs.pack('a')
    expect(packs.problem).toEqual({ trip: 'a', says: 'Your parts make no lure of these types yet.' })
    vi.stubGlobal(
      'fetch',
      (_: string, { signal }: { signal: AbortSignal }) =>
        new Promise((_done, failed) =>
          signal.addEventListener('abort', () => failed(new DOMException('', 'AbortError'))),
        ),
    )
    const packing = packs.pack('a')
    packs.cancel()
    await packing
    expect([packs.problem, packs.packing]).toEqual([null, null])
    vi.unstubAllGlobals()
  })

  it('names a pack of another version, and does not read it', async () => {
    const { Packs } = await import('../../web/data/pack/packs.svelte')
    const packs = new Packs()
    await packs.keep({ ...pack('old', 20), kontrast_pack: 0 })
    expect(packs.old).toEqual(['old'])
    expect(packs.of('old')).toBeUndefined()
  })
})
