import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Outing, OutingEvent } from '../../web/api/client'
import { clashWords } from '../../web/screens/outing/clashWords'
import { merged } from '../../web/screens/outing/merge'

// An outing that was corrected at home while another device noted in it.

const at = (time: string) => `2026-05-09T${time}:00+00:00`
const event = (id: string, time: string, change: object = {}): OutingEvent =>
  ({ id, at: at(time), kind: 'bite', angler: 'me', note: '', ...change }) as OutingEvent
const stint = (id: string, from: string, events: OutingEvent[], change: object = {}) => ({
  id,
  started_at: at(from),
  ended_at: null,
  build: { lure: 'jig' },
  reading: { visibility_in: 17, sky: 'sun', wind: 'calm' },
  events,
  ...change,
})
const outing = (stints: object[], change: object = {}) =>
  ({
    id: 'o',
    version: 1,
    started_at: at('08:00'),
    ended_at: null,
    note: '',
    stints,
    ...change,
  }) as unknown as Outing
const ids = (one: Outing) => (one.stints ?? []).map((each) => [each.id, (each.events ?? []).map((of) => of.id)])
const base = outing([stint('a', '08:00', [event('e', '08:10')]), stint('b', '09:00', [event('f', '09:10')])])

describe('what both have changed', () => {
  it('stays, where each changed something else', () => {
    const mine = outing(
      [stint('a', '08:00', [event('e', '08:10', { kind: 'lost' })]), stint('b', '09:00', [event('f', '09:10')])],
      { note: 'North wind' },
    )
    const theirs = outing(
      [
        stint('a', '08:00', [event('e', '08:10', { note: 'big' })]),
        stint('b', '09:00', [event('f', '09:10'), event('g', '09:20')]),
      ],
      { version: 4, ended_at: at('11:00') },
    )
    const { outing: both, clashes } = merged(base, mine, theirs, 'mine')
    expect(clashes).toEqual([])
    expect(both).toMatchObject({ version: 4, note: 'North wind', ended_at: at('11:00') })
    expect(both.stints?.[0]?.events?.[0]).toMatchObject({ kind: 'lost', note: 'big' })
    expect(ids(both)).toEqual([
      ['a', ['e']],
      ['b', ['f', 'g']],
    ])
  })

  it('is asked about, where it is the same thing, and the winner’s stays', () => {
    const mine = outing(base.stints ?? [], { note: 'Mine', ended_at: at('10:00') })
    const theirs = outing(base.stints ?? [], { note: 'Theirs', water_id: 'w' })
    const { clashes, outing: both } = merged(base, mine, theirs, 'mine')
    expect(clashes).toEqual([{ in: null, field: 'note', mine: 'Mine', theirs: 'Theirs' }])
    expect(both).toMatchObject({ note: 'Mine', ended_at: at('10:00'), water_id: 'w' })
    expect(merged(base, mine, theirs, 'theirs').outing).toMatchObject({ note: 'Theirs', ended_at: at('10:00') })
  })

  it('is no clash, where both say the same', () => {
    const same = outing(base.stints ?? [], { note: 'Both' })
    expect(merged(base, same, { ...same, version: 2 }, 'theirs')).toMatchObject({
      clashes: [],
      outing: { note: 'Both' },
    })
  })
})

describe('what one has removed', () => {
  const without = outing([stint('a', '08:00', [event('e', '08:10')])])

  it('is gone, where the other left it alone', () => {
    expect(ids(merged(base, without, base, 'mine').outing)).toEqual([['a', ['e']]])
    expect(ids(merged(base, base, without, 'mine').outing)).toEqual([['a', ['e']]])
  })

  it('stays with what the other noted in it', () => {
    const noted = outing([
      stint('a', '08:00', [event('e', '08:10')]),
      stint('b', '09:00', [event('f', '09:10'), event('g', '09:20')]),
    ])
    for (const [mine, theirs] of [
      [without, noted],
      [noted, without],
    ] as const)
      expect(ids(merged(base, mine, theirs, 'mine').outing)).toEqual([
        ['a', ['e']],
        ['b', ['g']],
      ])
  })

  it('follows an event to the lure it was moved to', () => {
    const tied = outing([
      stint('a', '08:00', []),
      stint('c', '08:05', [event('e', '08:10')]),
      stint('b', '09:00', [event('f', '09:10')]),
    ])
    const mine = outing([
      stint('a', '08:00', [event('e', '08:10', { kind: 'landed' })]),
      stint('b', '09:00', [event('f', '09:10')]),
    ])
    const { outing: both } = merged(base, mine, tied, 'mine')
    expect(ids(both)).toEqual([
      ['a', []],
      ['c', ['e']],
      ['b', ['f']],
    ])
    expect(both.stints?.[1]?.events?.[0]?.kind).toBe('landed')
  })
})

describe('whatever two devices do', () => {
  const events = fc.uniqueArray(fc.constantFrom('e', 'f', 'g', 'h', 'i'), { maxLength: 5 })
  const some = fc
    .record({
      a: events,
      b: events,
      note: fc.constantFrom('', 'x', 'y'),
      kinds: fc.array(fc.constantFrom('bite', 'lost')),
    })
    .map(({ a, b, note, kinds }) =>
      outing(
        [
          stint(
            'a',
            '08:00',
            a.map((id, i) => event(id, `08:1${i}`, { kind: kinds[i] ?? 'bite' })),
          ),
          stint(
            'b',
            '09:00',
            b.filter((id) => !a.includes(id)).map((id, i) => event(id, `09:1${i}`)),
          ),
        ],
        { note },
      ),
    )
  const all = (one: Outing) => ids(one).flatMap(([, events]) => events as string[])
  const kept = ({ version: _, ...one }: Outing) => (void _, one)

  it('who changed nothing takes what the other has', () => {
    fc.assert(
      fc.property(some, some, (was, now) => {
        expect(kept(merged(was, was, now, 'mine').outing)).toEqual(kept(now))
        expect(
          ids(merged(was, now, was, 'theirs').outing)
            .flat(2)
            .sort(),
        ).toEqual(ids(now).flat(2).sort())
      }),
    )
  })

  it('what either added is there once, and nothing is there twice', () => {
    fc.assert(
      fc.property(some, some, some, fc.constantFrom('mine', 'theirs'), (was, mine, theirs, winner) => {
        const result = all(merged(was, mine, theirs, winner as 'mine').outing)
        const added = [...all(mine), ...all(theirs)].filter((id) => !all(was).includes(id))
        expect(result).toEqual(expect.arrayContaining(added))
        expect(new Set(result).size).toBe(result.length)
      }),
    )
  })
})

describe('in words', () => {
  it('names the thing, the field and both values', () => {
    const mine = outing([stint('a', '08:00', [event('e', '08:10', { kind: 'lost', length_in: 15 })])], {
      water_id: 'q',
    })
    const theirs = outing([stint('a', '08:00', [event('e', '08:10', { kind: 'landed', length_in: 16 })])], {
      water_id: 'p',
    })
    const { here, there } = clashWords(
      merged(outing([stint('a', '08:00', [event('e', '08:10')])]), mine, theirs, 'mine').clashes,
      (id) => (id === 'q' ? 'Quarry' : 'Pond'),
      false,
    )
    expect(Object.values(here)).toEqual(['Lost', '15 in', 'Quarry'])
    expect(Object.values(there)).toEqual(['Landed', '16 in', 'Pond'])
    expect(Object.keys(here).map((name) => name.replace(/, .*?: /, ' … '))).toEqual([
      'Lost … what happened',
      'Lost … length',
      'water',
    ])
  })
})
