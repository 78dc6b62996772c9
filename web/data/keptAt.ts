/** The header of an answer that did not come from the server itself: when it did. Written by the service worker. */
export const KEPT_AT = 'x-kontrast-kept-at'
