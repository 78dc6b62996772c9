/** Minutes after midnight of a time such as 7:52. */
export function minutesOf(time: string): number {
  const [hours = '0', minutes = '0'] = time.split(':')
  return 60 * Number(hours) + Number(minutes)
}

export const timeOf = (minutes: number) => `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`
