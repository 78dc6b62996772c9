import type { HeadForm } from '../words/vocabulary'
import { path, type Point } from './units'

/** Each form of head as an outline from the collar at (0, 0) to the nose at (-L, 0); h is half its height. */
const OUTLINES: Record<HeadForm, (L: number, h: number) => string> = {
  ball: (L, h) => path`M0 ${-0.5 * h}C${-0.14 * L} ${-1.12 * h} ${-0.97 * L} ${-1.3 * h} ${-L} ${-0.02 * h}
C${-0.97 * L} ${1.3 * h} ${-0.14 * L} ${1.12 * h} 0 ${0.5 * h}Z`,
  arrow: (L, h) => path`M0 ${-0.5 * h}C${-0.3 * L} ${-0.95 * h} ${-0.62 * L} ${-1.12 * h} ${-0.86 * L} ${-0.62 * h}
C${-1.05 * L} ${-0.2 * h} ${-L} ${0.6 * h} ${-0.72 * L} ${0.9 * h}C${-0.45 * L} ${1.12 * h} ${-0.2 * L} ${0.85 * h} 0 ${0.5 * h}Z`,
  football: (L, h) => path`M0 ${-0.42 * h}C${-0.1 * L} ${-0.5 * h} ${-0.16 * L} ${-0.62 * h} ${-0.22 * L} ${-0.78 * h}
C${-0.34 * L} ${-1.34 * h} ${-0.94 * L} ${-1.3 * h} ${-L} ${-0.3 * h}
C${-1.04 * L} ${0.7 * h} ${-0.8 * L} ${1.24 * h} ${-0.56 * L} ${1.2 * h}
C${-0.36 * L} ${1.18 * h} ${-0.22 * L} ${0.9 * h} ${-0.18 * L} ${0.66 * h}
C${-0.14 * L} ${0.54 * h} ${-0.08 * L} ${0.46 * h} 0 ${0.42 * h}Z`,
  bullet: (L, h) => path`M0 ${-0.52 * h}C${-0.25 * L} ${-0.98 * h} ${-0.55 * L} ${-0.98 * h} ${-0.8 * L} ${-0.5 * h}
C${-0.9 * L} ${-0.3 * h} ${-0.98 * L} ${-0.14 * h} ${-L} 0C${-0.98 * L} ${0.2 * h} ${-0.86 * L} ${0.62 * h} ${-0.6 * L} ${0.86 * h}
C${-0.4 * L} ${1.02 * h} ${-0.18 * L} ${0.85 * h} 0 ${0.52 * h}Z`,
  flat: (L, h) => path`M0 ${-0.46 * h}C${-0.24 * L} ${-0.9 * h} ${-0.6 * L} ${-0.96 * h} ${-0.84 * L} ${-0.52 * h}
C${-0.94 * L} ${-0.32 * h} ${-1.02 * L} ${0.1 * h} ${-0.98 * L} ${0.42 * h}
C${-0.94 * L} ${0.64 * h} ${-0.84 * L} ${0.68 * h} ${-0.7 * L} ${0.7 * h}
L${-0.2 * L} ${0.7 * h}C${-0.1 * L} ${0.68 * h} ${-0.04 * L} ${0.6 * h} 0 ${0.5 * h}Z`,
}

export const headOutline = (form: HeadForm, L: number, h: number): string => OUTLINES[form](L, h)

/** Where the line is tied: at the nose of what is wound in, on top of what is dragged or pitched. */
export const lineTie = (form: HeadForm, L: number, h: number): Point =>
  form === 'bullet' ? { x: -1.02 * L, y: -0.24 * h } : { x: -0.74 * L, y: -1.28 * h }
