import { describe, expect, test } from 'vitest'
import { buildIn, readingIn } from '../../web/data/takenIn'
import { fromParams, toParams } from '../../web/data/address.svelte'
import { STARTING_READING } from '../../web/words/vocabulary'

// What comes in from a link or a file is looked at before anything is drawn of it.

const link = (change: object) => fromParams('r', new URLSearchParams(toParams('r', { ...STARTING_READING, ...change })))

describe('a reading out of a link', () => {
  test('is taken as the program writes it', () => {
    expect(readingIn(link({})).taken).toMatchObject({ sky: STARTING_READING.sky, lure: STARTING_READING.lure })
  })

  test.each([
    [{ sky: 'plaid' }, 'sky: "plaid" is not known'],
    [{ visibility_in: 'deep' }, 'visibility_in: "deep" is not known'],
    [{ visibility_in: -3 }, 'visibility_in: -3 is not known'],
    [{ depth_ft: null }, 'depth_ft: undefined is not known'],
  ])('with %j is told by its field', (change, fault) => {
    expect(readingIn(link(change))).toEqual({ taken: null, fault })
  })
})

describe('a build out of a file', () => {
  const BUILD = { lure: 'jig', head: { kind: 'head', name: 'Round' }, skirt: null }

  test('is taken with all its parts have', () => {
    const own = { ...BUILD, trailer: { kind: 'trailer', name: 'Craw', colour: 'black' } }
    expect(buildIn(own).taken).toEqual(own)
  })

  test.each([
    [null],
    [[]],
    ['jig'],
    [{ ...BUILD, lure: 'frog' }],
    [{ ...BUILD, head: null }],
    [{ ...BUILD, skirt: 5 }],
  ])('is none where it is %j', (other) => expect(buildIn(other).taken).toBeNull())
})
