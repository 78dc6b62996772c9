import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { keys } from '../../web/data/keys'
import type { Settings } from '../../web/words/documents'
import { pageAt } from './pageAt'

// What a choice makes stale: letting the log vote left the advice as it was until the page was loaded again.

const CHOICES = { units: 'us', theme: 'paper', schools: {}, log_says: [] } as unknown as Settings
const ADVICE = keys.advice({ lure: 'jig' } as Parameters<typeof keys.advice>[0])

/** The store and the answers it knows of, as they are loaded with a page. */
async function page() {
  vi.resetModules()
  const { settings } = await import('../../web/data/settings.svelte')
  const { queryClient } = await import('../../web/data/queryClient')
  settings.start(CHOICES, 1)
  queryClient.setQueryData(ADVICE, 'known')
  return { settings, isStale: () => queryClient.getQueryState(ADVICE)?.isInvalidated }
}

beforeEach(() => {
  vi.useFakeTimers()
  const nothing = () => undefined
  vi.stubGlobal('document', {
    addEventListener: nothing,
    documentElement: { dataset: {}, toggleAttribute: nothing },
  })
  vi.stubGlobal('addEventListener', nothing)
  pageAt('http://localhost/')
  vi.stubGlobal('fetch', () => Promise.resolve(new Response(null, { status: 204 })))
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

test('an advice is asked for again once the log may vote', async () => {
  const { settings, isStale } = await page()
  settings.change({ log_says: ['dirty'] })
  await vi.runAllTimersAsync()
  await vi.waitFor(() => expect(isStale()).toBe(true))
})

test('in other units its sentences say other quantities', async () => {
  const { settings, isStale } = await page()
  settings.change({ units: 'metric' })
  await vi.runAllTimersAsync()
  await vi.waitFor(() => expect(isStale()).toBe(true))
})

test('the theme leaves it as it is', async () => {
  const { settings, isStale } = await page()
  settings.change({ theme: 'lamp' })
  await vi.runAllTimersAsync()
  expect(isStale()).toBe(false)
})
