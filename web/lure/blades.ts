import type { Blade } from '../words/documents'
import { path } from './units'

/**
 * The outline of a blade hanging from its hole at (0, 0) and lying along +x, as long and wide as given (hundredths of an inch).
 */
export function bladeOutline(shape: Blade['shape'], length: number, width: number): string {
  const L = length
  const w = width / 2
  switch (shape) {
    case 'willow':
      return path`M${-0.04 * L} 0C${0.04 * L} ${-0.45 * w} ${0.28 * L} ${-1.04 * w} ${0.52 * L} ${-w}
C${0.74 * L} ${-0.95 * w} ${0.9 * L} ${-0.4 * w} ${0.97 * L} 0C${0.9 * L} ${0.4 * w} ${0.74 * L} ${0.95 * w} ${0.52 * L} ${w}
C${0.28 * L} ${1.04 * w} ${0.04 * L} ${0.45 * w} ${-0.04 * L} 0Z`
    case 'indiana':
      return path`M${-0.05 * L} 0C${0.0 * L} ${-0.55 * w} ${0.3 * L} ${-w} ${0.6 * L} ${-w}
C${0.84 * L} ${-w} ${0.96 * L} ${-0.52 * w} ${0.96 * L} 0C${0.96 * L} ${0.52 * w} ${0.84 * L} ${w} ${0.6 * L} ${w}
C${0.3 * L} ${w} ${0.0 * L} ${0.55 * w} ${-0.05 * L} 0Z`
    case 'bladed_jig':
      return path`M0 ${-0.34 * w}L${0.3 * L} ${-w}L${0.78 * L} ${-0.9 * w}L${L} ${-0.42 * w}L${L} ${0.42 * w}L${0.78 * L} ${0.9 * w}
L${0.3 * L} ${w}L0 ${0.34 * w}Z`
    case 'colorado':
    case 'deep_colorado':
      return path`M${-0.06 * L} 0C${-0.02 * L} ${-0.62 * w} ${0.22 * L} ${-w} ${0.5 * L} ${-w}
C${0.8 * L} ${-w} ${0.95 * L} ${-0.55 * w} ${0.95 * L} 0C${0.95 * L} ${0.55 * w} ${0.8 * L} ${w} ${0.5 * L} ${w}
C${0.22 * L} ${w} ${-0.02 * L} ${0.62 * w} ${-0.06 * L} 0Z`
  }
}

/** The line where the cup of a blade turns, a smaller outline inside the first. */
export function cupOutline(shape: Blade['shape'], length: number, width: number): string | null {
  if (shape === 'bladed_jig') return null
  const depth = shape === 'deep_colorado' ? 0.7 : 0.82
  return bladeOutline(shape, length * depth, width * depth)
}
