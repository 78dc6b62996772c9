import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import type { Water } from '../../web/words/documents'
import { serving } from './serving'

// What is half typed in is there after a look elsewhere, with what it was made of; also where an older program kept it, and what it left to
// be sent.

let kept: Record<string, string>

beforeEach(() => {
  vi.resetModules()
  kept = {}
  vi.stubGlobal('sessionStorage', {
    getItem: (key: string) => kept[key] ?? null,
    setItem: (key: string, value: string) => (kept[key] = value),
    removeItem: (key: string) => Reflect.deleteProperty(kept, key),
  })
})
afterEach(() => void vi.unstubAllGlobals())

const form = async () => new (await import('../../web/data/draft.svelte')).Form<Water>('water')
const QUARRY = { id: 'q', name: 'Quarry', tint: 'clay', red_crawfish: false } as Water

test('a form keeps what it was opened on beside what is typed', async () => {
  const base = { value: QUARRY, version: 3 }
  const one = await form()
  one.open(QUARRY, base)
  one.set({ note: 'ramp' })
  expect((await form()).edit).toEqual({ base, mine: { ...QUARRY, note: 'ramp' } })
  one.close()
  expect((await form()).edit).toBeNull()
})

test('one that an older program kept is taken, without a base', async () => {
  kept['kontrast.draft.water'] = JSON.stringify({ ...QUARRY, note: 'half ty' })
  expect((await form()).edit).toEqual({ base: null, mine: { ...QUARRY, note: 'half ty' } })
})

test('a reading that an older program left to be sent names its version as it stood there', async () => {
  const server = serving()
  const { send } = await import('../../web/data/outbox/entry')
  const body = { reading: { sky: 'sun' } as never, water_id: null }
  const { signal } = new AbortController()
  await send({ kind: 'current', body, version: '"v3"' }, signal)
  await send({ kind: 'current', body, base: { value: body, version: 5 } }, signal)
  await send({ kind: 'current', body, base: null }, signal)
  expect(server.writes().map((one) => one.version)).toEqual(['"v3"', '"v5"', null])
})
