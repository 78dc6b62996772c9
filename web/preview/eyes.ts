/** The eyes a lure is shown to, and how their pictures are called. */
export const EYES = [
  ['person', 'A person’s eyes'],
  ['bass', 'A bass’s eyes'],
] as const

export const IN_HAND = 'In the hand'
