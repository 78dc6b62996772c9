import type { Page } from '@playwright/test'
import { expect, layBest, open, stock, SUMMER_JIG as READING, tap, test } from './page'

// An answer belongs to its input, nothing is asked twice, and nothing is lost when the server is slow, dead or the page is closed.

test.beforeEach(async ({ page }) => {
  await page.request.put('/api/settings', { data: { units: 'us', theme: 'paper', schools: {} } })
  await page.request.put('/api/current-reading', { data: { reading: READING } })
})

/** Holds back every answer from an address until it is let go. */
async function hold(page: Page, url: string): Promise<() => void> {
  let letGo: () => void = () => undefined
  const gate = new Promise<void>((done) => (letGo = done))
  await page.route(url, async (route) => {
    await gate
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
  await open(page, '#/advice?panel=lures', 'Jig')
  await expect(page.getByRole('button', { name: 'Show advice for a spinnerbait' })).toBeVisible()
  const letGo = await hold(page, '**/api/advice/view')
  await page.getByLabel('Forage').selectOption('shad')
  await expect(page.getByText('Below is the result for the previous reading.')).toBeVisible()
  await page.getByRole('button', { name: 'Show advice for a spinnerbait' }).click()
  await expect(page.getByRole('region', { name: 'Skirt', exact: true })).toContainText('Black')
  letGo()
  await expect(page.getByRole('region', { name: 'What changed' })).toContainText('Skirt base: black → white')
  // The click on the old one was not carried out late either.
  await expect(page.getByRole('heading', { name: /^Jig/ })).toBeVisible()
  await page.getByRole('button', { name: 'Show advice for a spinnerbait' }).click()
  await expect(page.getByRole('heading', { name: /^Spinnerbait/ })).toBeVisible()
})

test('a swap of an older list changes nothing', async ({ page }) => {
  await stock(page, 'demo/parts.csv')
  await layBest(page, READING)
  await open(page, '#/bench?panel=swap', 'Bench: jig')
  await page.getByRole('button', { name: 'Skirt: next' }).click()
  const first = page.getByRole('button', { name: /^Do it/ }).first()
  await expect(first).toBeVisible()
  const letGo = await hold(page, '**/api/swaps')
  await page.getByRole('button', { name: 'Trailer: next' }).click()
  const writes = asked(page)
  await expect(page.locator('[aria-busy=true]').filter({ has: first })).toBeVisible()
  await first.click()
  await page.waitForTimeout(300)
  expect(writes.filter((write) => write.startsWith('PATCH'))).toEqual([])
  letGo()
})

test('opening the bench asks each thing once, and coming back to the window asks nothing', async ({ page }) => {
  await stock(page, 'demo/parts.csv')
  await layBest(page, READING)
  const seen = asked(page)
  await open(page, '#/bench', 'Bench: jig')
  await expect(page.getByRole('region', { name: 'Verdict' })).toBeVisible()
  await page.getByRole('tab', { name: 'Best from my parts' }).scrollIntoViewIfNeeded()
  await expect(page.getByRole('button', { name: /^Use this build/ }).first()).toBeVisible()
  const times = (what: string) => seen.filter((one) => one === what).length
  // What costs most is asked for last, once nothing changes any more.
  await expect.poll(() => times('POST /api/sensitivity')).toBe(1)
  expect([times('POST /api/best'), times('POST /api/bench'), times('GET /api/parts')]).toEqual([1, 1, 1])
  const before = seen.length
  await page.evaluate(() => {
    document.dispatchEvent(new Event('visibilitychange'))
    window.dispatchEvent(new Event('focus'))
    window.dispatchEvent(new Event('online'))
  })
  await page.waitForTimeout(500)
  expect(seen.slice(before)).toEqual([])
})

test('whatever the browser thinks of the network, the program goes on', async ({ page }) => {
  await open(page, '#/advice', 'Jig')
  await page.evaluate(() => {
    Object.defineProperty(navigator, 'onLine', { get: () => false })
    window.dispatchEvent(new Event('offline'))
  })
  await page.getByLabel('Forage').selectOption('shad')
  await expect(page.getByRole('region', { name: 'Skirt', exact: true })).toContainText('White')
})

test('a server that does not answer is told in a sentence, with a way on, and what was there stays', async ({
  page,
}) => {
  await open(page, '#/advice', 'Jig')
  await page.route('**/api/advice/view', (route) => route.fulfill({ status: 503, body: 'busy' }))
  await page.getByLabel('Forage').selectOption('shad')
  const alert = page.getByRole('alert').filter({ hasText: 'Kontrast could not answer (503)' })
  await expect(alert).toBeVisible()
  await expect(page.getByRole('region', { name: 'Skirt', exact: true })).toContainText('Black')
  await page.unroute('**/api/advice/view')
  await alert.getByRole('button', { name: 'Try again' }).click()
  await expect(page.getByRole('region', { name: 'Skirt', exact: true })).toContainText('White')
  await expect(alert).toBeHidden()
})

test('a save that fails says so until it is dismissed, unlike one that went well', async ({ page }) => {
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
  await page.route('**/api/settings', async (route) => {
    if (route.request().method() !== 'PUT' || !isFirst) return route.continue()
    isFirst = false
    await new Promise((done) => setTimeout(done, 1500))
    return route.fulfill({ status: 503, body: '' })
  })
  await tap(page, 'Lamp, at night')
  await page.waitForTimeout(400)
  await tap(page, 'Noon, in the sun')
  await expect(page.getByRole('alert').filter({ hasText: 'could not answer' })).toBeVisible()
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'noon')
  await expect
    .poll(async () => ((await (await page.request.get('/api/settings')).json()) as { theme: string }).theme)
    .toBe('noon')
})

test('a part half typed in is still there after a look at another screen', async ({ page }) => {
  await open(page, '#/parts', 'Parts')
  await page.getByRole('button', { name: 'Add a part' }).click()
  await page.getByLabel('Name', { exact: true }).fill('Half a craw')
  await page.getByRole('link', { name: 'Rules' }).click()
  await expect(page.getByRole('heading', { name: 'Rules' })).toBeVisible()
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
  await open(page, '#/bench', 'Bench: jig')
  const skirt = page.getByRole('combobox', { name: 'Skirt', exact: true })
  const jig = await skirt.inputValue()
  await page.getByRole('button', { name: 'Skirt: next' }).click()
  await expect(skirt).not.toHaveValue(jig)
  const changed = await skirt.inputValue()
  await page.getByRole('link', { name: 'Reading', exact: true }).click()
  await tap(page, 'Swim jig')
  await page.getByRole('link', { name: 'Bench', exact: true }).click()
  await expect(page.getByRole('heading', { name: 'Bench: swim jig' })).toBeVisible()
  await page.getByRole('button', { name: 'Trailer: next' }).click()
  await tapReading(page, 'Jig')
  await expect(skirt).toHaveValue(changed)

  await page.getByRole('button', { name: 'Undo', exact: true }).first().click()
  await expect(page.getByRole('heading', { name: 'Bench: swim jig' })).toBeVisible()
  // The other browser is told what is stored by then.
  const stored = page.waitForResponse((response) => response.request().postData()?.includes('undo') === true)
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click()
  await expect(page.getByRole('heading', { name: 'Bench: jig' })).toBeVisible()
  await stored
  await expect(skirt).toHaveValue(jig)

  const other = await browser.newContext()
  const elsewhere = await other.newPage()
  await elsewhere.goto(page.url().replace(/#.*/, '#/bench'))
  await expect(elsewhere.getByRole('combobox', { name: 'Skirt', exact: true })).toHaveValue(jig)
  await other.close()
})

async function tapReading(page: Page, lure: string): Promise<void> {
  await page.getByRole('link', { name: 'Reading', exact: true }).click()
  await tap(page, lure)
  await page.getByRole('link', { name: 'Bench', exact: true }).click()
  await expect(page.getByRole('heading', { name: `Bench: ${lure.toLowerCase()}` })).toBeVisible()
}
