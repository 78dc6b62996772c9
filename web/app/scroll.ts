/** How often the place on a page is noted while it is scrolled. */
const NOTED_MS = 100
/** How long what is below may take to be built, once all its answers are there, before it is given up. */
const WAITS_MS = 2000
const BY_HAND = ['wheel', 'touchmove', 'keydown', 'pointerdown']

/** Where the entry of the history that is opened now was scrolled to; 0 for a new one. */
let wanted = 0

const placeIn = (state: unknown): number =>
  typeof state === 'object' && state !== null && 'scrolled' in state ? Number(state.scrolled) : 0

/** Notes with each entry of the history where its page was scrolled to, since a screen is built anew when one comes back to it. */
export function noteScroll(): void {
  let timer: ReturnType<typeof setTimeout> | undefined
  history.scrollRestoration = 'manual'
  wanted = placeIn(history.state)
  addEventListener('popstate', (event) => {
    clearTimeout(timer)
    wanted = placeIn(event.state)
  })
  addEventListener(
    'scroll',
    () => {
      clearTimeout(timer)
      timer = setTimeout(
        () => history.replaceState({ ...(history.state as object | null), scrolled: scrollY }, ''),
        NOTED_MS,
      )
    },
    { passive: true },
  )
}

/**
 * Scrolls a screen that was just opened to where it was, as soon as it is long enough; a new one to its top. Whoever scrolls meanwhile
 * has chosen another place.
 */
export function restoreScroll(): void {
  const target = wanted
  let until = performance.now() + WAITS_MS
  wanted = 0
  const byHand = new AbortController()
  for (const kind of BY_HAND) addEventListener(kind, () => byHand.abort(), { once: true, signal: byHand.signal })
  const tryIt = () => {
    if (byHand.signal.aborted) return
    const now = performance.now()
    if (document.documentElement.hasAttribute('data-busy')) until = now + WAITS_MS
    const isThere = document.documentElement.scrollHeight - innerHeight >= target
    if (!isThere && now <= until) {
      requestAnimationFrame(tryIt)
      return
    }
    byHand.abort()
    scrollTo(0, target)
  }
  tryIt()
}
