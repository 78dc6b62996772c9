import type { Composition } from '../api/client'
import { capital, show } from './words'

/** A lure in a line: its kind and the parts that tell it from others. */
export function lureWords(build: Composition): string {
  const parts = [build.rear, build.skirt, build.trailer].flatMap((part) => (part ? [part.name] : []))
  return `${capital(show(build.lure))}${parts.length > 0 ? ': ' : ''}${parts.join(', ')}`
}
