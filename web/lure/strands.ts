import type { Skirt } from '../api/client'
import { path, scatter } from './units'

export interface Strand {
  d: string
  /** Which colour: 0 the base, 1 the first accent, 2 the second; of a belly strand its place among the belly's colours. */
  colour: number
  /** Under the back of a split skirt. */
  belly: boolean
  behind: boolean
}

/** How many strands are drawn of the forty-odd a skirt has, and how they are shared out among base and accents. */
const STRANDS = 64
/** How much of a split skirt is back, from the top down; the rest is belly. (Chosen.) */
const BACK_SHARE = 0.56
const SHARES: Record<number, number[]> = { 0: [1], 1: [0.68, 0.32], 2: [0.56, 0.25, 0.19] }

/**
 * Strands from a collar at (0, 0) of the given height, flaring back to their own length (hundredths of an inch). A few short
 * ends stand forward of the collar, as they do on a tied skirt.
 */
export function strands(
  skirt: Pick<Skirt, 'accents' | 'material' | 'belly'>,
  length: number,
  collar: number,
): Strand[] {
  const next = scatter(7)
  const shares = SHARES[Math.min(2, skirt.accents.length)] ?? [1]
  const spread = skirt.material === 'living_rubber' ? 0.66 : 0.54
  return Array.from({ length: STRANDS }, (_, i) => {
    const across = (i + 0.5) / STRANDS
    const angle = (across - 0.5) * 2 * spread + (next() - 0.5) * 0.14
    const reach = length * (0.93 + 0.07 * next())
    const bow = (next() - 0.5) * 0.16 * length
    const y0 = (across - 0.5) * collar
    const x = Math.cos(angle) * reach
    const y = y0 + Math.sin(angle) * reach * 0.72 + bow * 0.35
    return {
      d: path`M0 ${y0}C${0.24 * reach} ${y0 + Math.sin(angle) * 0.42 * reach + bow * 0.5} ${0.62 * reach} ${y - bow} ${x} ${y}`,
      ...(skirt.belly.length > 0 && across > BACK_SHARE
        ? { colour: i % skirt.belly.length, belly: true }
        : { colour: pickShare(shares, (i * 0.618) % 1), belly: false }),
      behind: i % 2 === 0,
    }
  })
}

/** The short ends that stand forward of the collar. */
export function fringe(length: number, collar: number): Strand[] {
  const next = scatter(23)
  return Array.from({ length: 18 }, (_, i) => {
    const side = i % 2 === 0 ? -1 : 1
    const reach = length * (0.16 + 0.06 * next())
    const rise = collar * (0.5 + 0.75 * next())
    const curve = path`C${-0.3 * reach} ${side * rise * 0.9} ${-0.7 * reach} ${side * rise} ${-reach} ${side * rise * 1.12}`
    return {
      d: path`M0 ${side * collar * 0.42}` + curve,
      colour: i % 5 === 0 ? 1 : 0,
      belly: false,
      behind: true,
    }
  })
}

function pickShare(shares: number[], at: number): number {
  let sum = 0
  for (const [index, share] of shares.entries()) {
    sum += share
    if (at < sum) return index
  }
  return 0
}
