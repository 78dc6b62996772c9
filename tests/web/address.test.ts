import fc from 'fast-check'
import { describe, expect, test, vi } from 'vitest'
import type { Composition, InventoryPart } from '../../web/words/documents'
import { blank } from '../../web/words/part'

vi.stubGlobal('location', { hash: '' })
const { fromParams, paramsOf, toParams } = await import('../../web/data/address.svelte')
const { buildFrom, buildParams } = await import('../../web/data/buildAddress')

// A reading and a build written into an address and read out of it again.

const field = fc.stringMatching(/^[a-z_]{1,12}$/)
const value = fc.oneof(
  fc.constantFrom('sun', 'low_sun', 'green', 'true_blue'),
  fc.double({ noNaN: true, noDefaultInfinity: true }).map((number) => (Object.is(number, -0) ? 0 : number)),
  fc.boolean(),
  fc.array(fc.constantFrom('white', 'green_pumpkin'), { minLength: 1 }),
)

describe('a reading in an address', () => {
  test('is read out as it was written, whatever it holds', () => {
    fc.assert(
      fc.property(fc.dictionary(field, value, { minKeys: 1 }), (reading) => {
        const hash = `#/advice?${new URLSearchParams(toParams('r', reading)).toString()}`
        expect(fromParams('r', paramsOf(hash))).toEqual(reading)
      }),
    )
  })

  test('leaves out what says nothing', () => {
    expect(toParams('r', { sky: 'sun', run: null, forage_colours: [], schools: {} })).toEqual([['r.sky', 'sun']])
  })

  test('is none where there is none', () => {
    expect(fromParams('r', paramsOf('#/advice?panel=fish'))).toBeNull()
    expect(fromParams('r', paramsOf('#/advice'))).toBeNull()
  })
})

describe('a build in an address', () => {
  const part = (kind: InventoryPart['kind'], change: Partial<InventoryPart>): InventoryPart => ({
    ...blank(kind),
    ...change,
  })
  const head = part('head', { id: 'h1', name: 'Black head' })
  const own = part('skirt', { name: 'custom part', colour: '#123456' })
  const build: Composition = { lure: 'jig', head, skirt: own, trailer: null, front: null, rear: null, hook: null }
  const params = new URLSearchParams(buildParams(build))

  test('names an owned part by its id, and writes any other out', () => {
    expect(params.get('b.head')).toBe('h1')
    expect(params.get('b.skirt')).toContain('#123456')
  })

  test('is put together of the parts as they are now', () => {
    const now = { ...head, name: 'Repainted head' }
    const read = buildFrom(params, [now])
    expect([read?.lure, read?.head.name, read?.skirt?.colour, read?.trailer]).toEqual([
      'jig',
      'Repainted head',
      '#123456',
      null,
    ])
  })

  test('is none where a part of it is gone', () => expect(buildFrom(params, [])).toBeNull())
  test('is none without a head', () => {
    expect(buildFrom(new URLSearchParams('b.lure=jig'), [])).toBeNull()
  })
})
