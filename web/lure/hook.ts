import { path } from './units'

/** A hook from its eye or collar at (x, y): shank to the right, round bend upward, point looking back. Open path, to be stroked. */
export function hookPath(x: number, y: number, shank: number, gap: number): string {
  const r = gap / 2
  const bend = x + shank - r
  return path`M${x} ${y}L${bend} ${y}C${bend + 1.32 * r} ${y} ${bend + 1.25 * r} ${y - 2 * r} ${bend - 0.1 * r} ${y - 2 * r}
L${bend - 0.95 * r} ${y - 1.86 * r}`
}

/** The part of the bend that stands out of the back of a trailer, up to the point. */
export function bendPath(x: number, y: number, shank: number, gap: number): string {
  const r = gap / 2
  const bend = x + shank - r
  return path`M${bend + 0.93 * r} ${y - 0.75 * r}
C${bend + 1.0 * r} ${y - 1.5 * r} ${bend + 0.6 * r} ${y - 2 * r} ${bend - 0.1 * r} ${y - 2 * r}L${bend - 0.95 * r} ${y - 1.86 * r}`
}

/** The barb just behind the point. */
export function barbPath(x: number, y: number, shank: number, gap: number): string {
  const r = gap / 2
  const bend = x + shank - r
  return path`M${bend - 0.95 * r} ${y - 1.86 * r}L${bend - 0.42 * r} ${y - 2.02 * r}M${bend - 0.6 * r} ${y - 1.92 * r}
L${bend - 0.28 * r} ${y - 1.68 * r}`
}
