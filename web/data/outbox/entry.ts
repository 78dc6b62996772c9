import type { Box, Composition, Outing, OutingEvent, PracticeAnswer, Reading, Stint } from '../../words/documents'
import type { Current } from '../current'
import { api, ifMatch, type Versioned } from '../client'
import { clock } from '../../words/clock'
import { capital, show } from '../../words/words'

/** Something that was noted here and is to be sent. Each has ids made on this device, so that sending it again changes nothing. */
export type Write =
  | { kind: 'outing'; outing: string; body: Outing }
  | { kind: 'end'; outing: string; ended_at: string }
  | { kind: 'tie'; outing: string; stint: string; body: Stint }
  | { kind: 'untie'; outing: string; stint: string }
  | { kind: 'note'; outing: string; event: string; body: OutingEvent }
  | { kind: 'unnote'; outing: string; event: string }
  | { kind: 'photo'; outing: string; event: string; photo: string }
  | { kind: 'unphoto'; outing: string; event: string }
  | { kind: 'box'; outing: string; before: Box; box: Box }
  | { kind: 'reading'; id: string; body: Reading; water_id: string | null }
  | { kind: 'answer'; id: string; body: PracticeAnswer }
  | { kind: 'current'; body: Current; base?: Versioned<Current> | null; version?: string | null }

/** A write that waits, and what the server said against it where it did. */
export interface Entry {
  key: number
  /** When it was noted. */
  at: string
  write: Write
  /** Why the server did not take it; it stays until somebody says what to do. */
  problem?: string
  /** What is stored in its place, where another device came first, and its version. */
  theirs?: object
  theirVersion?: number | null
}

/** Whether an answer is an outing as it is stored now. */
export const isOuting = (answered: unknown): answered is Outing =>
  typeof answered === 'object' && answered !== null && 'started_at' in answered && 'stints' in answered

/** The outing that a write belongs to. */
export const outingOf = (write: Write): string | null => ('outing' in write ? write.outing : null)

/** Sends a write. */
export function send(
  write: Write,
  signal: AbortSignal,
): Promise<{ data?: unknown; error?: unknown; response: Response }> {
  const at = <P extends object>(path: P) => ({ params: { path }, signal })
  switch (write.kind) {
    case 'outing':
      return api.POST('/api/outings', { body: write.body, signal })
    case 'end':
      return api.POST('/api/outings/{id}/end', { ...at({ id: write.outing }), body: { ended_at: write.ended_at } })
    case 'tie':
      return api.PUT('/api/outings/{id}/stints/{stint}', {
        ...at({ id: write.outing, stint: write.stint }),
        body: write.body,
      })
    case 'untie':
      return api.DELETE('/api/outings/{id}/stints/{stint}', at({ id: write.outing, stint: write.stint }))
    case 'note':
      return api.PUT('/api/outings/{id}/events/{event}', {
        ...at({ id: write.outing, event: write.event }),
        body: write.body,
      })
    case 'unnote':
      return api.DELETE('/api/outings/{id}/events/{event}', at({ id: write.outing, event: write.event }))
    case 'photo':
      return api.PUT('/api/outings/{id}/events/{event}/photo', {
        ...at({ id: write.outing, event: write.event }),
        body: { photo: write.photo },
      })
    case 'unphoto':
      return api.DELETE('/api/outings/{id}/events/{event}/photo', at({ id: write.outing, event: write.event }))
    case 'box':
      return api.PUT('/api/outings/{id}/box', {
        ...at({ id: write.outing }),
        body: { before: write.before, box: write.box },
      })
    case 'reading':
      return api.POST('/api/readings', {
        body: { id: write.id, reading: write.body, water_id: write.water_id, note: '' },
        signal,
      })
    case 'answer':
      return api.POST('/api/practice-answers', { body: write.body, signal })
    case 'current':
      return api.PUT('/api/current-reading', {
        body: write.body,
        signal,
        // One that an older program left here names its version as the server says it.
        headers: write.version ? { 'If-Match': write.version } : ifMatch(write.base?.version ?? null),
      })
  }
}

/** What a write takes away may be gone already, and what it adds may be there already, where an answer was lost. */
export function isDoneAlready(write: Write, status: number, codes: readonly string[]): boolean {
  if (status === 404) return ['untie', 'unnote', 'unphoto'].includes(write.kind)
  return ['reading', 'answer'].includes(write.kind) && status === 422 && codes.includes('taken')
}

/** A write in words: “Bite, 9:07 AM”. */
export function writeWords(entry: Entry): string {
  return `${what(entry.write)}, ${clock(entry.at)}`
}

function what(write: Write): string {
  switch (write.kind) {
    case 'outing':
      return 'Outing started'
    case 'end':
      return 'Outing ended'
    case 'tie':
      return `Lure: ${lure(write.body.build)}`
    case 'untie':
      return 'Lure change undone'
    case 'note':
      return capital(show(write.body.kind))
    case 'unnote':
      return 'Note undone'
    case 'photo':
      return 'Picture'
    case 'unphoto':
      return 'Picture removed'
    case 'box':
      return 'Change to the box'
    case 'reading':
      return 'Saved reading'
    case 'answer':
      return 'Practice answer'
    case 'current':
      return 'Change to the reading'
  }
}

const lure = (build: Composition) => show(build.lure)
