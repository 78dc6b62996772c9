import { fireEvent, render, screen } from '@testing-library/svelte'
import { describe, expect, test, vi } from 'vitest'
import type { Conflict } from '../../../web/data/conflicts.svelte'
import TwoVersions from '../../../web/ui/TwoVersions.svelte'
import TwoFolds from './TwoFolds.svelte'

describe('a row of folds', () => {
  const stops = () =>
    screen
      .getAllByRole('button')
      .filter((button) => button.tabIndex === 0)
      .map((button) => button.textContent?.trim().split(/\s+/)[0])

  test('is one stop of Tab, and goes on by arrows from end to end', async () => {
    render(TwoFolds)
    expect(stops()).toEqual(['Wind'])
    screen.getByRole('button', { name: /^Wind/ }).focus()
    for (const [key, at] of [
      ['ArrowRight', 'Sky'],
      ['End', 'Cover'],
      ['ArrowRight', 'Wind'],
      ['ArrowLeft', 'Cover'],
      ['Home', 'Wind'],
    ] as const) {
      await fireEvent.keyDown(document.activeElement as Element, { key })
      expect(document.activeElement?.textContent, key).toContain(at)
      expect(stops(), key).toEqual([at])
    }
  })

  test('has one open at a time, which a second tap closes', async () => {
    render(TwoFolds)
    const sky = screen.getByRole('button', { name: /^Sky/ })
    await fireEvent.click(screen.getByRole('button', { name: /^Wind/ }))
    await fireEvent.click(sky)
    expect(screen.getByTestId('held').textContent).toBe('sky')
    expect(screen.getAllByRole('button', { expanded: true })).toEqual([sky])
    await fireEvent.click(sky)
    expect(screen.queryByTestId('held')).toBeNull()
  })
})

describe('two versions', () => {
  const asked = async (...names: string[]) => {
    const { conflicts } = await import('../../../web/data/conflicts.svelte')
    const settle = vi.fn()
    const conflict: Conflict = {
      called: 'Limestone quarry',
      versions: () =>
        names.map((name) => ({ key: name.toLowerCase(), name, mine: `my ${name}`, theirs: `their ${name}` })),
      settle,
    }
    conflicts.ask(conflict)
    render(TwoVersions, { conflict })
    return settle
  }

  test('of one field are answered by one of two buttons', async () => {
    const settle = await asked('Tint')
    expect(screen.getByRole('row', { name: /Tint/ }).textContent).toMatch(/my Tint.*their Tint/s)
    await fireEvent.click(screen.getByRole('button', { name: 'Keep theirs' }))
    expect(settle).toHaveBeenCalledExactlyOnceWith(['tint'])
  })

  test('of one field keep mine by the other', async () => {
    const settle = await asked('Tint')
    await fireEvent.click(screen.getByRole('button', { name: 'Overwrite with mine' }))
    expect(settle).toHaveBeenCalledExactlyOnceWith([])
  })

  test('of several fields are chosen one by one, mine where nothing was said', async () => {
    const settle = await asked('Tint', 'Note', 'Place')
    await fireEvent.click(screen.getByRole('radio', { name: 'Note: their Note' }))
    await fireEvent.click(screen.getByRole('radio', { name: 'Place: their Place' }))
    await fireEvent.click(screen.getByRole('radio', { name: 'Place: my Place' }))
    await fireEvent.click(screen.getByRole('button', { name: 'Save my choices' }))
    expect(settle).toHaveBeenCalledExactlyOnceWith(['note'])
  })

  test('have to be answered: Escape is no answer', async () => {
    await asked('Tint')
    const escape = new Event('cancel', { cancelable: true })
    screen.getByRole('dialog').dispatchEvent(escape)
    expect(escape.defaultPrevented).toBe(true)
  })
})
