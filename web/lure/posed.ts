/** How a blade hangs at one moment: how much of its width is seen, the color of its light, and what glows about it. */
export interface Posed {
  width: number
  /** Null where it has no other color than at rest. */
  colour: string | null
  glow: { colour: string; share: number } | null
}
