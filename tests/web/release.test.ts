import { beforeEach, describe, expect, test, vi } from 'vitest'
import type { Release } from '../../web/words/documents'
import { ThisRelease } from '../../web/data/release.svelte'

const of = (version: string, news = ['One.', 'Two.', 'Three.']): Release => ({
  version,
  commit: 'abc',
  date: '2026-11-30',
  news,
})
const kept = new Map<string, string>()

/** The page opened anew, with what this device remembers. */
function opened(program: Release) {
  const release = new ThisRelease()
  release.start(program)
  return release
}

beforeEach(() => {
  kept.clear()
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
  })
})

describe('what is new', () => {
  test('is said once after an upgrade, until it is closed', () => {
    expect(opened(of('1.0')).news).toEqual([])
    expect(opened(of('1.1')).news).toEqual(['One.', 'Two.', 'Three.'])
    const again = opened(of('1.1'))
    expect(again.news).toHaveLength(3)
    again.close()
    expect(again.news).toEqual([])
    expect(opened(of('1.1')).news).toEqual([])
    expect(opened(of('1.2')).news).toHaveLength(3)
  })

  test('is not said where this device never saw an older one, nor of what nobody released', () => {
    expect(opened(of('2.0')).news).toEqual([])
    kept.clear()
    opened(of('1.0'))
    expect(opened(of('development')).news).toEqual([])
    expect(opened(of('1.0')).news).toEqual([])
  })

  test('a browser that keeps nothing is told nothing wrong', () => {
    const refuse = () => {
      throw new Error('refused')
    }
    vi.stubGlobal('localStorage', { getItem: refuse, setItem: refuse })
    expect(opened(of('1.0')).value?.version).toBe('1.0')
  })
})
