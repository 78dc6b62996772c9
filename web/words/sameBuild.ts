import type { Composition } from './documents'

/** Whether two lures are tied of the same parts. */
export const isSame = (a: Composition, b: Composition): boolean => key(a) === key(b)

/** The parts by name, which is how a box tells them apart. */
export const key = (build: Composition): string =>
  [build.lure, build.head, build.front, build.rear, build.skirt, build.trailer, build.hook]
    .map((part) => (typeof part === 'string' ? part : (part?.id ?? part?.name ?? '')))
    .join('|')
