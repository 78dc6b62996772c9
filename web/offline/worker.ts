import { notices } from '../data/notices.svelte'

/** The service worker opens the pages with no signal. One for this machine itself is no use: where it does not run, nothing does. */
export function registerWorker(): void {
  if (!('serviceWorker' in navigator) || location.protocol !== 'https:') return
  void navigator.serviceWorker
    .register('/sw.js')
    .then((registration) => {
      registration.addEventListener('updatefound', () => {
        const next = registration.installing
        next?.addEventListener('statechange', () => {
          if (next.state === 'installed' && navigator.serviceWorker.controller) offer(next)
        })
      })
      if (registration.waiting) offer(registration.waiting)
    })
    // Without one everything works but for the lack of a signal.
    .catch(() => undefined)
}

/** A new version waits until somebody wants it: the page that is open goes on with its own files. */
function offer(next: ServiceWorker): void {
  notices.say(
    'A new version of Kontrast is here.',
    () => {
      navigator.serviceWorker.addEventListener('controllerchange', () => location.reload(), { once: true })
      next.postMessage('take over')
    },
    'Reload',
  )
}
