import type { Composition, OutingConflict, OutingEvent, Reading, Stint, Box } from './documents'
import { clock, dateTime } from './clock'
import { lureWords } from './lureWords'
import { capital, fieldWords, list, partLength, show, waterLength } from './words'

const FIELDS: Record<string, string> = {
  started_at: 'began',
  ended_at: 'ended',
  water_id: 'water',
  trip_id: 'plan',
  build: 'lure',
  under: 'lure',
  at: 'time',
  kind: 'what happened',
  length_in: 'length',
}
const MOMENTS = ['started_at', 'ended_at', 'at']

/** One thing that two places have set differently, by its name and with both values, in words. */
export interface ConflictWords {
  key: string
  name: string
  stored: string
  sent: string
}

export function conflictWords(
  conflicts: readonly OutingConflict[],
  waterName: (id: string) => string,
  metric: boolean,
): ConflictWords[] {
  return conflicts.map(({ key, stint, event, field, stored, sent }) => {
    const words = (value: unknown) => fieldSaid(field, value, waterName, metric)
    const [there, here] = [words(stored), words(sent)]
    return {
      key,
      name: fieldName({ stint, event, field }),
      stored: there,
      // Two that read alike still differ in something that has no words.
      sent: here === there ? `${here} (different)` : here,
    }
  })
}

/** A field of an outing, or of something in it, by its name. */
export const fieldName = ({ stint, event, field }: Pick<OutingConflict, 'stint' | 'event' | 'field'>): string =>
  capital(`${within(stint, event)}${FIELDS[field] ?? fieldWords(field)}`)

function within(stint: Stint | null, event: OutingEvent | null): string {
  if (event) return `${capital(show(event.kind))}, ${clock(event.at)}: `
  return stint ? `${lureWords(stint.build)}, ${clock(stint.started_at)}: ` : ''
}

/** Its value. */
export function fieldSaid(field: string, value: unknown, waterName: (id: string) => string, metric: boolean): string {
  if (value === null || value === '') return 'not set'
  if (MOMENTS.includes(field)) return dateTime(String(value))
  if (field === 'water_id') return waterName(String(value))
  if (field === 'trip_id') return 'a plan'
  if (field === 'length_in') return partLength(Number(value), metric)
  if (field === 'build' || field === 'under') return lureWords(value as Composition)
  if (field === 'box') return ((value as Box).lures ?? []).map((build) => lureWords(build)).join('; ') || 'empty'
  if (field === 'reading') {
    const { visibility_in, sky, wind } = value as Reading
    return list([waterLength(visibility_in, metric), show(sky), show(wind)])
  }
  if (Array.isArray(value)) return value.length > 0 ? list(value.map(String).map(show)) : 'none'
  if (typeof value === 'object') return 'set'
  // A note is said as it was written.
  return field === 'note' ? String(value) : capital(show(String(value)))
}
