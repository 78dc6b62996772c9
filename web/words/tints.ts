import type { Tint } from './vocabulary'

/** A tint in a word, where a picture of the water stands beside it. */
export const SHORT_TINTS: Record<Tint, string> = { none: 'None', green: 'Green', tannic: 'Tea', clay: 'Clay' }
