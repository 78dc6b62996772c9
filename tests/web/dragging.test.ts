import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { dragging, type Drag } from '../../web/ui/dragging'

// A finger on a slider 200 px wide: a tap, a drag, a rest, and a scroll that is none of its business.

type Listener = (event: unknown) => void

function slider() {
  const listeners = new Map<string, Listener>()
  let captured = false
  const element = {
    getBoundingClientRect: () => ({ left: 100, width: 200 }),
    addEventListener: (name: string, listener: Listener) => listeners.set(name, listener),
    removeEventListener: (name: string) => listeners.delete(name),
    setPointerCapture: () => (captured = true),
    hasPointerCapture: () => captured,
    querySelector: () => ({ focus: () => undefined }),
  }
  const drag = { tap: vi.fn(), begin: vi.fn(), move: vi.fn(), rest: vi.fn(), end: vi.fn() } satisfies Drag
  const stop = dragging(element as unknown as HTMLElement, drag)
  const send = (name: string, x: number, y = 50, more: object = {}) => {
    const event = {
      clientX: x,
      clientY: y,
      pointerId: 1,
      button: 0,
      isPrimary: true,
      pointerType: 'touch',
      preventDefault: vi.fn(),
    }
    listeners.get(name)?.({ ...event, ...more })
    return event
  }
  return { drag, send, stop, listeners, isCaptured: () => captured }
}

beforeEach(() => void vi.useFakeTimers())
afterEach(() => void vi.useRealTimers())

describe('a finger', () => {
  test('that taps sets where it tapped, and only when it is lifted', () => {
    const { drag, send } = slider()
    send('pointerdown', 150)
    expect(drag.tap).not.toHaveBeenCalled()
    send('pointerup', 152)
    expect(drag.tap).toHaveBeenCalledExactlyOnceWith(0.26)
    expect(drag.move).not.toHaveBeenCalled()
  })

  test('that goes up or down is a scroll, whatever it does after', () => {
    const { drag, send, isCaptured } = slider()
    send('pointerdown', 150)
    send('pointermove', 152, 70)
    send('pointermove', 280, 75)
    send('pointerup', 280, 75)
    expect([drag.tap, drag.move, drag.begin].flatMap((call) => call.mock.calls)).toEqual([])
    expect(isCaptured()).toBe(false)
  })

  test('that the browser takes for a scroll sets nothing', () => {
    const { drag, send } = slider()
    send('pointerdown', 150)
    send('pointercancel', 150)
    send('pointerup', 150)
    expect(drag.tap).not.toHaveBeenCalled()
  })

  test('that goes along the slider drags it, to its ends and no further', () => {
    const { drag, send, isCaptured } = slider()
    send('pointerdown', 150)
    send('pointermove', 170, 52)
    send('pointermove', 900, 300)
    send('pointermove', -5, 300)
    expect(isCaptured()).toBe(true)
    expect(drag.move.mock.calls.map(([share, , fine]) => [share, fine])).toEqual([
      [0.35, false],
      [1, false],
      [0, false],
    ])
  })

  test('that rests gets the finer scale, measured from where it rested', () => {
    const { drag, send } = slider()
    send('pointerdown', 150)
    vi.advanceTimersByTime(350)
    expect(drag.rest).toHaveBeenCalledOnce()
    send('pointermove', 160, 50)
    expect(drag.move).toHaveBeenCalledExactlyOnceWith(0.3, 0.05, true)
    send('pointerup', 160)
    expect(drag.tap).not.toHaveBeenCalled()
    expect(drag.end).toHaveBeenCalledOnce()
  })

  test('a second finger changes nothing', () => {
    const { drag, send } = slider()
    send('pointerdown', 150, 50, { isPrimary: false })
    send('pointerup', 150)
    expect(drag.tap).not.toHaveBeenCalled()
  })
})

test('a mouse sets at once', () => {
  const { drag, send } = slider()
  send('pointerdown', 200, 50, { pointerType: 'mouse' })
  expect(drag.move).toHaveBeenCalledExactlyOnceWith(0.5, 0, false)
})

test('what was listened to is let go', () => {
  const { stop, listeners } = slider()
  stop()
  expect([...listeners.keys()]).toEqual([])
})
