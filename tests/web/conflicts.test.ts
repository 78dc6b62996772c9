import { describe, expect, test } from 'vitest'
import { Refused } from '../../web/data/client'
import { conflicts, differences } from '../../web/data/conflicts.svelte'

// A thing that two places changed: what differs, and who is asked.

const stale = (current: unknown, status = 412) =>
  new Refused({
    type: 'about:blank',
    title: 'Changed elsewhere',
    status,
    detail: 'Changed elsewhere.',
    code: 'stale',
    faults: [],
    fault_count: 0,
    current,
  } as never)

describe('what differs', () => {
  test('only fields that say something else, a lack being null', () => {
    expect(differences({ a: 1, b: null, c: [1] }, { a: 2, c: [1] })).toEqual([{ field: 'a', mine: 1, theirs: 2 }])
  })

  test('the order of fields within is none of it', () => {
    expect(differences({ s: { x: 1, y: 2 } }, { s: { y: 2, x: 1 } })).toEqual([])
    expect(differences({ s: { x: 1 } }, { s: { x: 2 } })).toHaveLength(1)
  })
})

describe('who is asked', () => {
  const answers = { keepMine: () => Promise.resolve(), takeTheirs: () => undefined }

  test('the angler, where the two differ', () => {
    expect(conflicts.ask(stale({ name: 'Pond' }), 'A water', { name: 'Quarry' }, answers)).toBe(true)
    expect(conflicts.open?.versions(false)).toEqual([{ key: 'name', name: 'Name', mine: 'Quarry', theirs: 'Pond' }])
    conflicts.close()
  })

  test('nobody, where both say the same: what is stored is taken', () => {
    let taken: object | null = null
    const takes = { ...answers, takeTheirs: (theirs: object) => void (taken = theirs) }
    expect(conflicts.ask(stale({ name: 'Pond' }), 'A water', { name: 'Pond' }, takes)).toBe(true)
    expect(taken).toEqual({ name: 'Pond' })
    expect(conflicts.open).toBeNull()
  })

  test('not for another error', () => {
    expect(conflicts.ask(stale({ name: 'Pond' }, 422), 'A water', { name: 'Quarry' }, answers)).toBe(false)
    expect(conflicts.ask(new Error('no network'), 'A water', { name: 'Quarry' }, answers)).toBe(false)
  })
})
