import type { Composition } from './documents'
import { key } from './sameBuild'
import { capital, show } from './words'

/** A lure in a line: its kind and the parts that tell it from others, all of them where another one there would read the same. */
export function lureWords(build: Composition, among: readonly Composition[] = []): string {
  const short = [build.rear, build.skirt, build.trailer]
  const words = said(build, short)
  const isShared = among.some(
    (other) => key(other) !== key(build) && said(other, [other.rear, other.skirt, other.trailer]) === words,
  )
  return isShared ? said(build, [build.head, build.front, ...short, build.hook]) : words
}

function said(build: Composition, parts: readonly (Composition['rear'] | undefined)[]): string {
  const names = parts.flatMap((part) => (part ? [part.name] : []))
  return `${capital(show(build.lure))}${names.length > 0 ? ': ' : ''}${names.join(', ')}`
}
