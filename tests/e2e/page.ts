import { execFileSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { expect, test as base, type Page } from '@playwright/test'

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

/** A page on which nothing may go wrong unseen: every complaint of the browser fails the test. */
export const test = base.extend<{ page: Page }>({
  // Every worker has a server of its own.
  baseURL: async ({ browserName }, use, info) => {
    void browserName
    await use(`http://127.0.0.1:${Number(info.config.metadata.port) + info.parallelIndex}`)
  },
  page: async ({ page }, use) => {
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

/** Taps the tile with this word. */
export async function tap(page: Page, word: string): Promise<void> {
  await page.getByRole('radio', { name: word, exact: true }).click()
}

/** Deletes every part and, where a table is given, fills it from that. */
export async function stock(page: Page, table?: string): Promise<void> {
  const { parts } = (await (await page.request.get('/api/parts')).json()) as { parts: { id: string }[] }
  if (parts.length > 0) await page.request.post('/api/parts/delete', { data: { ids: parts.map((part) => part.id) } })
  if (table) await page.request.post('/api/parts/import', { data: { contents: readFileSync(table, 'utf8') } })
}

/** Puts the best build of the parts owned on the bench, where another test may have left its own. */
export async function layBest(page: Page, reading: { lure: string }): Promise<void> {
  const best = (await (await page.request.post('/api/best', { data: { reading } })).json()) as {
    ranked: { parts: unknown }[]
  }
  await page.request.patch('/api/workbench', { data: { build: best.ranked[0]?.parts } })
}

/** Nothing was asked for so long: a screen has had its answers by then, those too that wait until the reading has settled. */
const QUIET_MS = 500

/** Waits until a page that stays has all its answers; called before anything is asked. */
export function watched(page: Page): () => Promise<void> {
  let open = 0
  let last = 0
  const count = (change: number) => () => {
    open += change
    last = Date.now()
  }
  page.on('request', count(1))
  page.on('requestfinished', count(-1))
  page.on('requestfailed', count(-1))
  return async () => {
    last = Date.now()
    await expect
      .poll(() => open === 0 && Date.now() - last >= QUIET_MS, { intervals: [50], timeout: 30_000 })
      .toBe(true)
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

/** Unfolds a part of the advice. */
export async function unfold(page: Page, heading: string): Promise<void> {
  const region = page.getByRole('region', { name: heading, exact: true })
  await expect(region).toBeVisible()
  await region.evaluate((part) => part.scrollIntoView())
  // Pictures that arrive above it move it aside, and a click that was on its way is lost.
  const details = region.locator('details').first()
  await expect(async () => {
    if ((await details.getAttribute('open')) === null) await region.locator('summary').first().click()
    await expect(details).toHaveAttribute('open', { timeout: 1_000 })
  }).toPass()
}

/** A backup without the parts that were deleted: earlier tests may have left thousands. */
export async function backedUp(page: Page): Promise<Record<string, unknown>> {
  const backup = (await (await page.request.get('/api/backup')).json()) as {
    parts: { id: string }[]
    deleted: Record<string, string>
  }
  const parts = backup.parts.filter(({ id }) => !(id in backup.deleted))
  const gone = new Set(backup.parts.filter(({ id }) => id in backup.deleted).map(({ id }) => id))
  const deleted = Object.fromEntries(Object.entries(backup.deleted).filter(([id]) => !gone.has(id)))
  return { ...backup, parts, deleted }
}

/** Empties the logbook and the bench, as before the first reading, and returns what puts everything back. */
export async function emptyLogbook(page: Page): Promise<() => Promise<unknown>> {
  const before = await backedUp(page)
  const notebook = { waters: [], readings: [], builds: [], desk: null }
  await page.request.post('/api/backup', { data: { ...before, notebook, workbench: null } })
  return () => page.request.post('/api/backup', { data: before })
}

/** Notes the demo's season, once; later calls find it there. */
export async function fishASeason(page: Page): Promise<void> {
  const demo = JSON.parse(readFileSync('demo/logbook.json', 'utf8')) as { waters: unknown[] }
  await page.request.post('/api/logbook', { data: { waters: demo.waters, readings: [] } })
  await page.request.post('/api/logbook', {
    data: execFileSync('php', ['demo/season.php', LAST_YEAR]).toString(),
    headers: JSON_TYPE,
  })
}

/** Takes every build off the bench, by restoring everything else. */
export async function clearBench(page: Page): Promise<void> {
  await page.request.post('/api/backup', { data: { ...(await backedUp(page)), workbench: null } })
}
