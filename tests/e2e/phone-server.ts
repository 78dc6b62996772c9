import { execFileSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { expect, test as base, type BrowserContext, type Page } from '@playwright/test'
import { CuttableNetwork } from '../network.js'
import { PASS_PHRASE } from './passPhrase'

const PHONE = { width: 390, height: 844 }

/** What the server itself has, asked at its own machine, where nobody has to sign in. */
export class AtHome {
  readonly url: string

  constructor(port: number) {
    this.url = `http://127.0.0.1:${port}`
  }

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
    for (const { id } of await this.get<{ id: string }[]>('/api/outings'))
      await this.send('DELETE', `/api/outings/${id}`)
    await this.send('PUT', '/api/settings', { units: 'us', theme: 'noon', schools: {} })
  }

  setPassPhrase(): void {
    execFileSync('bash', ['-c', 'echo "$PHRASE" | ./kontrast passphrase'], {
      env: { ...process.env, APP_ENV: 'prod', PHRASE: PASS_PHRASE, KONTRAST_DB: 'var/e2e-phone/kontrast.sqlite' },
      stdio: 'ignore',
    })
  }
}

interface Fixtures {
  home: AtHome
  network: CuttableNetwork
  /** A phone that has signed in and has all it needs with no signal. */
  phone: Page
}

/** With a server reached as a phone reaches it, over a network that can be cut. */
export const test = base.extend<Fixtures>({
  home: async ({ browserName }, use, info) => {
    void browserName
    const home = new AtHome(Number(info.config.metadata.localPort))
    await home.stock()
    await use(home)
  },
  network: async ({ browserName }, use, info) => {
    void browserName
    const network = await new CuttableNetwork(Number(info.config.metadata.phonePort)).start()
    await use(network)
    network.stop()
  },
  phone: async ({ browser, network, home }, use) => {
    void home
    const context = await newPhone(browser.newContext.bind(browser))
    await use(await signedIn(context, network))
    await context.close()
  },
})

export { expect }

export const newPhone = (newContext: (options: object) => Promise<BrowserContext>) =>
  newContext({ ignoreHTTPSErrors: true, viewport: PHONE, serviceWorkers: 'allow', acceptDownloads: true })

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
