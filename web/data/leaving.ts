/** A phone hides a page and may never come back to it; only then is there still time to send. */
export function whenLeaving(flush: () => void): void {
  if (typeof document === 'undefined') return
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'hidden') flush()
  })
  addEventListener('pagehide', flush)
}
