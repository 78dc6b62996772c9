import { describe, expect, it } from 'vitest'
import type { OutingConflict } from '../../web/words/documents'
import { conflictWords } from '../../web/words/outingConflicts'

// What two places have set differently in an outing, in words.

const at = (time: string) => `2026-05-09T${time}:00+00:00`
const event = { id: 'e', at: at('08:10'), kind: 'landed', angler: 'me' }
const stint = { id: 's', started_at: at('08:00'), build: { lure: 'jig' }, reading: {} }
const conflict = (field: string, stored: unknown, sent: unknown, of: object = {}): OutingConflict =>
  ({ key: field, outing: 'o', began: at('08:00'), stint: null, event: null, field, stored, sent, ...of }) as never
const words = (...conflicts: OutingConflict[]) =>
  conflictWords(conflicts, (id) => (id === 'q' ? 'Quarry' : 'Pond'), false).map(({ name, stored, sent }) => [
    name.replace(/, \d.*?: /, ' … '),
    stored,
    sent,
  ])

describe('a conflict', () => {
  it('names the thing, the field and both values', () => {
    expect(
      words(
        conflict('kind', 'landed', 'lost', { event }),
        conflict('length_in', 16, 15, { event }),
        conflict('water_id', 'p', 'q'),
        conflict('ended_at', null, at('10:00'), { stint }),
      ).map(([name, stored]) => [name, stored]),
    ).toEqual([
      ['Landed … what happened', 'Landed'],
      ['Landed … length', '16 in'],
      ['Water', 'Pond'],
      ['Jig … ended', 'not set'],
    ])
  })

  it('says a note as it was written, and a lure by its parts', () => {
    const build = (name: string) => ({ lure: 'jig', trailer: { name } })
    expect(
      words(conflict('note', 'by_the dock', 'West'), conflict('under', build('Craw'), build('Grub'), { event })),
    ).toEqual([
      ['Note', 'by_the dock', 'West'],
      ['Landed … lure', 'Jig: Craw', 'Jig: Grub'],
    ])
  })

  it('tells two that read alike apart', () => {
    const box = (head: string) => ({ lures: [{ lure: 'jig', head: { name: head }, trailer: { name: 'Craw' } }] })
    expect(words(conflict('box', box('Round'), box('Flat')), conflict('box', box('Flat'), { lures: [] }))).toEqual([
      ['Box', 'Jig: Craw', 'Jig: Craw (different)'],
      ['Box', 'Jig: Craw', 'empty'],
    ])
  })
})
