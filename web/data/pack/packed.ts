import type { Reading } from '../../words/documents'

/** What of a reading a pack does not know, with what it was packed for. */
export interface Outside {
  field: keyof Reading
  asked: unknown
  packed: unknown
}

/** How close a packed advice is to what was asked. */
export interface Near {
  made_at: string
  /** The visibility it was computed for, inches. */
  visibility_in: number
  /** The picks that change between the two packed visibilities around the one asked, and those two. */
  coarse: { picks: string[]; from: number; to: number } | null
  /** Where the answer lies outside the pack; empty where it lies inside. */
  outside: Outside[]
}

/** An answer that was worked out beforehand, and how near to what was asked. */
export class Packed<T> {
  constructor(
    readonly value: T,
    readonly near: Near,
  ) {}
}
