import { cleanupOutdatedCaches, precacheAndRoute } from 'workbox-precaching'
import { registerRoute } from 'workbox-routing'
import { NetworkFirst } from 'workbox-strategies'
import { dated, keeping } from './patience'

interface Built {
  url: string
  revision: string | null
}

declare const self: Omit<ServiceWorkerGlobalScope, '__WB_MANIFEST'> & { __WB_MANIFEST: Built[] }

/** How long a weak signal may keep somebody waiting before what is at hand is shown. (Chosen.) */
const PATIENCE_S = 4
const PAGE = 'page'
const ANSWERS = 'answers'
/** One outing is kept by the page itself, with what waits to be sent; see web/offline/outbox. Access is nothing to remember. */
const NOT_KEPT = /^\/api\/(outings\/[0-9a-f-]{36}|access|palette\/.+|backup|logbook$|colour|probe)/

// The tool that lists them adds what only the browser itself asks for, by another address.
const BUILT = self.__WB_MANIFEST.filter(({ url }) => url.startsWith('/build/'))

precacheAndRoute(BUILT)
cleanupOutdatedCaches()

/** A page that names a script of another version would find it nowhere with no signal: the one before it stays. */
async function isOfThisVersion(response: Response): Promise<boolean> {
  const page = await response.clone().text()
  const [, script = ''] = /<script type="module" src="([^"]+)"/.exec(page) ?? []
  return BUILT.some(({ url }) => url === script)
}

const keptIf = (cacheName: string, isKept: (response: Response) => Promise<boolean>) =>
  new NetworkFirst({
    cacheName,
    networkTimeoutSeconds: PATIENCE_S,
    // What the browser says of itself with one request or another makes no difference to what is kept.
    matchOptions: { ignoreVary: true },
    plugins: [keeping(isKept)],
  })

// The page, with the settings and the reading it came with last.
registerRoute(({ request, url }) => request.mode === 'navigate' && url.pathname === '/', keptIf(PAGE, isOfThisVersion))
registerRoute(
  ({ request, url }) => request.method === 'GET' && url.pathname.startsWith('/api/') && !NOT_KEPT.test(url.pathname),
  keptIf(ANSWERS, () => Promise.resolve(true)),
)

/** The page of this version, before anybody opens it again. */
async function keepPage(): Promise<void> {
  const response = await fetch('/', { credentials: 'same-origin' })
  if (response.status === 200 && !response.redirected && (await isOfThisVersion(response)))
    await (await caches.open(PAGE)).put('/', dated(response))
}

self.addEventListener('message', (event) => {
  if (event.data === 'take over') void self.skipWaiting()
})
self.addEventListener('activate', (event) => {
  // Without a signal the page that is there has to do.
  event.waitUntil(Promise.all([self.clients.claim(), keepPage().catch(() => undefined)]))
})
