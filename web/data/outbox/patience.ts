/** How long what only a place with no signal needs waits for what is on screen, ms. (Chosen.) */
const WAITS = {
  /** From the first view until the outbox and the packs are looked at. */
  begin: 3000,
  /** From then until lists are read ahead. */
  readAhead: 3000,
  /** From one try to reach the server to the next. */
  tryAgain: 8000,
}

declare global {
  interface Window {
    /** Put here before the page begins, it takes the place of these waits. */
    kontrastWaits?: Partial<typeof WAITS>
  }
}

export function waits(): typeof WAITS {
  return typeof window === 'undefined' ? WAITS : { ...WAITS, ...window.kontrastWaits }
}
