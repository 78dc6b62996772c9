import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { isSame, merge, type Fields } from '../../web/data/merge'

// Two versions of what both began as, as one: what only one side changed is changed, and what both changed differently is asked.

const BASE = { name: 'Quarry', note: '', tint: 'clay' }

describe('fields', () => {
  test('what only one of them changed is changed, and nobody is asked', () => {
    const { merged, twice } = merge(BASE, { ...BASE, note: 'ramp closed' }, { ...BASE, tint: 'green' })
    expect(merged).toEqual({ name: 'Quarry', note: 'ramp closed', tint: 'green' })
    expect(twice).toEqual([])
  })

  test('what both changed alike is as both say', () => {
    expect(merge(BASE, { ...BASE, note: 'closed' }, { ...BASE, note: 'closed' }).twice).toEqual([])
  })

  test('what both changed differently is asked, and stands as it is answered', () => {
    const [mine, theirs] = [
      { ...BASE, note: 'north', name: 'Pit' },
      { ...BASE, note: 'south', name: 'Hole' },
    ]
    expect(merge(BASE, mine, theirs).twice).toEqual([
      { path: 'name', mine: 'Pit', theirs: 'Hole' },
      { path: 'note', mine: 'north', theirs: 'south' },
    ])
    expect(merge(BASE, mine, theirs, ['note']).merged).toEqual({ name: 'Pit', note: 'south', tint: 'clay' })
  })

  test('without what they began as, all that differs is asked', () => {
    expect(merge(null, { ...BASE, note: 'north' }, BASE).twice).toEqual([{ path: 'note', mine: 'north', theirs: '' }])
  })

  test('a lack is null, and the order of fields says nothing', () => {
    expect(isSame({ a: 1, b: null }, { a: 1 })).toBe(true)
    expect(isSame({ s: { x: 1, y: [1] } }, { s: { y: [1], x: 1 } })).toBe(true)
    expect(isSame({ s: [1, 2] }, { s: [2, 1] })).toBe(false)
  })
})

describe('a list of things with ids', () => {
  const row = (id: string, note = '') => ({ id, note })
  const list = (...rows: object[]) => ({ events: rows })

  test('has what either added, and not what either removed', () => {
    const { merged, twice } = merge(
      list(row('a'), row('b')),
      list(row('b'), row('mine')),
      list(row('a'), row('b'), row('theirs')),
    )
    expect(merged).toEqual(list(row('b'), row('theirs'), row('mine')))
    expect(twice).toEqual([])
  })

  test('keeps what one removed and the other changed', () => {
    expect(merge(list(row('a')), list(), list(row('a', 'big'))).merged).toEqual(list(row('a', 'big')))
    expect(merge(list(row('a')), list(row('a', 'big')), list()).merged).toEqual(list(row('a', 'big')))
  })

  test('is asked field by field', () => {
    const both = [list(row('a')), list(row('a', 'big')), list(row('a', 'small'))] as const
    expect(merge(...both).twice).toEqual([{ path: 'events/a/note', mine: 'big', theirs: 'small' }])
    expect(merge(...both, ['events/a/note']).merged).toEqual(list(row('a', 'small')))
  })
})

describe('whatever two do', () => {
  const word = fc.constantFrom('', 'a', 'b', null)
  const rows = fc.uniqueArray(fc.record({ id: fc.constantFrom('p', 'q', 'r', 's'), note: word }), {
    selector: (row) => row.id,
  })
  const document: fc.Arbitrary<Fields> = fc.record({ name: word, note: word, events: rows })
  const ids = (value: Fields) => (value.events as { id: string }[]).map((row) => row.id)
  const sorted = (value: Fields) => ({
    ...value,
    events: (value.events as { id: string }[]).toSorted((a, b) => a.id.localeCompare(b.id)),
  })
  const check = (property: (base: Fields, mine: Fields, theirs: Fields) => void) =>
    fc.assert(fc.property(document, document, document, property), { seed: 20261201, numRuns: 2000 })

  test('who changed nothing takes what the other has, and is not asked', () =>
    check((base, mine) => {
      for (const { merged, twice } of [merge(base, mine, base), merge(base, base, mine)]) {
        expect(isSame(sorted(merged), sorted(mine))).toBe(true)
        expect(twice).toEqual([])
      }
    }))

  test('nothing is there twice, and what either added is there', () =>
    check((base, mine, theirs) => {
      const there = ids(merge(base, mine, theirs).merged)
      expect(new Set(there).size).toBe(there.length)
      for (const id of [...ids(mine), ...ids(theirs)]) if (!ids(base).includes(id)) expect(there).toContain(id)
    }))

  test('what is answered with theirs is theirs, all else with mine; sent again there is nothing to ask', () =>
    check((base, mine, theirs) => {
      const { twice } = merge(base, mine, theirs)
      const answered = merge(
        base,
        mine,
        theirs,
        twice.map((one) => one.path),
      ).merged
      expect(merge(theirs, answered, theirs).twice).toEqual([])
      const plain = twice.filter((one) => !one.path.includes('/'))
      for (const { path } of plain) expect(isSame(answered[path], theirs[path])).toBe(true)
      for (const { path } of plain) expect(isSame(merge(base, mine, theirs).merged[path], mine[path])).toBe(true)
    }))
})
