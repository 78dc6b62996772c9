import type { Place } from '../words/documents'

const DEGREES_A_MINUTE = 0.25
/** Where nobody said how far north it is. */
const SOMEWHERE_NORTH = 45

/** Where this browser's clock belongs, roughly: a place to start from. */
export function likelyPlace(today = new Date()): Place {
  return {
    latitude: SOMEWHERE_NORTH,
    longitude: 0 - Math.round(today.getTimezoneOffset() * DEGREES_A_MINUTE),
    time_zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
  }
}
