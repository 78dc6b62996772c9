import { fireEvent, render, screen } from '@testing-library/svelte'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import NumberBox from '../../../web/ui/NumberBox.svelte'
import Stepper from '../../../web/ui/Stepper.svelte'
import TimeField from '../../../web/ui/TimeField.svelte'

// What somebody types is taken as it was meant, or left as it was.

describe('a number', () => {
  const typed = async (text: string, props: { optional?: boolean } = {}) => {
    const onset = vi.fn()
    render(NumberBox, { label: 'Visibility', value: 18, unit: 'in', min: 0.5, max: 360, onset, ...props })
    const box = screen.getByRole<HTMLInputElement>('textbox')
    await fireEvent.input(box, { target: { value: text } })
    await fireEvent.change(box)
    return { given: onset.mock.calls.flat() as unknown[], box }
  }

  test.each([
    ['24', [24]],
    ['2,5', [2.5]],
    [' 24 ', [24]],
    ['1000', [360]],
    ['0', [0.5]],
    ['deep', []],
    ['', []],
  ])('“%s” is taken as %j', async (text, taken) => {
    expect((await typed(text)).given).toEqual(taken)
  })

  test('that may be left out is taken out by an empty field', async () => {
    expect((await typed('', { optional: true })).given).toEqual([null])
  })

  test('that was not taken reads as it was', async () => {
    const { box } = await typed('deep')
    expect(box.value).toBe('18')
  })

  test('keeps what is being typed while something else changes', async () => {
    const props = { label: 'Visibility', value: 18, unit: 'in', min: 0.5, max: 360, onset: () => undefined }
    const { rerender } = render(NumberBox, props)
    const box = screen.getByRole<HTMLInputElement>('textbox')
    await fireEvent.input(box, { target: { value: '2' } })
    await rerender({ ...props, max: 200 })
    expect(box.value).toBe('2')
    await rerender({ ...props, value: 30 })
    expect(box.value).toBe('30')
  })
})

describe('a time', () => {
  test.each([
    ['5:30 pm', false, '17:30', '5:30 PM'],
    ['noon', false, '12:00', 'noon'],
    ['midnight', true, '24:00', 'midnight'],
    ['soon', false, 'soon', 'soon'],
  ])('“%s” is passed on as it is stored, and reads as it is said', async (text, isEnd, taken, reads) => {
    const onset = vi.fn()
    render(TimeField, { value: '6:00', isEnd, onset, 'aria-label': 'Until' })
    const field = screen.getByRole<HTMLInputElement>('textbox')
    expect(field.value).toBe('6:00 AM')
    await fireEvent.change(field, { target: { value: text } })
    expect(onset).toHaveBeenCalledExactlyOnceWith(taken)
    expect(field.value).toBe(reads)
  })
})

describe('a step', () => {
  beforeEach(() => void vi.useFakeTimers())
  afterEach(() => void vi.useRealTimers())

  const stepped = () => {
    const onstep = vi.fn()
    render(Stepper, { label: 'More', way: 'more', onstep })
    return { button: screen.getByRole('button'), onstep }
  }

  test('is one for a tap, however it is made', async () => {
    const { button, onstep } = stepped()
    await fireEvent.pointerDown(button)
    await vi.advanceTimersByTimeAsync(100)
    await fireEvent.pointerUp(button)
    await fireEvent.click(button)
    // By key there is no pointer.
    await fireEvent.click(button)
    await vi.advanceTimersByTimeAsync(2000)
    expect(onstep).toHaveBeenCalledTimes(2)
  })

  test('goes on while it is held, and the tap that ends it is none', async () => {
    const { button, onstep } = stepped()
    await fireEvent.pointerDown(button)
    // 450 ms, then every 90.
    await vi.advanceTimersByTimeAsync(450 + 90 * 4)
    await fireEvent.pointerUp(button)
    await fireEvent.click(button)
    await vi.advanceTimersByTimeAsync(2000)
    expect(onstep).toHaveBeenCalledTimes(5)
  })

  test('stops when what it steps is gone', async () => {
    const onstep = vi.fn()
    const { unmount } = render(Stepper, { label: 'More', way: 'more', onstep })
    await fireEvent.pointerDown(screen.getByRole('button'))
    unmount()
    await vi.advanceTimersByTimeAsync(2000)
    expect(onstep).not.toHaveBeenCalled()
  })
})
