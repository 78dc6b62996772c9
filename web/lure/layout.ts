import type { Build } from '../words/documents'
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
  /** Where the plate of a bladed jig hangs from its snap, before the nose. */
  snap: Point | null
  bounds: { left: number; top: number; right: number; bottom: number }
}

const WIRE_DOWN = (26 * Math.PI) / 180
const WIRE_UP = (24 * Math.PI) / 180

/** A plate hangs before the nose with its top leaning forward: degrees from straight back, and how much of its width is seen. (Chosen.) */
export const PLATE = { lean: 106, seen: 0.6 }

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
  const snap = plate > 0 ? { x: -headLength - 0.06 * plate, y: -0.44 * plate } : null
  const half = Math.max(headHeight * 0.9, gap * 1.15, skirtLength * 0.46, trailerLength * 0.2)
  const hookEnd = m.trailer_hook_in === null ? shank : shank - gap / 2 + m.trailer_hook_in * PER_INCH
  const bounds = {
    left: Math.min(-headLength - 12, (tie?.x ?? 0) - 8, (snap?.x ?? 0) - 0.42 * plate),
    top: Math.min(-half, (loop?.y ?? 0) - ((rear?.width_in ?? 0) * PER_INCH) / 2 - 18, (snap?.y ?? 0) - 26),
    right: Math.max(
      hookEnd + gap * 0.4,
      skirtLength,
      trailerLength + 16,
      loop && rear ? loop.x + 22 + rear.length_in * PER_INCH : 0,
    ),
    bottom: Math.max(half, snap ? snap.y + 1.02 * plate : 0),
  }
  return { headLength, headHeight, shank, gap, tie, loop, clevis, snap, bounds }
}

function between(a: Point, b: Point, share: number): Point {
  return { x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share }
}

/** The part of the plane that a picture of a lure shows, hundredths of an inch. */
export interface Frame {
  left: number
  top: number
  width: number
  height: number
  /** Where a ruler lies under it. */
  rulerY: number
}

const MARGIN = 10
const RULER = 32

/** The frame of a picture, so many inches across at least, so that two of them share a scale. */
export function frameOf({ bounds }: Layout, span = 0, hasRuler = true): Frame {
  const top = bounds.top - MARGIN
  const rulerY = bounds.bottom + MARGIN
  return {
    left: bounds.left - MARGIN,
    top,
    width: Math.max(bounds.right - bounds.left + 2 * MARGIN, span * PER_INCH),
    height: rulerY - top + (hasRuler ? RULER : 0),
    rulerY,
  }
}

/** A part of a lure that a picture points at. */
export type PartKey = 'blades' | 'skirt' | 'trailer' | 'head' | 'trailer_hook'

/** Where a part is pointed at: on it, and where nothing lies over it. Each blade by itself. */
export function anchors(build: Build): { part: PartKey; at: Point; index: number }[] {
  const at = layout(build)
  const m = build.measures
  const blade = (index: number): Point => {
    const length = (m.blades[index]?.length_in ?? 0) * PER_INCH
    if (at.snap) return { x: at.snap.x - 0.16 * length, y: at.snap.y + 0.55 * length }
    if (!at.loop) return { x: 0, y: 0 }
    if (index === 0 && at.clevis) return { x: at.clevis.x + 0.45 * length, y: at.clevis.y + 9 + 0.12 * length }
    return { x: at.loop.x + 22 + 0.55 * length, y: at.loop.y + 2 }
  }
  const skirt = (m.skirt_in ?? 0) * PER_INCH
  const trailer = (m.trailer_in ?? 0) * PER_INCH
  return [
    ...build.blades.map((_, index) => ({ part: 'blades' as const, at: blade(index), index })),
    ...(build.skirt ? [{ part: 'skirt' as const, at: { x: 0.62 * skirt, y: 0.24 * skirt }, index: 0 }] : []),
    ...(build.trailer ? [{ part: 'trailer' as const, at: { x: 0.88 * trailer, y: 0.03 * trailer }, index: 0 }] : []),
    { part: 'head' as const, at: { x: -0.55 * at.headLength, y: 0.18 * at.headHeight }, index: 0 },
  ]
}
