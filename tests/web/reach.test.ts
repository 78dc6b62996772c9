import { beforeEach, describe, expect, test, vi } from 'vitest'
import { KEPT_AT, SLOW } from '../../web/data/keptAt'
import { keeping } from '../../web/sw/patience'

// What stands in for an answer of the server, and what the page makes of it: one that is only slow is no lost connection.

const URL_OF = (path: string) => `http://localhost${path}`
const response = (headers: Record<string, string> = {}, path = '/api/parts') =>
  Object.defineProperty(new Response('{}', { headers }), 'url', { value: URL_OF(path) })
const AT = '2026-05-09T09:07:00.000Z'

describe('the worker', () => {
  const plugin = keeping(() => Promise.resolve(true))
  const used = async (state: Record<string, unknown>) =>
    (await plugin.cachedResponseWillBeUsed?.({
      cachedResponse: response({ [KEPT_AT]: AT }),
      state,
    } as never)) as Response

  test('keeps a good answer with its moment, and no other', async () => {
    const kept = await plugin.cacheWillUpdate?.({ response: new Response('{}') } as never)
    expect((kept as Response).headers.get(KEPT_AT)).not.toBeNull()
    expect(await plugin.cacheWillUpdate?.({ response: new Response('', { status: 500 }) } as never)).toBeNull()
  })

  test('says slow where the server has not answered yet, and nothing more where it cannot be reached', async () => {
    expect((await used({})).headers.get(SLOW)).toBe('1')
    const state: Record<string, unknown> = {}
    await plugin.fetchDidFail?.({ state } as never)
    expect((await used(state)).headers.get(SLOW)).toBeNull()
  })
})

describe('the page', () => {
  let reach: typeof import('../../web/data/reach.svelte').reach
  beforeEach(async () => {
    vi.resetModules()
    ;({ reach } = await import('../../web/data/reach.svelte'))
  })

  test('that is answered late by one address is slow, not away, and nothing is asked again', () => {
    const back = vi.fn()
    reach.whenBack(back)
    for (let i = 0; i < 3; i++) {
      reach.answered(response({ [KEPT_AT]: AT, [SLOW]: '1' }, '/api/missing'))
      reach.answered(response({}, '/api/parts'))
    }
    expect([reach.isAway, reach.isSlow, reach.keptAt]).toEqual([false, true, AT])
    expect(back).not.toHaveBeenCalled()
    reach.answered(response({}, '/api/missing'))
    expect([reach.isSlow, reach.keptAt]).toEqual([false, null])
  })

  test('that nothing answers is away, and asks everything again once something does', () => {
    const back = vi.fn()
    reach.whenBack(back)
    reach.answered(response({ [KEPT_AT]: AT }, '/api/missing'))
    reach.answered(response({ [KEPT_AT]: '2026-05-09T08:00:00.000Z' }, '/api/parts'))
    expect([reach.isAway, reach.isSlow, reach.keptAt]).toEqual([true, false, '2026-05-09T08:00:00.000Z'])
    reach.answered(response())
    expect([reach.isAway, reach.keptAt]).toEqual([false, null])
    expect(back).toHaveBeenCalledOnce()
  })
})
