/** How often the place on a page is noted while it is scrolled. */
const NOTED_MS = 100
/** How long what is below may take to come before it is given up. */
const WAITS_MS = 2000

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

/** Scrolls a screen that was just opened to where it was, as soon as it is long enough; a new one to its top. */
export function restoreScroll(): void {
  const target = wanted
  const until = performance.now() + WAITS_MS
  wanted = 0
  const tryIt = () => {
    const isThere = document.documentElement.scrollHeight - innerHeight >= target
    if (isThere || performance.now() > until) scrollTo(0, target)
    else requestAnimationFrame(tryIt)
  }
  tryIt()
}
