import type { Page } from '@playwright/test'
import { expect, layBest, open, openFact, stock, stored, SUMMER_JIG as READING, tap, test, watched } from './page'

// An answer belongs to its input, nothing is asked twice, and nothing is lost when the server is slow, dead or the page is closed.

test.beforeEach(async ({ page }) => {
  await page.request.put('/api/settings', { data: { units: 'us', theme: 'paper', schools: {} } })
  await page.request.put('/api/current-reading', { data: { reading: READING } })
})

/** What can be waited for, and what lets it come. */
function gate(): [Promise<void>, () => void] {
  let open: () => void = () => undefined
  return [new Promise<void>((done) => (open = done)), () => open()]
}

/** Holds back every answer from an address until it is let go. */
async function hold(page: Page, url: string): Promise<() => void> {
  const [gone, letGo] = gate()
  await page.route(url, async (route) => {
    await gone
    await route.continue().catch(() => undefined)
  })
  return letGo
}

const asked = (page: Page) => {
  const seen: string[] = []
  page.on('request', (request) => {
    if (request.url().includes('/api/')) seen.push(`${request.method()} ${new URL(request.url()).pathname}`)
  })
  return seen
}

test('an advice that is not of this reading says so, and nothing in it can be acted on', async ({ page }) => {
  await open(page, '#/?panel=lures', 'Jig')
  await expect(page.getByRole('button', { name: 'Show advice for a spinnerbait' })).toBeVisible()
  await openFact(page, 'Forage')
  const letGo = await hold(page, '**/api/advice')
  await tap(page, 'Shad')
  await expect(page.getByText('Below is the result for the previous reading.')).toBeVisible()
  await page.getByRole('button', { name: 'Show advice for a spinnerbait' }).click()
  await expect(page.getByRole('region', { name: 'Skirt', exact: true })).toContainText('Black')
  letGo()
  await expect(page.getByRole('region', { name: 'Skirt', exact: true })).toContainText('was Black')
  // The click on the old one was not carried out late either, and that is said for as long as it matters.
  await expect(page.getByRole('heading', { name: /^Jig/ })).toBeVisible()
  await expect(page.getByText(/^Your tap came before this result/)).toBeVisible()
  await page.getByRole('button', { name: 'Show advice for a spinnerbait' }).click()
  await expect(page.getByRole('heading', { name: /^Spinnerbait/ })).toBeVisible()
  await expect(page.getByText(/^Your tap came before this result/)).toBeHidden()
})

test('a swap of an older list changes nothing', async ({ page }) => {
  await stock(page, 'demo/parts.csv')
  await layBest(page, READING)
  const quiet = watched(page)
  await open(page, '#/tie', 'Build: jig')
  await page.getByRole('button', { name: 'Skirt: next' }).click()
  const first = page.getByRole('button', { name: /^Do it/ }).first()
  await expect(first).toBeVisible()
  const letGo = await hold(page, '**/api/swaps')
  await page.getByRole('button', { name: 'Trailer: next' }).click()
  await expect(page.locator('[aria-busy=true]').filter({ has: first }).first()).toBeVisible()
  await expect.poll(() => page.evaluate(() => document.documentElement.hasAttribute('data-busy'))).toBe(true)
  const writes = asked(page)
  await first.click()
  letGo()
  await expect(page.locator('[aria-busy=true]').filter({ has: first })).toHaveCount(0)
  await quiet()
  expect(writes.filter((write) => write.startsWith('PATCH'))).toEqual([])
})

test('opening the bench asks each thing once, and coming back to the window asks nothing', async ({ page }) => {
  await stock(page, 'demo/parts.csv')
  await layBest(page, READING)
  const seen = asked(page)
  const quiet = watched(page)
  await open(page, '#/tie', 'Build: jig')
  await expect(page.getByRole('region', { name: 'Verdict' })).toBeVisible()
  await page.getByRole('tab', { name: 'Best from my parts' }).scrollIntoViewIfNeeded()
  await expect(page.getByRole('button', { name: /^Use this build/ }).first()).toBeVisible()
  const times = (what: string) => seen.filter((one) => one === what).length
  await page.getByRole('tab', { name: 'How far each part is visible' }).click()
  // What costs most is asked for last, once nothing changes any more.
  await expect.poll(() => times('POST /api/sensitivity')).toBe(1)
  expect([times('POST /api/best'), times('POST /api/bench'), times('GET /api/parts')]).toEqual([1, 1, 1])
  const before = seen.length
  await page.evaluate(() => {
    document.dispatchEvent(new Event('visibilitychange'))
    window.dispatchEvent(new Event('focus'))
    window.dispatchEvent(new Event('online'))
  })
  await quiet()
  expect(seen.slice(before)).toEqual([])
})

test('whatever the browser thinks of the network, the program goes on', async ({ page }) => {
  await open(page, '#/?panel=answer', 'Jig')
  await page.evaluate(() => {
    Object.defineProperty(navigator, 'onLine', { get: () => false })
    window.dispatchEvent(new Event('offline'))
  })
  await tap(page, 'Shad', 'Forage')
  await expect(page.getByRole('region', { name: 'Skirt', exact: true })).toContainText('White')
})

test('a server that does not answer is told in a sentence, with a way on, and what was there stays', async ({
  page,
}) => {
  await open(page, '#/?panel=answer', 'Jig')
  await openFact(page, 'Forage')
  await page.route('**/api/advice', (route) => route.fulfill({ status: 503, body: 'busy' }))
  await tap(page, 'Shad')
  const alert = page.getByRole('alert').filter({ hasText: 'Kontrast could not answer (503)' })
  await expect(alert).toBeVisible()
  await expect(page.getByRole('region', { name: 'Skirt', exact: true })).toContainText('Black')
  await page.unroute('**/api/advice')
  await alert.getByRole('button', { name: 'Try again' }).click()
  await expect(page.getByRole('region', { name: 'Skirt', exact: true })).toContainText('White')
  await expect(alert).toBeHidden()
})

test('a save that fails says so until it is dismissed, unlike one that went well', async ({ browser, server }) => {
  // Its clock is its own.
  const context = await browser.newContext({ baseURL: server.url })
  const page = await context.newPage()
  await page.clock.install()
  await open(page, '', 'What is the water like?')
  await page.route('**/api/readings', (route) =>
    route.request().method() === 'POST' ? route.fulfill({ status: 503, body: '' }) : route.continue(),
  )
  await page.getByRole('button', { name: 'Save reading' }).click()
  const alert = page.getByRole('alert').filter({ hasText: 'could not answer' })
  await expect(alert).toBeVisible()
  await page.clock.fastForward(120_000)
  await expect(alert).toBeVisible()
  await page.unroute('**/api/readings')
  await alert.getByRole('button', { name: 'Try again' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'Reading saved.' })).toBeVisible()
  // It can be undone until the next change, however long that takes.
  await page.clock.fastForward(120_000)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText('Reading saved.')).toBeHidden()
  await context.close()
})

test('a tap just before the page is closed is stored', async ({ page, context }) => {
  const closing = await context.newPage()
  await open(closing, '', 'What is the water like?')
  await tap(closing, 'Storm')
  await closing.close({ runBeforeUnload: true })
  await expect
    .poll(
      async () =>
        ((await (await page.request.get('/api/current-reading')).json()) as { reading: { sky: string } }).reading.sky,
    )
    .toBe('storm')
})

test('a settings write that fails late takes nothing newer back', async ({ page }) => {
  await open(page, '#/settings', 'Settings')
  let isFirst = true
  const [asked, tellAsked] = gate()
  const [failing, letFail] = gate()
  await page.route('**/api/settings', async (route) => {
    if (route.request().method() !== 'PUT' || !isFirst) return route.continue()
    isFirst = false
    tellAsked()
    await failing
    return route.fulfill({ status: 503, body: '' })
  })
  await tap(page, 'Lamp, at night')
  await asked
  await tap(page, 'Noon, in the sun')
  letFail()
  await expect(page.getByRole('alert').filter({ hasText: 'could not answer' })).toBeVisible()
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'noon')
  await expect
    .poll(async () => ((await (await page.request.get('/api/settings')).json()) as { theme: string }).theme)
    .toBe('noon')
})

test('a part half typed in is still there after a look at another screen', async ({ page }) => {
  await open(page, '#/box/list', 'Parts')
  await page.getByRole('button', { name: 'Add a part' }).click()
  await page.getByLabel('Name', { exact: true }).fill('Half a craw')
  await page.getByRole('link', { name: 'Learned' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
  await page.goBack()
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Half a craw')
  await page.reload()
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Half a craw')
  await page.getByRole('button', { name: 'Close' }).click()
})

test('each lure keeps a build of its own, in every browser, and undo goes back across them', async ({
  page,
  browser,
}) => {
  await stock(page, 'demo/parts.csv')
  await layBest(page, { ...READING, lure: 'swim_jig' })
  await layBest(page, READING)
  await open(page, '#/tie', 'Build: jig')
  const skirt = page.getByRole('combobox', { name: 'Skirt', exact: true })
  const jig = await skirt.inputValue()
  await page.getByRole('button', { name: 'Skirt: next' }).click()
  await expect(skirt).not.toHaveValue(jig)
  const changed = await skirt.inputValue()
  await page.getByRole('link', { name: 'Water', exact: true }).click()
  await tap(page, 'Swim jig')
  await page.getByRole('link', { name: 'Tie', exact: true }).click()
  await expect(page.getByRole('heading', { name: 'Build: swim jig' })).toBeVisible()
  await page.getByRole('button', { name: 'Trailer: next' }).click()
  await tapReading(page, 'Jig')
  await expect(skirt).toHaveValue(changed)

  await page.getByRole('button', { name: 'Undo', exact: true }).first().click()
  await expect(page.getByRole('heading', { name: 'Build: swim jig' })).toBeVisible()
  // The other browser is told what is stored by then.
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click()
  await expect(page.getByRole('heading', { name: 'Build: jig' })).toBeVisible()
  await expect(skirt).toHaveValue(jig)
  const onBench = async () =>
    (await stored<{ builds: { lure: string; skirt?: { id: string } }[] }>(page, '/api/workbench')).builds.find(
      (build) => build.lure === 'jig',
    )?.skirt?.id
  await expect.poll(onBench).toBe(jig)

  const other = await browser.newContext()
  const elsewhere = await other.newPage()
  await elsewhere.goto(page.url().replace(/#.*/, '#/tie'))
  await expect(elsewhere.getByRole('combobox', { name: 'Skirt', exact: true })).toHaveValue(jig)
  await other.close()
})

async function tapReading(page: Page, lure: string): Promise<void> {
  await page.getByRole('link', { name: 'Water', exact: true }).click()
  await tap(page, lure)
  await page.getByRole('link', { name: 'Tie', exact: true }).click()
  await expect(page.getByRole('heading', { name: `Build: ${lure.toLowerCase()}` })).toBeVisible()
}
