import { readFileSync } from 'node:fs'
import { expect, test as base, type BrowserContext, type Page } from '@playwright/test'
import { CuttableNetwork } from '../network.js'
import { PASS_PHRASE, TestServer } from './server'

const PHONE = { width: 390, height: 844 }
/** The waits that only spare a slow line, as short as they may be. */
const SHORT_WAITS = { begin: 0, readAhead: 0, tryAgain: 300 }
/** What is stored when the worker's phone has just signed in. */
const SIGNED_IN = 'signed-in'

/** What the server itself has, asked at its own machine, where nobody has to sign in. */
export class AtHome {
  constructor(readonly url: string) {}

  async get<T>(path: string): Promise<T> {
    return (await (await fetch(`${this.url}${path}`)).json()) as T
  }

  async send(method: string, path: string, body?: unknown): Promise<Response> {
    return fetch(`${this.url}${path}`, {
      method,
      ...(body === undefined ? {} : { headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) }),
    })
  }

  /** The demo's waters, trips and parts, with nothing noted. */
  async stock(): Promise<void> {
    await this.send('POST', '/api/logbook', JSON.parse(readFileSync('demo/logbook.json', 'utf8')))
    await this.send('POST', '/api/parts/import', { contents: readFileSync('demo/parts.csv', 'utf8') })
    await this.send('PUT', '/api/settings', { units: 'us', theme: 'noon', schools: {} })
  }
}

interface OfWorker {
  server: TestServer
  /** The way of the worker's phone to the server. */
  line: CuttableNetwork
  /** Signed in once, with all it needs with no signal. */
  device: { context: BrowserContext; cookies: Awaited<ReturnType<BrowserContext['cookies']>> }
}

interface Fixtures {
  home: AtHome
  network: CuttableNetwork
  /** A phone that has signed in and has all it needs with no signal. */
  phone: Page
}

/** With a server reached as a phone reaches it, over a network that can be cut. */
export const test = base.extend<Fixtures, OfWorker>({
  server: [
    async ({ browserName }, use, info) => {
      void browserName
      await use(new TestServer(info.parallelIndex))
    },
    { scope: 'worker' },
  ],
  line: [
    async ({ server }, use) => {
      const network = await new CuttableNetwork(server.phonePort).start()
      await use(network)
      network.stop()
    },
    { scope: 'worker' },
  ],
  device: [
    async ({ browser, server, line }, use) => {
      server.empty()
      await new AtHome(server.url).stock()
      const context = await newPhone(browser)
      const page = await signedIn(context, line)
      await page.close()
      server.remember(SIGNED_IN)
      await use({ context, cookies: await context.cookies() })
      await context.close()
    },
    { scope: 'worker', timeout: 120_000 },
  ],
  home: async ({ server, device }, use) => {
    void device
    server.recall(SIGNED_IN)
    await use(new AtHome(server.url))
  },
  network: async ({ line, home }, use) => {
    void home
    line.mend()
    await use(line)
  },
  phone: async ({ device, network }, use) => {
    await device.context.clearCookies()
    await device.context.addCookies(device.cookies)
    const page = await device.context.newPage()
    // Nothing is left of the test before: a page of the same origin without the program clears it.
    await page.goto(`${network.url}/build/mark.svg`)
    await page.evaluate(
      () =>
        new Promise<void>((done) => {
          localStorage.clear()
          sessionStorage.clear()
          indexedDB.deleteDatabase('kontrast').onsuccess = () => done()
        }),
    )
    await page.goto(`${network.url}/`)
    await expect(page.getByRole('heading', { name: 'What is the water like?' })).toBeVisible()
    await ready(page)
    await use(page)
    await Promise.all(device.context.pages().map((one) => one.close()))
  },
})

export { expect }

/** @param isPatient with the waits of the program itself */
export async function newPhone(
  browser: import('@playwright/test').Browser,
  isPatient = false,
): Promise<BrowserContext> {
  const context = await browser.newContext({
    ignoreHTTPSErrors: true,
    viewport: PHONE,
    serviceWorkers: 'allow',
    acceptDownloads: true,
  })
  if (!isPatient) await context.addInitScript((waits) => (window.kontrastWaits = waits), SHORT_WAITS)
  return context
}

/** Signs in, and waits until the page would open with no signal. */
export async function signedIn(context: BrowserContext, network: CuttableNetwork): Promise<Page> {
  const page = await context.newPage()
  await page.goto(`${network.url}/`)
  await page.getByLabel('Pass phrase').fill(PASS_PHRASE)
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByRole('heading', { name: 'What is the water like?' })).toBeVisible()
  await ready(page)
  return page
}

/** The service worker controls the page and has kept what the screens ask for. */
export async function ready(page: Page): Promise<void> {
  const kept = () =>
    page.evaluate(async () => {
      const count = async (name: string) => (await (await caches.open(name)).keys()).length
      return [navigator.serviceWorker.controller !== null, (await count('answers')) >= 15, (await count('page')) > 0]
    })
  await expect.poll(kept, { timeout: 30_000 }).toEqual([true, true, true])
}
