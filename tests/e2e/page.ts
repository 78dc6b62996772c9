import { execFileSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import {
  expect,
  test as base,
  type Browser,
  type BrowserContext,
  type BrowserContextOptions,
  type Page,
} from '@playwright/test'
import { TestServer } from './server'

export const SIZES = [
  { name: 'bench', width: 1280, height: 800 },
  { name: 'phone', width: 390, height: 844 },
] as const
export const THEMES = ['paper', 'lamp', 'noon'] as const

/** Readings that several tests start from. */
export const SUMMER_JIG = {
  lure: 'jig',
  visibility_in: 17,
  tint: 'green',
  sky: 'sun',
  wind: 'ripple',
  surface_f: 75,
  depth_ft: 3,
  season: 'summer',
  cover: 'open',
  cover_density: 'normal',
  forage: 'crawfish',
  red_crawfish: false,
  bite: 'normal',
  bass: 'largemouth',
}
export const WOOD_SPINNERBAIT = {
  lure: 'spinnerbait',
  visibility_in: 22,
  tint: 'tannic',
  sky: 'broken',
  wind: 'ripple',
  surface_f: 58,
  depth_ft: 4,
  season: 'spring',
  cover: 'wood',
  cover_density: 'normal',
  forage: 'bluegill',
  forage_in: 3.5,
  red_crawfish: false,
  bite: 'normal',
  bass: 'largemouth',
}

/** Browser contexts that stay for a worker: what was loaded once is not loaded again for every test. */
export class Contexts {
  #open = new Map<string, BrowserContext>()

  constructor(readonly browser: Browser) {}

  async with(options: BrowserContextOptions): Promise<BrowserContext> {
    const key = JSON.stringify(options)
    const context = this.#open.get(key) ?? (await this.browser.newContext(options))
    if (!this.#open.has(key)) {
      this.#open.set(key, context)
      // The process that draws stays as long as a page does.
      await (await context.newPage()).goto(`${options.baseURL ?? ''}/build/mark.svg`)
    }
    return context
  }

  /** As a new one would be, but for what it has loaded. */
  async clean(context: BrowserContext, origin: string): Promise<void> {
    const [first, ...others] = context.pages()
    await Promise.all(others.map((page) => page.close()))
    if (!first) return
    const devtools = await context.newCDPSession(first)
    await devtools.send('Storage.clearDataForOrigin', { origin, storageTypes: 'cookies,local_storage,indexeddb' })
    await devtools.detach()
  }
}

interface Fixtures {
  /** With nothing stored: what a test leaves is gone with the next. */
  server: TestServer
}

interface OfWorker {
  contexts: Contexts
}

/** A page on which nothing may go wrong unseen: every complaint of the browser fails the test. */
export const test = base.extend<Fixtures, OfWorker>({
  server: [
    async ({ browserName }, use, info) => {
      void browserName
      const server = new TestServer(info.parallelIndex)
      server.empty()
      await use(server)
    },
    { auto: true },
  ],
  contexts: [async ({ browser }, use) => use(new Contexts(browser)), { scope: 'worker' }],
  context: async ({ contexts, server, hasTouch, isMobile }, use) => {
    const context = await contexts.with({ baseURL: server.url, hasTouch, isMobile })
    await use(context)
    await contexts.clean(context, server.url)
  },
  page: async ({ context, viewport }, use) => {
    const page = await context.newPage()
    if (viewport) await page.setViewportSize(viewport)
    const complaints: string[] = []
    page.on('console', (message) => {
      if (message.type() === 'error') complaints.push(message.text())
    })
    page.on('pageerror', (error) => complaints.push(error.message))
    await use(page)
    expect(complaints.filter((complaint) => !/\b(409|412|422|503)\b/.test(complaint))).toEqual([])
  },
})

/** The demo's season is of last year: nothing is noted in the future, and the season watch looks back that far. */
export const LAST_YEAR = String(new Date().getFullYear() - 1)
const JSON_TYPE = { 'Content-Type': 'application/json' }

export { expect }

export async function open(page: Page, hash: string, heading: string): Promise<void> {
  await page.goto(`/${hash}`)
  await expect(page.getByRole('heading', { name: heading }).first()).toBeVisible()
}

/** Taps the tile with this word; a fact that is folded away is opened by its name first. */
export async function tap(page: Page, word: string, fact?: string): Promise<void> {
  if (fact) await openFact(page, fact)
  await page.getByRole('radio', { name: word, exact: true }).click()
}

/** Opens one of the facts of the water that show their value only. */
export async function openFact(page: Page, fact: string): Promise<void> {
  const button = page
    .getByRole('toolbar', { name: 'More about the water' })
    .getByRole('button', { name: new RegExp(`^${fact}\\b`) })
  if ((await button.getAttribute('aria-expanded')) !== 'true') await button.click()
}

/** Puts the parts of a table into the box. */
export async function stock(page: Page, table: string): Promise<void> {
  await page.request.post('/api/parts/import', { data: { contents: readFileSync(table, 'utf8') } })
}

/** Puts the best build of the parts owned on the bench, where another test may have left its own. */
export async function layBest(page: Page, reading: { lure: string }): Promise<void> {
  const best = (await (await page.request.post('/api/best', { data: { reading } })).json()) as {
    ranked: { parts: unknown }[]
  }
  await page.request.patch('/api/workbench', { data: { build: best.ranked[0]?.parts } })
}

/** Waits until a page has all its answers and has shown them. Called before anything is asked. */
export function watched(page: Page): () => Promise<void> {
  let open = 0
  page.on('request', () => open++)
  page.on('requestfinished', () => open--)
  page.on('requestfailed', () => open--)
  // A frame later nothing new has begun: not by what came last, nor by what that put on the page.
  const isQuiet = async () =>
    open === 0 &&
    (await page.evaluate(
      () =>
        new Promise<boolean>((done) => {
          requestAnimationFrame(() => setTimeout(() => done(!document.documentElement.hasAttribute('data-busy'))))
        }),
    )) &&
    open === 0
  return async () => {
    let times = 0
    await expect
      .poll(async () => (times = (await isQuiet()) ? times + 1 : 0), { intervals: [50], timeout: 30_000 })
      .toBeGreaterThanOrEqual(2)
  }
}

/** Everything noted on this page is stored by the server. */
export async function sent(page: Page): Promise<void> {
  const waiting = () =>
    page.evaluate(
      () =>
        new Promise<number>((done) => {
          const open = indexedDB.open('kontrast')
          open.onsuccess = () => {
            const count = open.result.transaction('waiting').objectStore('waiting').count()
            count.onsuccess = () => {
              open.result.close()
              done(count.result)
            }
          }
        }),
    )
  await expect.poll(waiting, { timeout: 40_000 }).toBe(0)
}

/** What each fold of the answer holds. */
const FOLDS: Record<string, readonly string[]> = {
  'How to fish it': ['How to fish it', 'If something goes wrong', 'Good to know today', 'Safety'],
  'If it changes': ['If conditions change', 'Close calls'],
  'Other ways': [
    'Where anglers disagree',
    'Second opinion, from the model',
    'Which lure for this water',
    'Show them something different',
  ],
  'In the water': ['In this water', 'How far each part is visible'],
  'Pass it on': ['Tell a friend why'],
}

/** Unfolds a part of the answer. */
export async function unfold(page: Page, heading: string): Promise<void> {
  const fold = Object.entries(FOLDS).find(([, holds]) => holds.includes(heading))?.[0] ?? heading
  const button = page.getByRole('toolbar', { name: 'More about the answer' }).getByRole('button', { name: fold })
  if ((await button.getAttribute('aria-expanded')) !== 'true') await button.click()
  await expect(page.getByRole('region', { name: heading, exact: true })).toBeVisible()
  await answered(page)
}

/** Waits until what to tie is that of the reading as it is now: before that nothing in it can be acted on. */
export async function answered(page: Page): Promise<void> {
  await expect(page.locator('#answer [aria-busy]').first()).toHaveAttribute('aria-busy', 'false')
}

/** Notes the demo's season. */
export async function fishASeason(page: Page, server: TestServer): Promise<void> {
  if (server.knows('season')) return server.recall('season')
  const demo = JSON.parse(readFileSync('demo/logbook.json', 'utf8')) as { waters: unknown[] }
  await page.request.post('/api/logbook', { data: { waters: demo.waters, readings: [] } })
  await page.request.post('/api/logbook', {
    data: execFileSync('php', ['demo/season.php', LAST_YEAR]).toString(),
    headers: JSON_TYPE,
  })
  server.remember('season')
}

/** What the server has stored at an address. */
export async function stored<T>(page: Page, path: string): Promise<T> {
  return (await (await page.request.get(path)).json()) as T
}
