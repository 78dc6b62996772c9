import type { Trailer } from '../words/documents'
import { path } from './units'

/** A trailer threaded on at (0, 0) and lying along +x: its body, the parts that swim, and the rings or ribs on it. */
export interface TrailerShape {
  body: string
  /** Tails, claws and legs: drawn in the accent colour where there is one. */
  limbs: string[]
  /** Thin lines across the body. */
  ribs: string[]
  /** Where they are hinged, a share of the length. */
  joint: number
  /** Where a belly in the accent colour runs, for fish-shaped trailers. */
  belly?: string
}

const ribs = (from: number, to: number, count: number, half: (x: number) => number): string[] =>
  Array.from({ length: count }, (_, i) => {
    const x = from + ((to - from) * (i + 0.5)) / count
    const h = half(x)
    return path`M${x} ${-h}Q${x + 0.35 * h} 0 ${x} ${h}`
  })

/** Outline of a trailer by style, as long as given (hundredths of an inch). Proportions by eye. */
export function trailerShape(style: Trailer['style'], length: number): TrailerShape {
  const L = length
  // Longer trailers are poured slimmer for their length.
  const T = slim(length)
  switch (style) {
    case 'craw':
      return {
        joint: 0.48,
        body: path`M0 ${-0.055 * T}C${0.08 * L} ${-0.085 * T} ${0.2 * L} ${-0.095 * T} ${0.32 * L} ${-0.09 * T}
C${0.42 * L} ${-0.085 * T} ${0.5 * L} ${-0.07 * T} ${0.53 * L} ${-0.03 * T}L${0.53 * L} ${0.03 * T}
C${0.5 * L} ${0.07 * T} ${0.42 * L} ${0.085 * T} ${0.32 * L} ${0.09 * T}C${0.2 * L} ${0.095 * T} ${0.08 * L} ${0.085 * T} 0 ${0.055 * T}Z`,
        limbs: [claw(L, -1), claw(L, 1), leg(L, -1), leg(L, 1)],
        ribs: ribs(0.05 * L, 0.36 * L, 6, () => 0.082 * T),
      }
    case 'chunk':
      return {
        joint: 0.48,
        body: path`M0 ${-0.075 * T}C${0.12 * L} ${-0.12 * T} ${0.34 * L} ${-0.12 * T} ${0.5 * L} ${-0.1 * T}L${0.5 * L} ${0.1 * T}
C${0.34 * L} ${0.12 * T} ${0.12 * L} ${0.12 * T} 0 ${0.075 * T}Z`,
        limbs: [
          path`M${0.48 * L} ${-0.1 * T}C${0.66 * L} ${-0.14 * T} ${0.82 * L} ${-0.2 * T} ${0.97 * L} ${-0.2 * T}
C${L} ${-0.14 * T} ${0.95 * L} ${-0.09 * T} ${0.86 * L} ${-0.07 * T}
C${0.72 * L} ${-0.035 * T} ${0.58 * L} ${-0.02 * T} ${0.48 * L} ${-0.005 * T}Z`,
          path`M${0.48 * L} ${0.1 * T}C${0.66 * L} ${0.12 * T} ${0.8 * L} ${0.2 * T} ${0.94 * L} ${0.21 * T}
C${0.99 * L} ${0.16 * T} ${0.93 * L} ${0.1 * T} ${0.84 * L} ${0.075 * T}
C${0.7 * L} ${0.04 * T} ${0.58 * L} ${0.02 * T} ${0.48 * L} ${0.005 * T}Z`,
        ],
        ribs: ribs(0.06 * L, 0.44 * L, 5, () => 0.105 * T),
      }
    case 'paddle_tail':
      return {
        joint: 0.86,
        body: path`M0 ${-0.06 * T}C${0.14 * L} ${-0.125 * T} ${0.36 * L} ${-0.12 * T} ${0.56 * L} ${-0.07 * T}
C${0.7 * L} ${-0.035 * T} ${0.8 * L} ${-0.02 * T} ${0.87 * L} ${-0.018 * T}L${0.87 * L} ${0.018 * T}
C${0.8 * L} ${0.025 * T} ${0.7 * L} ${0.05 * T} ${0.56 * L} ${0.085 * T}C${0.36 * L} ${0.13 * T} ${0.14 * L} ${0.12 * T} 0 ${0.06 * T}Z`,
        limbs: [
          path`M${0.85 * L} ${-0.02 * T}C${0.88 * L} ${-0.03 * T} ${0.905 * L} ${-0.09 * T} ${0.94 * L} ${-0.1 * T}
C${0.975 * L} ${-0.1 * T} ${0.985 * L} ${-0.03 * T} ${0.985 * L} ${0.015 * T}
C${L} ${0.07 * T} ${0.985 * L} ${0.13 * T} ${0.945 * L} ${0.135 * T}
C${0.905 * L} ${0.13 * T} ${0.89 * L} ${0.06 * T} ${0.85 * L} ${0.025 * T}Z`,
        ],
        ribs: [],
        belly: path`M0 ${0.03 * T}C${0.16 * L} ${0.06 * T} ${0.4 * L} ${0.06 * T} ${0.7 * L} ${0.025 * T}L${0.7 * L} ${0.049 * T}
C${0.65 * L} ${0.063 * T} ${0.6 * L} ${0.077 * T} ${0.56 * L} ${0.085 * T}C${0.36 * L} ${0.13 * T} ${0.14 * L} ${0.12 * T} 0 ${0.06 * T}Z`,
      }
    case 'fork_tail':
      return {
        joint: 0.69,
        body: path`M0 ${-0.045 * T}C${0.14 * L} ${-0.085 * T} ${0.34 * L} ${-0.08 * T} ${0.52 * L} ${-0.045 * T}
C${0.6 * L} ${-0.03 * T} ${0.66 * L} ${-0.018 * T} ${0.7 * L} ${-0.014 * T}L${0.7 * L} ${0.014 * T}
C${0.66 * L} ${0.02 * T} ${0.6 * L} ${0.036 * T} ${0.52 * L} ${0.052 * T}
C${0.34 * L} ${0.088 * T} ${0.14 * L} ${0.085 * T} 0 ${0.045 * T}Z`,
        limbs: [
          path`M${0.69 * L} ${-0.014 * T}C${0.76 * L} ${-0.03 * T} ${0.88 * L} ${-0.1 * T} ${L} ${-0.105 * T}
C${0.93 * L} ${-0.06 * T} ${0.83 * L} ${-0.012 * T} ${0.73 * L} ${0.002 * T}Z`,
          path`M${0.69 * L} ${0.014 * T}C${0.76 * L} ${0.03 * T} ${0.86 * L} ${0.105 * T} ${0.98 * L} ${0.12 * T}
C${0.92 * L} ${0.07 * T} ${0.83 * L} ${0.018 * T} ${0.73 * L} ${0.002 * T}Z`,
        ],
        ribs: [],
        belly: path`M0 ${0.02 * T}C${0.18 * L} ${0.042 * T} ${0.4 * L} ${0.035 * T} ${0.62 * L} ${0.012 * T}L${0.6 * L} ${0.036 * T}
C${0.57 * L} ${0.043 * T} ${0.55 * L} ${0.047 * T} ${0.52 * L} ${0.052 * T}
C${0.34 * L} ${0.088 * T} ${0.14 * L} ${0.085 * T} 0 ${0.045 * T}Z`,
      }
    case 'twin_tail_grub':
      return {
        joint: 0.45,
        body: grubBody(L, 0.48, 0.085),
        limbs: [
          path`M${0.45 * L} ${-0.08 * T}C${0.58 * L} ${-0.12 * T} ${0.72 * L} ${-0.25 * T} ${0.9 * L} ${-0.22 * T}
C${L} ${-0.2 * T} ${1.0 * L} ${-0.1 * T} ${0.94 * L} ${-0.07 * T}
C${0.93 * L} ${-0.14 * T} ${0.82 * L} ${-0.16 * T} ${0.74 * L} ${-0.1 * T}
C${0.64 * L} ${-0.035 * T} ${0.54 * L} ${-0.01 * T} ${0.45 * L} ${-0.003 * T}Z`,
          path`M${0.45 * L} ${0.08 * T}C${0.58 * L} ${0.1 * T} ${0.7 * L} ${0.24 * T} ${0.87 * L} ${0.24 * T}
C${0.98 * L} ${0.23 * T} ${0.99 * L} ${0.12 * T} ${0.92 * L} ${0.08 * T}
C${0.91 * L} ${0.15 * T} ${0.8 * L} ${0.17 * T} ${0.72 * L} ${0.1 * T}
C${0.64 * L} ${0.035 * T} ${0.54 * L} ${0.01 * T} ${0.45 * L} ${0.003 * T}Z`,
        ],
        ribs: ribs(0.04 * L, 0.43 * L, 9, () => 0.08 * T),
      }
    case 'ringworm':
      return {
        joint: 0.64,
        body: grubBody(L, 0.66, 0.042),
        limbs: [
          path`M${0.64 * L} ${-0.04 * T}C${0.74 * L} ${-0.05 * T} ${0.8 * L} ${-0.13 * T} ${0.9 * L} ${-0.12 * T}
C${L} ${-0.1 * T} ${L} ${0.04 * T} ${0.91 * L} ${0.06 * T}C${0.95 * L} ${0.01 * T} ${0.94 * L} ${-0.06 * T} ${0.87 * L} ${-0.06 * T}
C${0.8 * L} ${-0.055 * T} ${0.74 * L} ${0.03 * T} ${0.64 * L} ${0.04 * T}Z`,
        ],
        ribs: ribs(0.03 * L, 0.62 * L, 22, () => 0.041 * T),
      }
    case 'single_tail_grub':
      return {
        joint: 0.47,
        body: grubBody(L, 0.5, 0.08),
        limbs: [
          path`M${0.47 * L} ${-0.075 * T}C${0.6 * L} ${-0.1 * T} ${0.7 * L} ${-0.22 * T} ${0.84 * L} ${-0.21 * T}
C${1.02 * L} ${-0.19 * T} ${1.04 * L} ${0.09 * T} ${0.87 * L} ${0.14 * T}
C${0.93 * L} ${0.05 * T} ${0.93 * L} ${-0.08 * T} ${0.82 * L} ${-0.09 * T}
C${0.71 * L} ${-0.085 * T} ${0.62 * L} ${0.05 * T} ${0.47 * L} ${0.075 * T}Z`,
        ],
        ribs: ribs(0.04 * L, 0.46 * L, 10, () => 0.076 * T),
      }
  }
}

/** The length by which breadths are measured: 2-1/2 inch trailers as drawn, longer ones growing in breadth at half the rate. */
function slim(L: number): number {
  return Math.min(L, 250) * 0.86 + Math.max(0, L - 250) * 0.45
}

function grubBody(L: number, share: number, half: number): string {
  const h = half * slim(L)
  return path`M${0.02 * L} ${-0.8 * h}C${0.06 * L} ${-h} ${0.1 * L} ${-h} ${0.14 * L} ${-h}L${share * L} ${-0.92 * h}
L${share * L} ${0.92 * h}L${0.14 * L} ${h}C${0.1 * L} ${h} ${0.06 * L} ${h} ${0.02 * L} ${0.8 * h}
C${-0.005 * L} ${0.4 * h} ${-0.005 * L} ${-0.4 * h} ${0.02 * L} ${-0.8 * h}Z`
}

function claw(L: number, side: 1 | -1): string {
  const s = side * slim(L)
  return path`M${0.5 * L} ${0.03 * s}C${0.56 * L} ${0.05 * s} ${0.6 * L} ${0.13 * s} ${0.68 * L} ${0.15 * s}
C${0.72 * L} ${0.1 * s} ${0.84 * L} ${0.08 * s} ${L} ${0.12 * s}
C${0.95 * L} ${0.15 * s} ${0.9 * L} ${0.165 * s} ${0.86 * L} ${0.172 * s}
C${0.92 * L} ${0.185 * s} ${0.96 * L} ${0.2 * s} ${0.98 * L} ${0.225 * s}
C${0.88 * L} ${0.26 * s} ${0.74 * L} ${0.26 * s} ${0.66 * L} ${0.205 * s}
C${0.58 * L} ${0.19 * s} ${0.52 * L} ${0.12 * s} ${0.46 * L} ${0.075 * s}Z`
}

function leg(L: number, side: 1 | -1): string {
  const s = side * slim(L)
  return path`M${0.3 * L} ${0.08 * s}C${0.36 * L} ${0.12 * s} ${0.42 * L} ${0.16 * s} ${0.5 * L} ${0.17 * s}
C${0.45 * L} ${0.145 * s} ${0.4 * L} ${0.115 * s} ${0.36 * L} ${0.075 * s}Z`
}
