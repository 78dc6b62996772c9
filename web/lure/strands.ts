import type { Skirt } from '../words/documents'
import { ACCENT_SHARE_OF } from '../words/vocabulary'
import { path, scatter } from './units'

export interface Strand {
  d: string
  /** Which colour: 0 the base, 1 the first accent, 2 the second; of a belly strand its place among the belly's colours. */
  colour: number
  /** Under the back of a split skirt. */
  belly: boolean
  behind: boolean
  /** Which of the groups that move as one it is in, from the top of the skirt down. */
  band: number
}

/** So many groups of strands move as one each. */
export const BANDS = 6
const bandOf = (height: number) => Math.min(BANDS - 1, Math.floor(height * BANDS))

/** How many strands are drawn of the forty-odd a skirt has. */
const STRANDS = 64
/** How much of a split skirt is back, from the top down; the rest is belly. (Chosen.) */
const BACK_SHARE = 0.56
/** How far the strands in front reach where others lie behind them. (Chosen.) */
const FRONT_REACH = 0.6
/** How far strands hang down at their ends, of their length. (Chosen.) */
const SAG = 0.045

/** How the strands are shared out among the base and its accents. */
function sharesOf({ accents, accent_share }: Pick<Skirt, 'accents' | 'accent_share'>): number[] {
  const share = accents.length > 0 ? ACCENT_SHARE_OF[accent_share ?? 'few'] : 0
  return [1 - share, ...accents.map(() => share / accents.length)]
}

/**
 * Strands from a collar at (0, 0) of the given height, flaring back to their own length (hundredths of an inch). A few short
 * ends stand forward of the collar, as they do on a tied skirt.
 */
export function strands(
  skirt: Pick<Skirt, 'accents' | 'accent_share' | 'material' | 'belly' | 'layout'>,
  length: number,
  collar: number,
): Strand[] {
  const next = scatter(7)
  const shares = sharesOf(skirt)
  const isFrontBack = skirt.layout === 'front_back'
  const spread = skirt.material === 'living_rubber' ? 0.66 : 0.54
  return Array.from({ length: STRANDS }, (_, i) => {
    const across = (i + 0.5) / STRANDS
    const angle = (across - 0.5) * 2 * spread + (next() - 0.5) * 0.14
    const isFront = isFrontBack && i % 2 === 1
    const reach = length * (0.93 + 0.07 * next()) * (isFront ? FRONT_REACH : 1)
    const isBelly = skirt.belly.length > 0 && (isFrontBack ? !isFront : across > BACK_SHARE)
    const bow = (next() - 0.5) * 0.16 * length
    const y0 = (across - 0.5) * collar
    const x = Math.cos(angle) * reach
    // Strands have weight: they sag toward their ends.
    const y = y0 + Math.sin(angle) * reach * 0.72 + bow * 0.35 + SAG * reach
    return {
      d: path`M0 ${y0}C${0.24 * reach} ${y0 + Math.sin(angle) * 0.42 * reach + bow * 0.5} ${0.62 * reach} ${y - bow} ${x} ${y}`,
      ...(isBelly
        ? { colour: i % skirt.belly.length, belly: true }
        : { colour: pickShare(shares, (i * 0.618) % 1), belly: false }),
      behind: i % 2 === 0,
      band: bandOf(across),
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
      band: side < 0 ? 0 : BANDS - 1,
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
