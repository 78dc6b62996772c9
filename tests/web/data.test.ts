import { QueryObserver } from '@tanstack/svelte-query'
import { describe, expect, test, vi } from 'vitest'
import type { Advice, Reading, Settings } from '../../web/words/documents'
import { eachServed, settle, json, refused, stored } from './serving'

// What each write makes stale follows from what each read says it hangs on; that they say all of it is held against the program itself in
// tests/faults/stale.test.ts.

const READING = { lure: 'jig' } as Reading

const served = eachServed()

/** All that is read and written, as a page that opened every screen has it. */
async function all() {
  const files = import.meta.glob('../../web/data/*.ts')
  await Promise.all(Object.values(files).map((load) => load()))
  const [{ READS }, { WRITES }, cache] = await Promise.all([
    import('../../web/data/read.svelte'),
    import('../../web/data/write.svelte'),
    import('../../web/data/cache'),
  ])
  return { READS, WRITES, ...cache }
}

describe('what a write makes stale', () => {
  test('is what hangs on it, of all there is, and nothing else', async () => {
    const { READS, queryClient, wrote } = await all()
    const names = Object.keys(READS)
    expect(names.length).toBeGreaterThan(40)
    for (const kept of new Set(Object.values(READS).flatMap(({ on }) => on))) {
      for (const name of names) queryClient.setQueryData([name, 'some'], 'known')
      await wrote([kept])
      const stale = names.filter((name) => queryClient.getQueryState([name, 'some'])?.isInvalidated)
      expect(stale, kept).toEqual(names.filter((name) => READS[name]?.on.includes(kept)))
      expect(stale.length, kept).toBeGreaterThan(0)
      queryClient.clear()
    }
  })

  test('is everything once a backup was restored', async () => {
    const { READS, WRITES, queryClient, wrote } = await all()
    for (const name of Object.keys(READS)) queryClient.setQueryData([name], 'known')
    await wrote('everything')
    expect(Object.keys(READS).filter((name) => !queryClient.getQueryState([name])?.isInvalidated)).toEqual([])
    expect(WRITES['backup.restore']).toBe('everything')
  })

  test('is never nothing: what is written is read somewhere', async () => {
    const { READS, WRITES } = await all()
    const read = new Set<string>(Object.values(READS).flatMap(({ on }) => on))
    const written = Object.values(WRITES).flatMap((changes) => (typeof changes === 'string' ? [] : changes))
    expect(written.filter((one) => !read.has(one))).toEqual([])
  })

  test('is no advice where a part is added: no part decides it', async () => {
    const { READS } = await all()
    expect(READS.advice?.on).not.toContain('parts')
  })

  test('is told to whoever asks', async () => {
    const { whenWritten, wrote } = await all()
    const told = vi.fn()
    whenWritten(told)
    await wrote(['parts'])
    expect(told).toHaveBeenCalledExactlyOnceWith(['parts'])
  })

  test('is asked again though it was asked for the first time before the write, and is on its way', async () => {
    vi.useRealTimers()
    const { queryClient, wrote } = await all()
    const answers: ((value: string) => void)[] = []
    const observer = new QueryObserver(queryClient, {
      queryKey: ['advice-view', 'first'],
      queryFn: ({ signal }) =>
        new Promise<string>((done, fail) => {
          answers.push(done)
          signal.addEventListener('abort', () => fail(new Error('canceled')))
        }),
      staleTime: Infinity,
    })
    const leave = observer.subscribe(() => undefined)
    const written = wrote(['votes'])
    await vi.waitFor(() => expect(answers.length).toBe(2))
    answers[0]?.('from before the write')
    answers[1]?.('from after it')
    await written
    expect(observer.getCurrentResult().data).toBe('from after it')
    leave()
  })
})

describe('a choice', () => {
  const CHOICES = { units: 'us', theme: 'paper', schools: {}, log_says: [] } as unknown as Settings
  async function isStaleAfter(change: Partial<Settings>): Promise<boolean | undefined> {
    const { settings } = await import('../../web/data/settings.svelte')
    const { adviceFor } = await import('../../web/data/advice')
    const { queryClient } = await import('../../web/data/cache')
    settings.start(CHOICES, 1)
    adviceFor.know(READING, {} as Advice)
    served().answers.push(stored(2), json({ ...CHOICES, ...change }, 2))
    settings.change(change)
    await settle()
    return queryClient.getQueryState(adviceFor.key(READING))?.isInvalidated
  }

  test('that the log may vote has the advice asked again', async () =>
    expect(await isStaleAfter({ log_says: ['dirty'] })).toBe(true))
  test('of other units too: its sentences say other quantities', async () =>
    expect(await isStaleAfter({ units: 'metric' })).toBe(true))
  test('of a theme does not', async () => expect(await isStaleAfter({ theme: 'lamp' })).toBe(false))

  test('of the log has each note change the advice', async () => {
    const { settings } = await import('../../web/data/settings.svelte')
    const { changesOf } = await import('../../web/data/outbox/changes')
    const bite = { kind: 'note', outing: 'o', event: 'e', body: { kind: 'bite' } } as never
    settings.start(CHOICES, 1)
    expect(changesOf(bite)).toEqual(['notes'])
    settings.start({ ...CHOICES, log_says: ['dirty'] }, 1)
    expect(changesOf(bite)).toEqual(['notes', 'votes'])
  })
})

describe('an advice that came along with another answer', () => {
  test('takes the place of one from a pack, and of no other', async () => {
    const { adviceFor, knowAdvice } = await import('../../web/data/advice')
    const { wrote } = await import('../../web/data/cache')
    const advice = (name: string) => ({ name }) as unknown as Advice
    const known = () => adviceFor.known(READING)?.value
    adviceFor.know(READING, advice('packed'), { visibility_in: 20 } as never)
    expect(knowAdvice(READING, advice('by the rules'))).toEqual({ name: 'by the rules' })
    expect(knowAdvice(READING, advice('again'))).toEqual({ name: 'by the rules' })
    await wrote(['votes'])
    expect(knowAdvice(READING, advice('since the rules changed'))).toEqual({ name: 'since the rules changed' })
    expect(known()).toEqual({ name: 'since the rules changed' })
  })
})

describe('a write', () => {
  const water = { name: 'Pond' } as never
  const told = async () => {
    const { notices } = await import('../../web/data/notices.svelte')
    const all: { text: string; action: { run: () => unknown } | null }[] = []
    notices.shownBy(
      (notice) => all.push(notice),
      () => undefined,
    )
    return all
  }

  test('that fails is told once, and what follows does not', async () => {
    const { names } = await import('../../web/data/names')
    const notices = await told()
    const then = vi.fn()
    served().answers.push(refused({ field: 'name', message: 'No.' }))
    expect(await names.add(water, then)).toBe(false)
    expect(notices.map((one) => one.text)).toEqual(['Errors.'])
    expect(then).not.toHaveBeenCalled()
  })

  test('that nothing answered can be tried again, with all that follows', async () => {
    const { names } = await import('../../web/data/names')
    const notices = await told()
    const then = vi.fn()
    served().answers.push('none', json({ id: 'n' }))
    expect(await names.add(water, then)).toBe(false)
    await notices[0]?.action?.run()
    expect(then).toHaveBeenCalledExactlyOnceWith({ id: 'n' })
  })

  test('tells faults where a form has a place for them, and that they are gone', async () => {
    const { names } = await import('../../web/data/names')
    const faults = vi.fn()
    served().answers.push(refused({ field: 'name', message: 'No.' }), json({}))
    await names.add(water, { faults })
    await names.add(water, { faults })
    expect(faults.mock.calls.map(([all]) => (all as unknown[]).length)).toEqual([1, 0])
  })

  test('says while it is under way', async () => {
    const { names } = await import('../../web/data/names')
    const adding = names.add(water)
    expect(names.add.isUnderWay).toBe(true)
    await adding
    expect(names.add.isUnderWay).toBe(false)
    await settle()
    expect((await import('../../web/data/cache')).queryClient.getMutationCache().getAll()).toEqual([])
  })

  test('that deletes can be taken back', async () => {
    const { waters } = await import('../../web/data/waters')
    const notices = await told()
    await waters.remove('q', 'Quarry')
    expect(notices.map((one) => one.text)).toEqual(['Quarry deleted.'])
    await notices[0]?.action?.run()
    expect(
      served()
        .writes()
        .map(({ method, path }) => [method, path]),
    ).toEqual([
      ['DELETE', '/api/waters/q'],
      ['POST', '/api/waters/q/restore'],
    ])
  })
})

describe('a document that is replaced as a whole', () => {
  const choices = { units: 'us', theme: 'paper', schools: {} } as Settings
  const page = async () => {
    const { settings } = await import('../../web/data/settings.svelte')
    settings.start(choices, 1)
    return settings
  }
  const themes = () =>
    served()
      .writes()
      .map(({ version, body }) => [version, (body as Settings).theme])

  test('is shown at once, and written once it has settled', async () => {
    const settings = await page()
    for (const theme of ['lamp', 'noon', 'paper', 'lamp'] as const) settings.change({ theme })
    expect(settings.value?.theme).toBe('lamp')
    await settle()
    expect(themes()).toEqual([['"v1"', 'lamp']])
  })

  test('names the version that the write before it made', async () => {
    const settings = await page()
    served().answers.push(stored(2), stored(3))
    settings.change({ theme: 'lamp' })
    await settle()
    settings.change({ theme: 'noon' })
    await settle()
    expect(themes()).toEqual([
      ['"v1"', 'lamp'],
      ['"v2"', 'noon'],
    ])
  })

  test('read again while a change waits is no version for that change', async () => {
    const settings = await page()
    const { queryClient } = await import('../../web/data/cache')
    settings.change({ theme: 'lamp' })
    // Another tab has changed it, and a list that is read learns of its version.
    queryClient.setQueryData(['settings'], { value: { ...choices, units: 'metric' }, version: 7 })
    await settle()
    expect(themes()).toEqual([['"v1"', 'lamp']])
  })

  test('goes at once where the page is left, and what came while one was on its way asks for no version', async () => {
    const listeners: Record<string, () => void> = {}
    vi.stubGlobal('document', {
      visibilityState: 'hidden',
      addEventListener: (name: string, run: () => void) => (listeners[name] = run),
    })
    vi.stubGlobal('addEventListener', () => undefined)
    const settings = await page()
    served().answers.push(new Promise(() => undefined))
    settings.change({ theme: 'lamp' })
    listeners.visibilitychange?.()
    await vi.advanceTimersByTimeAsync(1)
    settings.change({ theme: 'noon' })
    listeners.visibilitychange?.()
    // Left twice over, hidden and then closed: nothing is sent twice.
    listeners.visibilitychange?.()
    await vi.advanceTimersByTimeAsync(1)
    expect(themes()).toEqual([
      ['"v1"', 'lamp'],
      ['*', 'noon'],
    ])
  })
})

describe('asking again', () => {
  test('silence is asked again, twice; a refusal is an answer, whatever the browser thinks of the network', async () => {
    const { queryClient } = await import('../../web/data/cache')
    const { Refused, Unreachable } = await import('../../web/data/client')
    const { queries, mutations } = queryClient.getDefaultOptions()
    const retry = queries?.retry as (count: number, error: Error) => boolean
    expect([0, 1, 2].map((count) => retry(count, new Unreachable()))).toEqual([true, true, false])
    expect(retry(0, new Refused({ detail: 'No.' } as never))).toBe(false)
    expect([queries?.networkMode, mutations?.networkMode]).toEqual(['always', 'always'])
    expect([queries?.refetchOnWindowFocus, queries?.refetchOnReconnect]).toEqual([false, false])
  })
})

describe('what went wrong, in words', () => {
  test('the browser’s own wording never reaches the screen', async () => {
    const { answer } = await import('../../web/data/client')
    await expect(answer(Promise.reject(new TypeError('Failed to fetch')))).rejects.toThrow(
      'Kontrast does not answer. It is not running, or this device has no connection to it.',
    )
  })

  test('an answer that is no sentence gets one', async () => {
    const { answer } = await import('../../web/data/client')
    const failing = answer(Promise.resolve({ error: '<html>', response: new Response('', { status: 502 }) }))
    await expect(failing).rejects.toThrow('Kontrast could not answer (502)')
  })

  test('a canceled request stays what it is', async () => {
    const { answer } = await import('../../web/data/client')
    await expect(answer(Promise.reject(new DOMException('gone', 'AbortError')))).rejects.toThrow('gone')
  })
})
