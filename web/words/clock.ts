/** Minutes after midnight of a time such as 7:52. */
export function minutesOf(time: string): number {
  const [hours = '0', minutes = '0'] = time.split(':')
  return 60 * Number(hours) + Number(minutes)
}

export const timeOf = (minutes: number) => `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`

const DAY = 1440
const NOON = 720
const TIME = /^([01]?\d|2[0-4]):([0-5]\d)$/

/** A time of day as it is said: 17:30 is 5:30 PM. What is no time stays as it is. */
export function timeWords(time: string): string {
  if (!TIME.test(time)) return time
  const minutes = minutesOf(time)
  if (minutes % DAY === 0) return 'midnight'
  if (minutes === NOON) return 'noon'
  return `${timeOf(((minutes + NOON - 60) % NOON) + 60)} ${minutes < NOON ? 'AM' : 'PM'}`
}

/**
 * What somebody typed, as a document has it: 5, 5:30, 530, 5 pm, 17:30, noon.
 *
 * @returns null where it is no time
 */
export function timeRead(typed: string, isEnd = false): string | null {
  const text = typed.toLowerCase().replace(/[\s.]/g, '').replace('noon', '12pm').replace('midnight', '12am')
  const [, hour, minute = '00', half] = /^(\d{1,2})(?::?([0-5]\d))?([ap])?m?$/.exec(text) ?? []
  if (hour === undefined) return null
  const isTwelve = half !== undefined && Number(hour) === 12
  const hours = (isTwelve ? 0 : Number(hour)) + (half === 'p' && Number(hour) <= 12 ? 12 : 0)
  const minutes = 60 * hours + Number(minute)
  if (minutes > DAY || (half === 'a' && Number(hour) > 12)) return null
  return timeOf(isEnd && minutes === 0 ? DAY : minutes)
}

/** A moment as it is sent: to the second. */
export const stamp = (at: Date) => `${at.toISOString().slice(0, 19)}Z`

/** The time of a moment on this device's clock: 9:07 AM. */
export function clock(at: string | Date): string {
  const moment = new Date(at)
  return timeWords(timeOf(60 * moment.getHours() + moment.getMinutes()))
}

/** The day it is on this device's clock: 2026-05-09. */
export const dayOf = (at: Date) =>
  [at.getFullYear(), at.getMonth() + 1, at.getDate()].map((part) => String(part).padStart(2, '0')).join('-')

export const now = () => new Date().toISOString()

/** Nov 26, 9:07 AM. */
export const dateTime = (at: string) =>
  `${new Date(at).toLocaleDateString('en-US', { month: 'short', day: 'numeric' })}, ${clock(at)}`
