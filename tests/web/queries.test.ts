import type { Advice } from '../../web/words/documents'
import { QueryObserver } from '@tanstack/svelte-query'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { keys, STALE_AFTER, type Written } from '../../web/data/keys'
import { queryClient } from '../../web/data/queryClient'
import { Refused, Unreachable, answer } from '../../web/data/client'
import { knowAdvice } from '../../web/data/queries'
import { isSame } from '../../web/data/settled.svelte'
import { whenWritten, wrote } from '../../web/data/writes'

// What each write makes stale, and what is asked again when the server is silent.

const READING = { lure: 'jig' } as Parameters<typeof keys.best>[0]
const BUILD = { lure: 'jig' } as Parameters<typeof keys.swaps>[0]['build']

const KEPT: Record<string, readonly unknown[]> = {
  advice: keys.advice(READING),
  'advice-view': ['advice-view', {}],
  explanation: ['explanation', {}],
  verdict: keys.verdict({ reading: READING, build: BUILD, from: 'side' }),
  best: keys.best(READING),
  'advised-build': keys.advisedBuild(READING),
  shopping: keys.shopping([READING]),
  swaps: keys.swaps({ reading: READING, build: BUILD }),
  sheet: keys.sheet({ reading: READING, build: BUILD }),
  batch: keys.batch([]),
  missing: keys.missing(),
  access: keys.access(),
  inventory: keys.inventory(),
  builds: keys.builds(),
  built: keys.built(),
  waters: keys.waters(),
  readings: keys.readings(),
  rules: keys.rules(),
  rule: keys.rule('B3.stained'),
  conflicts: keys.conflicts('S1'),
  moment: ['moment', {}],
  depths: ['depths', {}],
  chart: ['chart', {}],
  different: ['different', {}],
  sights: ['sights'],
  sensitivity: ['sensitivity', {}],
  motion: ['motion', {}],
  names: keys.names(),
  'trip-plan': ['trip-plan', {}],
  trips: ['trips'],
  outings: keys.outings(),
  outing: keys.outing('one'),
  analysis: keys.analysis(),
  asked: ['asked', {}],
  pair: ['pair', {}],
  season: keys.season(),
  usual: keys.usual(),
  trials: keys.trials(),
  practice: keys.practice(),
  'practice-answers': keys.practiceAnswers(),
}

describe('what a write makes stale', () => {
  beforeEach(() => {
    for (const key of Object.values(KEPT)) queryClient.setQueryData(key, 'known')
  })
  afterEach(() => queryClient.clear())

  const stale = () =>
    Object.entries(KEPT)
      .filter(([, key]) => queryClient.getQueryState(key)?.isInvalidated)
      .map(([name]) => name)

  for (const [what, expected] of [
    ['parts', ['best', 'advised-build', 'shopping', 'swaps', 'sheet', 'batch', 'missing', 'inventory', 'trip-plan']],
    [
      'built',
      ['best', 'advised-build', 'shopping', 'swaps', 'sheet', 'batch', 'missing', 'inventory', 'built', 'trip-plan'],
    ],
    ['trips', ['trips']],
    ['swatches', ['inventory']],
    // The gear ratio and the price stand on the sheet; the units and the theme in no answer at all.
    ['settings', ['sheet', 'batch', 'missing']],
    [
      'log-says',
      [
        'advice',
        'advice-view',
        'explanation',
        'verdict',
        'best',
        'advised-build',
        'shopping',
        'swaps',
        'sheet',
        'batch',
        'missing',
        'inventory',
        'rules',
        'rule',
        'conflicts',
        'moment',
        'depths',
        'chart',
        'different',
        'sensitivity',
        'motion',
        'trip-plan',
      ],
    ],
    ['names', ['names']],
    ['builds', ['builds']],
    ['waters', ['waters', 'sights', 'usual']],
    ['readings', ['missing', 'readings', 'sights', 'season', 'usual']],
    ['notes', ['different', 'sights', 'outings', 'outing', 'analysis', 'asked', 'pair', 'season', 'trials']],
    ['trials', ['trials']],
    ['practice', ['practice', 'practice-answers']],
    ['everything', Object.keys(KEPT)],
  ] as [Written, string[]][]) {
    test(`${what}`, async () => {
      await wrote(what)
      expect(stale()).toEqual(expected)
    })
  }

  test('a write of a part never makes an advice stale: no part decides it', async () => {
    await wrote('parts')
    expect(stale()).not.toContain('advice')
  })

  test('what was asked for the first time before a write, and is still on its way, is asked again', async () => {
    const answers: ((value: string) => void)[] = []
    const observer = new QueryObserver(queryClient, {
      queryKey: ['advice-view', 'first'],
      queryFn: ({ signal }) =>
        new Promise<string>((done, fail) => {
          answers.push(done)
          signal.addEventListener('abort', () => {
            fail(new Error('canceled'))
          })
        }),
      staleTime: Infinity,
    })
    const leave = observer.subscribe(() => undefined)
    expect(answers.length).toBe(1)
    const written = wrote('log-says')
    await vi.waitFor(() => {
      expect(answers.length).toBe(2)
    })
    answers[0]?.('from before the write')
    answers[1]?.('from after it')
    await written
    expect(observer.getCurrentResult().data).toBe('from after it')
    leave()
  })

  test('a store that holds copies of parts is told', async () => {
    const told = vi.fn()
    whenWritten(told)
    await wrote('parts')
    expect(told).toHaveBeenCalledWith('parts')
  })

  test('every word that is named is the first of a key', () => {
    const first = new Set(Object.values(KEPT).map(([word]) => word))
    for (const named of Object.values(STALE_AFTER)) {
      if (named !== 'all') for (const word of named) expect(first).toContain(word)
    }
  })
})

describe('an advice that came along with another answer', () => {
  const known = () => queryClient.getQueryData<{ value: object }>(keys.advice(READING))?.value
  const advice = (name: string, more: object = {}) => ({ name, ...more }) as unknown as Advice

  test('takes the place of one from a pack, and of no other', () => {
    queryClient.setQueryData(keys.advice(READING), { input: READING, value: advice('packed', { packed: {} }) })
    expect(knowAdvice(READING, advice('by the rules'))).toEqual({ name: 'by the rules' })
    expect(known()).toEqual({ name: 'by the rules' })
    expect(knowAdvice(READING, advice('again'))).toEqual({ name: 'by the rules' })
    void queryClient.invalidateQueries({ queryKey: keys.advice(READING) })
    expect(knowAdvice(READING, advice('since the rules changed'))).toEqual({ name: 'since the rules changed' })
    expect(known()).toEqual({ name: 'since the rules changed' })
    queryClient.removeQueries({ queryKey: keys.advice(READING) })
    expect(knowAdvice(READING, advice('first'))).toEqual({ name: 'first' })
    expect(known()).toEqual({ name: 'first' })
  })
})

describe('asking again', () => {
  const retry = queryClient.getDefaultOptions().queries?.retry as (count: number, error: Error) => boolean
  const refusal = new Refused({ type: '', title: '', status: 422, detail: 'No.', code: '', faults: [], fault_count: 0 })

  test('silence is asked again, twice', () => {
    expect([0, 1, 2].map((count) => retry(count, new Unreachable()))).toEqual([true, true, false])
  })

  test('a refusal is an answer', () => expect(retry(0, refusal)).toBe(false))

  test('whatever the browser thinks of the network', () => {
    const { queries, mutations } = queryClient.getDefaultOptions()
    expect([queries?.networkMode, mutations?.networkMode]).toEqual(['always', 'always'])
    expect([queries?.refetchOnWindowFocus, queries?.refetchOnReconnect]).toEqual([false, false])
  })
})

describe('what went wrong, in words', () => {
  test('the browser’s own wording never reaches the screen', async () => {
    const failing = answer(Promise.reject(new TypeError('Failed to fetch')))
    await expect(failing).rejects.toThrow(
      'Kontrast does not answer. It is not running, or this device has no connection to it.',
    )
  })

  test('an answer that is no sentence gets one', async () => {
    const refused = answer(Promise.resolve({ error: '<html>', response: new Response('', { status: 502 }) }))
    await expect(refused).rejects.toThrow('Kontrast could not answer (502)')
  })

  test('a canceled request stays what it is', async () => {
    const canceled = answer(Promise.reject(new DOMException('gone', 'AbortError')))
    await expect(canceled).rejects.toThrow('gone')
  })
})

test('inputs are the same where they say the same', () => {
  expect(isSame({ a: [1] }, { a: [1] })).toBe(true)
  expect(isSame({ a: [1] }, { a: [2] })).toBe(false)
})
