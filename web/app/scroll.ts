/** How often the place on a page is noted while it is scrolled. */
const NOTED_MS = 100
const BY_HAND = ['wheel', 'touchmove', 'keydown', 'pointerdown']

/** Where the entry of the history that is opened now was scrolled to; 0 for a new one. */
let wanted = 0
/** Whether the page was scrolled at all: to ask it where it stands costs a layout. */
let isScrolled = false

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
      isScrolled = true
      clearTimeout(timer)
      timer = setTimeout(
        () => history.replaceState({ ...(history.state as object | null), scrolled: scrollY }, ''),
        NOTED_MS,
      )
    },
    { passive: true },
  )
}

/** Ends the wait for a screen that was left again. */
let waiting = new AbortController()

/**
 * Scrolls a screen that was just opened to where it was, as soon as it is long enough, however long its answers take; a new one to its top.
 * Whoever scrolls meanwhile has chosen another place.
 */
export function restoreScroll(): void {
  const target = wanted
  wanted = 0
  waiting.abort()
  if (target === 0) {
    if (isScrolled) scrollTo(0, 0)
    return
  }
  const { signal } = (waiting = new AbortController())
  const tryIt = () => {
    if (document.documentElement.scrollHeight - innerHeight < target) return
    waiting.abort()
    scrollTo(0, target)
  }
  const growing = new ResizeObserver(tryIt)
  signal.addEventListener('abort', () => growing.disconnect())
  for (const kind of BY_HAND) addEventListener(kind, () => waiting.abort(), { signal })
  growing.observe(document.body)
  tryIt()
}
