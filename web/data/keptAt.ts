/** The header of an answer that did not come from the server itself: when it did. Written by the service worker. */
export const KEPT_AT = 'x-kontrast-kept-at'
/** Beside it, where the server was not silent but slow: its own answer may still come. */
export const SLOW = 'x-kontrast-slow'
