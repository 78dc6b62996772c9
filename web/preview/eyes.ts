import type { Eye } from '../lure/paint'

/** What a window shows of a lure: as it is, or as one of two sees it in the water. */
export type View = 'hand' | Eye

export const IN_HAND = 'In the hand'

/** The eyes a lure is shown to, and how their pictures are called. */
export const EYES = [
  ['person', 'In the water'],
  ['bass', 'A bass’s view'],
] as const satisfies readonly (readonly [Eye, string])[]

/** All views, in the order of the switch. */
export const VIEWS: readonly (readonly [View, string])[] = [['hand', IN_HAND], ...EYES]
