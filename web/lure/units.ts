/** Drawing units per inch: everything is drawn in hundredths of an inch. */
export const PER_INCH = 100

/** So many inches across is a picture of a lure, so that all of them share a scale. */
export const SPAN_IN = 5.2

export const n = (value: number): string => (Math.round(value * 10) / 10).toString()

export interface Point {
  x: number
  y: number
}

/** "M x y" and the like from numbers. */
export function path(strings: TemplateStringsArray, ...values: number[]): string {
  return strings.reduce((done, piece, i) => done + piece + (i < values.length ? n(values[i] ?? 0) : ''), '')
}

/** A repeatable stream of numbers from 0 to 1, so that strands lie the same way each time they are drawn. */
export function scatter(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = Math.imul(state ^ (state >>> 15), 1 | state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}
