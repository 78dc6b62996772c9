/** Minutes after midnight of a time such as 7:52. */
export function minutesOf(time: string): number {
  const [hours = '0', minutes = '0'] = time.split(':')
  return 60 * Number(hours) + Number(minutes)
}

export const timeOf = (minutes: number) => `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`

/** A moment as it is sent: to the second. */
export const stamp = (at: Date) => `${at.toISOString().slice(0, 19)}Z`

/** Seven minutes past nine in the morning: 9:07 AM. */
export const clock = (at: string | Date) =>
  new Date(at).toLocaleTimeString('en-US', { hour: 'numeric', minute: '2-digit' })

export const now = () => new Date().toISOString()

/** Nov 26, 9:07 AM. */
export const dateTime = (at: string) =>
  new Date(at).toLocaleString('en-US', { month: 'short', day: 'numeric', hour: 'numeric', minute: '2-digit' })
