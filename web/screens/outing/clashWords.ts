import type { Composition, OutingEvent, Reading, Stint } from '../../api/client'
import { clock, dateTime } from '../../words/clock'
import { lureWords } from '../../words/lureWords'
import { capital, fieldWords, list, partLength, show, waterLength } from '../../words/words'
import { kindWords } from './noted'
import type { Clash } from './merge'

const FIELDS: Record<string, string> = {
  started_at: 'began',
  ended_at: 'ended',
  water_id: 'water',
  build: 'lure',
  under: 'lure',
  at: 'time',
  kind: 'what happened',
  length_in: 'length',
}
const MOMENTS = ['started_at', 'ended_at', 'at']

/** What two devices say differently of an outing, each thing by its name, in words. */
export function clashWords(clashes: readonly Clash[], waterName: (id: string) => string, metric: boolean) {
  const here: Record<string, string> = {}
  const there: Record<string, string> = {}
  for (const clash of clashes) {
    const name = `${within(clash.in)}${FIELDS[clash.field] ?? fieldWords(clash.field)}`
    const words = (value: unknown) => said(clash.field, value, waterName, metric)
    here[name] = words(clash.mine)
    there[name] = words(clash.theirs)
    // Two that read alike still differ in something that has no words.
    if (here[name] === there[name]) here[name] += ' (changed here)'
  }
  return { here, there }
}

function within(one: OutingEvent | Stint | null): string {
  if (one === null) return ''
  return 'kind' in one
    ? `${kindWords(one.kind)}, ${clock(one.at)}: `
    : `${lureWords(one.build)}, ${clock(one.started_at)}: `
}

function said(field: string, value: unknown, waterName: (id: string) => string, metric: boolean): string {
  if (value === null || value === '') return 'not set'
  if (MOMENTS.includes(field)) return dateTime(String(value))
  if (field === 'water_id') return waterName(String(value))
  if (field === 'length_in') return partLength(Number(value), metric)
  if (field === 'build') return lureWords(value as Composition)
  if (field === 'reading') {
    const { visibility_in, sky, wind } = value as Reading
    return list([waterLength(visibility_in, metric), show(sky), show(wind)])
  }
  if (Array.isArray(value)) return value.length > 0 ? list(value.map(String).map(show)) : 'none'
  if (typeof value === 'object') return 'another one'
  // A note is said as it was written.
  return field === 'note' ? String(value) : capital(show(String(value)))
}
