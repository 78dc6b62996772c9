import { readFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import { expect, open, test, unfold } from './page'

const READING = {
  lure: 'bladed_jig',
  visibility_in: 20,
  tint: 'green',
  sky: 'broken',
  wind: 'ripple',
  depth_ft: 3,
  season: 'summer',
  cover: 'open',
  cover_density: 'normal',
  forage: 'bluegill',
  red_crawfish: false,
  bite: 'normal',
  bass: 'largemouth',
}

test.beforeEach(async ({ page }) => {
  await page.request.put('/api/current-reading', { data: { reading: READING } })
})

test('the lure is shown in the hand and in the water, and fades as it goes away', async ({ page }) => {
  await open(page, '#/?panel=water', 'Bladed jig')
  // One window, switched in place.
  const window = page.locator('figure[data-eye]')
  await expect(window).toHaveAttribute('data-eye', 'person')
  await page.getByRole('radio', { name: 'In the hand' }).click()
  await expect(window.getByRole('img', { name: /^In the hand\. Bladed jig drawn to scale/ })).toBeVisible()
  await page.getByRole('radio', { name: 'In the water' }).click()
  await expect(window.getByRole('img', { name: /^As a person sees it/ })).toBeVisible()
  const strokes = () =>
    window.locator('svg path').evaluateAll((paths) => paths.map((path) => path.getAttribute('stroke')).join())
  const near = await strokes()
  const distance = page.getByRole('slider', { name: 'Distance', exact: true })
  await distance.press('End')
  await expect.poll(strokes).not.toBe(near)
})

test('the bass’s view is labelled an approximation', async ({ page }) => {
  await open(page, '#/?panel=water', 'Bladed jig')
  await expect(page.getByText('A bass’s view is an approximation.')).toBeHidden()
  await page.getByRole('radio', { name: 'A bass’s view' }).click()
  await expect(page.getByText('A bass’s view is an approximation.')).toBeVisible()
})

test('what an eye no longer sees is gone, said with its distance, and outlined for whom asks', async ({ page }) => {
  await open(page, '#/?panel=water', 'Bladed jig')
  await page.getByRole('radio', { name: 'A bass’s view' }).click()
  const bass = page.locator('figure[data-eye="bass"]')
  await expect(bass.locator('svg')).toBeVisible()
  const hidden = bass.locator('[visibility="hidden"]')
  const distance = page.getByRole('slider', { name: 'Distance', exact: true })
  await distance.press('Home')
  await expect(bass).not.toContainText('Gone')
  await expect(hidden).toHaveCount(0)
  await distance.press('End')
  await expect(bass).toContainText(/Gone: .*skirt past \d/)
  await expect(hidden).not.toHaveCount(0)
  await page.getByRole('checkbox', { name: 'Outline what is gone' }).check()
  await expect(hidden).toHaveCount(0)
  await expect(bass.locator('[filter*="gone"]')).not.toHaveCount(0)
})

test('the way out of sight is one strip of three pictures, which is tapped or stepped along', async ({ page }) => {
  await open(page, '#/?panel=water', 'Bladed jig')
  const distance = page.getByRole('slider', { name: 'Distance', exact: true })
  // It begins where it matters: neither at hand nor where nothing is left.
  await expect(distance).not.toHaveValue('0')
  const strip = page.locator('.slider').filter({ has: distance })
  await expect(strip.locator('svg')).toHaveCount(3)
  await distance.press('Home')
  await expect(distance).toHaveValue('0')
  const box = await strip.boundingBox()
  await strip.click({ position: { x: (box?.width ?? 0) * 0.75, y: 20 } })
  await expect(distance).toHaveValue('24')
  await expect(page.getByText(/^you lose it at \d/)).toBeAttached()
})

/** Of what moves in a picture: how often a second what shows a blade's light goes round, and how many colors it has in a round. */
const lights = (page: Page) =>
  page.locator('[data-eye="person"]').evaluate((figure) =>
    [...figure.querySelectorAll('canvas[data-shows="light"]')].flatMap((light) =>
      light.getAnimations().map(({ effect }) => ({
        perSecond: 1000 / Number(effect?.getComputedTiming().duration),
        amounts: new Set((effect as KeyframeEffect).getKeyframes().map((frame) => String(frame.opacity))).size,
      })),
    ),
  )

/** The moment that its animations are at. */
const moment = (page: Page) =>
  page.evaluate(() => Math.max(0, ...document.getAnimations().map((one) => Number(one.currentTime))))

test('a lure moves when somebody wants to see it, and never flashes more than three times a second', async ({
  page,
}) => {
  const reading = { ...READING, lure: 'spinnerbait', sky: 'sun', tint: 'none', visibility_in: 40, bite: 'active' }
  await page.request.put('/api/current-reading', { data: { reading } })
  await open(page, '#/?panel=water', 'Spinnerbait')
  await page.getByRole('button', { name: 'Play', exact: true }).scrollIntoViewIfNeeded()
  expect(await page.evaluate(() => document.getAnimations().length)).toBe(0)
  await page.getByRole('button', { name: 'Play', exact: true }).click()
  await expect.poll(async () => (await lights(page)).length).toBeGreaterThan(1)
  // Two sheets of light a blade, each blade flashing twice a turn.
  const flashes = (await lights(page)).reduce((sum, light) => sum + light.perSecond, 0)
  expect(flashes).toBeGreaterThan(0.5)
  expect(flashes).toBeLessThanOrEqual(3.001)
  expect(Math.min(...(await lights(page)).map((light) => light.amounts))).toBeGreaterThan(4)
  // Seen by two eyes at once it flashes in both at the same moment, and so no more often.
  const moments = () =>
    page.evaluate(() => [...new Set(document.getAnimations().map((one) => Number(one.currentTime)))].length)
  await expect.poll(moments).toBe(1)
  const before = await moment(page)
  await expect.poll(() => moment(page)).toBeGreaterThan(before)
  await expect(page.getByText(/turns \d+ times a second: a flash \d+/).first()).toBeVisible()
  // What turns too fast to be seen has no flash: it is held in its mean light.
  await page.getByRole('radio', { name: 'Real speed' }).click()
  await expect.poll(async () => [...new Set((await lights(page)).map((light) => light.amounts))]).toEqual([1])
  // Out of sight it stands still.
  await page.evaluate(() => {
    scrollTo(0, document.body.scrollHeight)
  })
  await expect
    .poll(async () => {
      const now = await moment(page)
      await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))))
      return (await moment(page)) - now
    })
    .toBe(0)
  await page.getByRole('button', { name: 'Stop' }).click()
  await expect.poll(() => page.evaluate(() => document.getAnimations().length)).toBe(0)
})

test('where nothing should move there are five moments of a turn', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' })
  await open(page, '#/?panel=water', 'Bladed jig')
  await expect(page.getByRole('button', { name: 'Play', exact: true })).toHaveCount(0)
  await page.getByRole('button', { name: 'Five moments' }).click()
  await expect(page.getByRole('group', { name: 'Five moments of a turn' }).locator('figure')).toHaveCount(5)
  expect(await page.evaluate(() => document.getAnimations().length)).toBe(0)
})

test('a lure that moves is saved as a loop', async ({ page }) => {
  await open(page, '#/?panel=water', 'Bladed jig')
  await page.getByRole('button', { name: 'Play', exact: true }).click()
  await expect(page.locator('[data-eye="person"] canvas[data-shows]').first()).toBeAttached()
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as a loop' }).click()
  const file = readFileSync(await (await download).path())
  expect(file.subarray(0, 6).toString()).toBe('GIF89a')
  // A graphic control extension begins each frame.
  expect(file.toString('latin1').split('\x21\xf9\x04').length - 1).toBe(24)
})

test('whether the screen can be trusted is checked beside the picture', async ({ page }) => {
  await open(page, '#/?panel=water', 'Bladed jig')
  await page.getByRole('button', { name: 'Can this screen be trusted?' }).click()
  const dialog = page.getByRole('dialog')
  await expect(dialog).toContainText('Turn off night tints')
  await expect(dialog.getByRole('img', { name: 'Eleven grays from black to white' })).toBeVisible()
})

test('the picture is what used eyes see, or what a camera takes that corrects nothing', async ({ page }) => {
  await page.request.put('/api/current-reading', { data: { reading: { ...READING, tint: 'tannic' } } })
  await open(page, '#/?panel=water', 'Bladed jig')
  const water = page.locator('[data-eye="person"] > div')
  const camera = page.getByRole('checkbox', { name: 'Camera, no correction' })
  await expect(camera).not.toBeChecked()
  const seen = await water.getAttribute('style')
  await camera.check()
  await expect.poll(() => water.getAttribute('style')).not.toBe(seen)
})

test('figures follow the distance by keyboard, and the direction changes them', async ({ page }) => {
  await open(page, '#/?panel=figures', 'How far each part is visible')
  await unfold(page, 'How far each part is visible')
  await page.getByRole('region', { name: 'How far each part is visible' }).scrollIntoViewIfNeeded()
  await expect(page.locator('[data-plot="parts"] path').first()).toBeVisible()
  const row = page.getByRole('row', { name: /^Blade / })
  const before = await row.textContent()
  await page.getByRole('slider', { name: 'Distance', exact: true }).press('ArrowRight')
  await expect(row).not.toHaveText(before ?? '')
  const fromTheSide = await row.textContent()
  await page.getByRole('radio', { name: 'From below' }).click()
  await expect(row).not.toHaveText(fromTheSide ?? '')
})

test('the model gives its opinion beside the trade’s', async ({ page }) => {
  await open(page, '#/?panel=model', 'Second opinion, from the model')
  await unfold(page, 'Second opinion, from the model')
  await expect(page.getByRole('region', { name: 'Second opinion, from the model' })).toContainText('Advised: Gold')
})

test('in the dark the screen says that colour is gone', async ({ page }) => {
  await page.request.put('/api/current-reading', { data: { reading: { ...READING, sky: 'night' } } })
  await open(page, '#/?panel=water', 'Bladed jig')
  await expect(page.getByText(/too dark for color/)).toBeVisible()
})

test('the colours are sunk and compared', async ({ page }) => {
  await open(page, '#/tie/depths', 'Does lime green hold its color deeper than other colors?')
  await expect(page.getByRole('row')).toHaveCount(19)
  await page.getByRole('radio', { name: 'Color alone' }).click()
  await expect(page.getByText(/Chartreuse ranks/)).toBeVisible()
})
