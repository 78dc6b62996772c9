/** The trade's bands of clarity, in inches. */
export const BANDS = [
  { name: 'muddy', from: 0, to: 6 },
  { name: 'dirty', from: 6, to: 18 },
  { name: 'stained', from: 18, to: 36 },
  { name: 'clear', from: 36, to: 60.001 },
  { name: 'very clear', from: 60.001, to: Infinity },
] as const

export const MOST_IN = 240

/** The marks a reading can be set to: inches to three feet, then quarter feet, half feet, feet. */
export const STOPS: readonly number[] = [
  0.5,
  ...Array.from({ length: 36 }, (_, i) => i + 1),
  ...Array.from({ length: 12 }, (_, i) => 39 + 3 * i),
  ...Array.from({ length: 8 }, (_, i) => 78 + 6 * i),
  ...Array.from({ length: 10 }, (_, i) => 132 + 12 * i),
]

/** Where a length lies on the stick, in percent: its square root, so that the dirty end has room. */
export function place(inches: number): number {
  return Math.sqrt(Math.min(Math.max(inches, 0), MOST_IN) / MOST_IN) * 100
}

export function nearestStop(inches: number): number {
  let best = 0
  for (const [index, stop] of STOPS.entries()) {
    if (Math.abs(stop - inches) < Math.abs((STOPS[best] ?? 0) - inches)) best = index
  }
  return best
}

/** The marks that are named on the stick. */
export const MARKS_IN = [1, 3, 6, 12, 18, 24, 36, 48, 60, 96, 144, 192, 240] as const
export const MARKS_CM = [5, 10, 20, 30, 50, 75, 100, 150, 200, 300, 400, 600] as const

/** By eye a water is dirtier or clearer from about a quarter on. (Chosen.) */
const TOLD_APART = 0.75

/** The next named mark at which one calls the water dirtier, and the one at which one calls it clearer; null at the end of the stick. */
export const dirtierIn = (inches: number): number | null =>
  MARKS_IN.findLast((mark) => mark <= TOLD_APART * inches) ?? null
export const clearerIn = (inches: number): number | null => MARKS_IN.find((mark) => TOLD_APART * mark >= inches) ?? null
