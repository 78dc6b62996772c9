import { fireEvent, render, screen } from '@testing-library/svelte'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { queryClient } from '../../../web/data/cache'
import { Refused } from '../../../web/data/client'
import { Packed, type Near } from '../../../web/data/pack/packed'
import type { Asked, Question } from '../../../web/data/question.svelte'
import Asking from './Asking.svelte'
import { changing } from './changing.svelte'

// An answer belongs to its input: one to an earlier input is shown until the next has come, and can be read but not acted on.

beforeEach(() => void vi.useFakeTimers())
afterEach(() => {
  queryClient.clear()
  vi.useRealTimers()
})

const wait = (ms: number) => vi.advanceTimersByTimeAsync(ms)
const shown = () => screen.queryByTestId('value')?.textContent ?? null
const said = () => screen.queryByRole('status')?.textContent?.trim().replace(/\s+/g, ' ') ?? null

/** A question whose answers come when the test says; what was given up is told. */
function asking(how: Partial<Asked<string, string>> = {}) {
  const input = changing<string | null>('clear')
  const open = new Map<string, { answer: (value: string | Packed<string>) => void; fail: (error: Error) => void }>()
  const asks: string[] = []
  const givenUp: string[] = []
  const pressed = vi.fn()
  let question: Question<string, string> | undefined
  render(Asking, {
    asked: {
      input: () => input.value,
      key: (one: string) => ['test', one],
      ask: (one: string, signal: AbortSignal) => {
        asks.push(one)
        signal.addEventListener('abort', () => givenUp.push(one))
        return new Promise<string | Packed<string>>((answer, fail) => open.set(one, { answer, fail }))
      },
      ...how,
    },
    onpress: pressed,
    onask: (one: Question<string, string>) => (question = one),
  })
  const set = (next: string | null) => (input.value = next)
  const change = async (next: string | null) => {
    set(next)
    await wait(250)
  }
  const answer = async (one: string, value: string | Packed<string>) => {
    open.get(one)?.answer(value)
    await wait(1)
  }
  const fail = async (one: string, error: Error) => {
    open.get(one)?.fail(error)
    await wait(1)
  }
  return { set, change, answer, fail, asks, givenUp, pressed, question: () => question as Question<string, string> }
}

const refusal = () =>
  new Refused({
    detail: 'Visibility: 0.5 to 360 in.',
    status: 422,
    code: 'invalid',
    faults: [],
    fault_count: 0,
  } as never)

describe('an answer', () => {
  test('is waited for in words, then shown with its input', async () => {
    const { answer } = asking()
    await wait(1)
    expect([said(), shown()]).toEqual(['Working it out…', null])
    await answer('clear', 'green pumpkin')
    expect([said(), shown()]).toEqual([null, 'clear: green pumpkin'])
  })

  test('to an earlier input stays until the next has come, and says so once that takes long', async () => {
    const { answer, change, question } = asking()
    await answer('clear', 'green pumpkin')
    await change('clay')
    expect([shown(), question().isCurrent, question().current]).toEqual(['clear: green pumpkin', false, undefined])
    await wait(400)
    expect(said()).toContain('Below is the result for the previous reading.')
    await answer('clay', 'black')
    expect([said(), shown(), question().current]).toEqual([null, 'clay: black', 'black'])
  })

  test('that comes after its input was left is not taken for the present one', async () => {
    const { answer, change, givenUp } = asking()
    await answer('clear', 'green pumpkin')
    await change('clay')
    await change('tannic')
    await answer('clay', 'black')
    expect(shown()).toBe('clear: green pumpkin')
    expect(givenUp).toEqual(['clay'])
    await answer('tannic', 'orange')
    expect(shown()).toBe('tannic: orange')
  })

  test('that is known is not asked for again', async () => {
    const { answer, change, asks } = asking()
    await answer('clear', 'green pumpkin')
    await change('clay')
    await answer('clay', 'black')
    await change('clear')
    expect([shown(), said(), asks]).toEqual(['clear: green pumpkin', null, ['clear', 'clay']])
  })

  test('that cannot be had leaves the last one, with its reason and a way on', async () => {
    const { answer, change, fail, asks } = asking()
    await answer('clear', 'green pumpkin')
    await change('clay')
    await fail('clay', refusal())
    expect(screen.getByRole('alert').textContent).toContain('Visibility: 0.5 to 360 in.')
    expect(shown()).toBe('clear: green pumpkin')
    await fireEvent.click(screen.getByRole('button', { name: 'Try again' }))
    await wait(1)
    await answer('clay', 'black')
    expect([shown(), screen.queryByRole('alert')]).toEqual(['clay: black', null])
    // A refusal is an answer: it was not asked again by itself.
    expect(asks).toEqual(['clear', 'clay', 'clay'])
  })

  test('of no input is none', async () => {
    const { answer, change, asks } = asking()
    await answer('clear', 'green pumpkin')
    await change(null)
    expect([shown(), asks]).toEqual([null, ['clear']])
  })

  test('that was packed says so', async () => {
    const { answer, question } = asking()
    const near: Near = { made_at: '2026-05-01T06:00:00Z', visibility_in: 18, coarse: null, outside: [] }
    await answer('clear', new Packed('green pumpkin', near))
    expect(question().shown).toEqual({ input: 'clear', value: 'green pumpkin', source: near })
  })
})

describe('what is asked', () => {
  test('is every input after a pause, now and then while it keeps changing, and the last one always', async () => {
    const { answer, set, asks } = asking()
    await answer('clear', 'green pumpkin')
    for (let inches = 1; inches <= 24; inches++) {
      set(`${inches} in`)
      await wait(30)
    }
    await wait(250)
    // 24 changes in 720 ms, followed every 240.
    expect(asks).toEqual(['clear', '1 in', '8 in', '16 in', '24 in'])
  })

  test('where it is costly, is only what has settled', async () => {
    const { answer, set, asks } = asking({ isCostly: true })
    await answer('clear', 'green pumpkin')
    for (const next of ['1', '2', '3']) {
      set(next)
      await wait(100)
    }
    expect(asks).toEqual(['clear'])
    await wait(150)
    expect(asks).toEqual(['clear', '3'])
  })

  test('is nothing where only what is known is wanted', async () => {
    queryClient.setQueryData(['test', 'clay'], { input: 'clay', value: 'black', source: 'server' })
    const { change, asks } = asking({ isOnlyKnown: true })
    await change('clay')
    expect([shown(), asks]).toEqual(['clay: black', []])
  })
})

describe('a tap on an answer to an earlier input', () => {
  const between = async () => {
    const asked = asking()
    await asked.answer('clear', 'green pumpkin')
    await asked.change('clay')
    return asked
  }

  test('does nothing, says so at once, and still says so when the next has come', async () => {
    const { answer, pressed } = await between()
    await fireEvent.click(screen.getByRole('button', { name: 'Act on it' }))
    expect(said()).toContain('Below is the result for the previous reading.')
    await answer('clay', 'black')
    expect(said()).toBe('Your tap came before this result, and did nothing. Tap again if you still want it.')
    expect(pressed).not.toHaveBeenCalled()
    await fireEvent.click(screen.getByRole('button', { name: 'Act on it' }))
    expect([pressed.mock.calls.length, said()]).toEqual([1, null])
  })

  test('is no longer spoken of once something else is asked', async () => {
    const { answer, change } = await between()
    await fireEvent.click(screen.getByRole('button', { name: 'Act on it' }))
    await answer('clay', 'black')
    await change('tannic')
    await answer('tannic', 'orange')
    expect([shown(), said()]).toEqual(['tannic: orange', null])
  })

  test('chooses nothing from a list either', async () => {
    const { pressed } = await between()
    await fireEvent.change(screen.getByRole('combobox'), { target: { value: 'two' } })
    expect(pressed).not.toHaveBeenCalled()
  })

  test('unfolds and follows a link all the same', async () => {
    const { pressed } = await between()
    await fireEvent.click(screen.getByRole('button', { name: 'Unfold' }))
    await fireEvent.click(screen.getByRole('link', { name: 'Rules' }))
    expect(pressed).toHaveBeenCalledTimes(2)
    expect(said()).toBeNull()
  })
})
