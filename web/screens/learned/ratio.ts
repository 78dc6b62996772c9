/** Ratios are drawn from a third to three times. */
const MOST = 3

/** Where a ratio stands along a line, 0 to 1: equal in the middle. */
export const placeOfRatio = (ratio: number): number => (Math.log(ratio) / Math.log(MOST) + 1) / 2

/** What stands under the line. */
export const RATIO_MARKS: readonly (readonly [number, string])[] = [
  [1 / MOST, 'a third'],
  [1 / 2, 'half'],
  [1, 'the same'],
  [2, 'twice'],
  [MOST, 'three times'],
]
