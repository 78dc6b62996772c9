import type { Tint } from './vocabulary'

/** A tint in a word, where a picture of the water stands beside it. */
export const SHORT_TINTS: Record<Tint, string> = { none: 'None', green: 'Green', tannic: 'Tea', clay: 'Clay' }

/** A water of each tint, near and deep. By eye. */
export const TINT_HEX: Record<Tint, { near: string; deep: string }> = {
  none: { near: '#a9c3bb', deep: '#86a79c' },
  green: { near: '#9aa860', deep: '#67773a' },
  tannic: { near: '#7a5a32', deep: '#4a2f12' },
  clay: { near: '#b8956a', deep: '#94734a' },
}
