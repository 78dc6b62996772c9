import { describe, expect, it } from 'vitest'
import type { Composition } from '../../web/words/documents'
import { lureWords } from '../../web/words/lureWords'

const part = (kind: string, name: string) => ({ kind, name }) as never
const jig = (head: string, change: Partial<Composition> = {}) =>
  ({
    lure: 'jig',
    head: part('head', head),
    skirt: part('skirt', 'Black skirt'),
    trailer: part('trailer', 'Black craw'),
    ...change,
  }) as Composition

describe('a lure in a line', () => {
  it('is its kind and what tells it from others at a glance', () => {
    expect(lureWords(jig('3/8 black'))).toBe('Jig: Black skirt, Black craw')
    expect(lureWords(jig('3/8 black', { skirt: null, trailer: null }))).toBe('Jig')
  })

  it('has all its parts only where another one there reads the same', () => {
    const [heavy, light] = [jig('1/2 black'), jig('3/8 black', { hook: part('hook', '4/0 flat eye') })]
    const other = jig('1/2 black', { trailer: part('trailer', 'Blue chunk') })
    expect([heavy, light, other].map((one) => lureWords(one, [heavy, light, other]))).toEqual([
      'Jig: 1/2 black, Black skirt, Black craw',
      'Jig: 3/8 black, Black skirt, Black craw, 4/0 flat eye',
      'Jig: Black skirt, Blue chunk',
    ])
    expect(lureWords(heavy, [heavy, other])).toBe('Jig: Black skirt, Black craw')
  })
})
