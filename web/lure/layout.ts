import type { Build } from './paint'
import { PER_INCH, type Point } from './units'

/**
 * Where everything sits. The collar, where head and skirt meet, is (0, 0); the head lies to the left, the hook to the right,
 * y runs down; all in hundredths of an inch.
 */
export interface Layout {
  headLength: number
  headHeight: number
  shank: number
  gap: number
  /** Where the line is tied, on a wire. */
  tie: Point | null
  /** Where the upper arm ends and the rear blade hangs. */
  loop: Point | null
  /** Where the front blade rides on the wire. */
  clevis: Point | null
  bounds: { left: number; top: number; right: number; bottom: number }
}

const WIRE_DOWN = (26 * Math.PI) / 180
const WIRE_UP = (24 * Math.PI) / 180

export function layout(build: Build): Layout {
  const m = build.measures
  const headLength = m.head_length_in * PER_INCH
  const headHeight = m.head_height_in * PER_INCH
  const shank = m.hook_shank_in * PER_INCH
  const gap = m.hook_gap_in * PER_INCH
  const wired = m.wire_to_head_in !== null && m.wire_to_blade_in !== null
  const down = (m.wire_to_head_in ?? 0) * PER_INCH
  const up = (m.wire_to_blade_in ?? 0) * PER_INCH
  const tie = wired ? { x: -headLength - down * Math.cos(WIRE_DOWN), y: -down * Math.sin(WIRE_DOWN) } : null
  const loop = tie ? { x: tie.x + up * Math.cos(WIRE_UP), y: tie.y - up * Math.sin(WIRE_UP) } : null
  const clevis = tie && loop && build.blades.length > 1 ? between(tie, loop, 0.42) : null

  const blades = build.measures.blades
  const rear = blades.at(-1)
  const skirtLength = (m.skirt_in ?? 0) * PER_INCH
  const trailerLength = (m.trailer_in ?? 0) * PER_INCH
  const plate = build.lure === 'bladed_jig' && rear ? rear.length_in * PER_INCH : 0
  const half = Math.max(headHeight * 0.9, gap * 1.15, skirtLength * 0.46, trailerLength * 0.2)
  const hookEnd = m.trailer_hook_in === null ? shank : shank - gap / 2 + m.trailer_hook_in * PER_INCH
  const bounds = {
    left: Math.min(-headLength - 12, (tie?.x ?? 0) - 8, -headLength * 0.86 - plate * 0.92),
    top: Math.min(-half, (loop?.y ?? 0) - ((rear?.width_in ?? 0) * PER_INCH) / 2 - 18, -plate * 0.9),
    right: Math.max(
      hookEnd + gap * 0.4,
      skirtLength,
      trailerLength + 16,
      loop && rear ? loop.x + 22 + rear.length_in * PER_INCH : 0,
    ),
    bottom: half,
  }
  return { headLength, headHeight, shank, gap, tie, loop, clevis, bounds }
}

function between(a: Point, b: Point, share: number): Point {
  return { x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share }
}
