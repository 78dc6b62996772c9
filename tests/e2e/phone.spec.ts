import type { Page } from '@playwright/test'
import type { Reading } from '../../web/words/documents'
import { expect, layBest, open, openFact, stock, stored, test, WOOD_SPINNERBAIT as READING } from './page'

// A thumb on a phone: 390 by 844, and 320 for the smallest.

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })

test.beforeEach(async ({ page }) => {
  await page.request.put('/api/settings', { data: { units: 'us', theme: 'paper', schools: {} } })
  await page.request.put('/api/current-reading', { data: { reading: READING } })
})

const stick = (page: Page) =>
  page
    .locator('.slider')
    .filter({ has: page.getByRole('slider', { name: 'Visibility' }) })
    .first()
const inches = (page: Page) => page.getByLabel('Visibility, inches').inputValue()

/** A share of the width of the stick, as its marks follow the square root: see words/stick.ts. */
const placeOf = (mark: number) => Math.sqrt(mark / 240)

/** Numbers that look random and are the same every time: two of them make one that is spread like an error of the thumb. */
function spread(sd: number): () => number {
  let seed = 7
  const next = () => (seed = (seed * 16807) % 2147483647) / 2147483647
  return () => sd * Math.sqrt(-2 * Math.log(next())) * Math.cos(2 * Math.PI * next())
}

test('of a hundred taps with a spread of 4 px all hit the mark that was meant', async ({ page }) => {
  await open(page, '', 'What is the water like?')
  const box = await stick(page).boundingBox()
  if (!box) throw new Error('The stick is not on the page.')
  const off = spread(4)
  const hits: Record<string, number> = {}
  for (let i = 0; i < 100; i++) {
    const mark = [18, 24, 12, 36][i % 4] ?? 18
    // A thumb that strays further than the half way to the next mark (7 px at 18 in) is no miss of the stick.
    const strays = Math.max(-6.5, Math.min(6.5, off()))
    await page.touchscreen.tap(box.x + box.width * placeOf(mark) + strays, box.y + 40)
    hits[`${mark} ${await inches(page)}`] = (hits[`${mark} ${await inches(page)}`] ?? 0) + 1
  }
  expect(hits).toEqual({ '18 18': 25, '24 24': 25, '12 12': 25, '36 36': 25 })
  // What is still on its way would reach the server within the next test.
  const visibility = async () =>
    (await stored<{ reading: Reading }>(page, '/api/current-reading')).reading.visibility_in
  await expect.poll(visibility).toBe(36)
})

test('a swipe that begins on the stick scrolls and changes nothing', async ({ page }) => {
  await open(page, '', 'What is the water like?')
  await page.getByRole('toolbar', { name: 'More about the water' }).waitFor()
  const box = await stick(page).boundingBox()
  if (!box) throw new Error('The stick is not on the page.')
  const cdp = await page.context().newCDPSession(page)
  // Up, and a little aside, as a thumb does.
  const finger = (type: 'touchStart' | 'touchMove' | 'touchEnd', step: number) =>
    cdp.send('Input.dispatchTouchEvent', {
      type,
      touchPoints: type === 'touchEnd' ? [] : [{ x: box.x + 200 + step, y: box.y + 40 - 20 * step }],
    })
  await finger('touchStart', 0)
  for (let step = 1; step <= 15; step++) {
    await finger('touchMove', step)
    await page.evaluate(() => new Promise(requestAnimationFrame))
  }
  await finger('touchEnd', 15)
  await expect.poll(() => page.evaluate(() => scrollY)).toBeGreaterThan(150)
  expect(await inches(page)).toBe('22')
})

test('a finger that rests on the stick gets one inch at a time', async ({ page }) => {
  await open(page, '', 'What is the water like?')
  const box = await stick(page).boundingBox()
  if (!box) throw new Error('The stick is not on the page.')
  const cdp = await page.context().newCDPSession(page)
  const y = box.y + 40
  const finger = (type: 'touchStart' | 'touchMove' | 'touchEnd', x: number) =>
    cdp.send('Input.dispatchTouchEvent', { type, touchPoints: type === 'touchEnd' ? [] : [{ x, y }] })
  const x = box.x + 150
  await finger('touchStart', x)
  await expect(page.getByText('slide to change by single steps')).toBeVisible()
  // A fourteenth of the width is one step.
  await finger('touchMove', x + box.width / 14)
  await expect.poll(() => inches(page)).toBe('23')
  await finger('touchMove', x - (3 * box.width) / 14)
  await expect.poll(() => inches(page)).toBe('19')
  await finger('touchEnd', x)
  await expect(page.getByText('slide to change by single steps')).toBeHidden()
})

test('an inch more or less, or a number that was measured, is a tap away', async ({ page }) => {
  await open(page, '', 'What is the water like?')
  await page.getByRole('button', { name: 'Visibility: more' }).tap()
  expect(await inches(page)).toBe('23')
  await page.getByRole('button', { name: 'Visibility: less' }).tap()
  await page.getByRole('button', { name: 'Visibility: less' }).tap()
  expect(await inches(page)).toBe('21')
  await page.getByLabel('Visibility, inches').fill('31,5')
  await page.getByLabel('Visibility, inches').press('Enter')
  expect(await inches(page)).toBe('31.5')
})

test('a whole new reading and its advice take at most twelve taps', async ({ page }) => {
  await open(page, '', 'What is the water like?')
  let taps = 0
  const pick = async (group: string, word: string) => {
    taps++
    await page.getByRole('group', { name: group, exact: true }).getByRole('radio', { name: word, exact: true }).tap()
  }
  const began = Date.now()
  await pick('Lure', 'Jig')
  const box = await stick(page).boundingBox()
  taps++
  await page.touchscreen.tap((box?.x ?? 0) + (box?.width ?? 0) * placeOf(12), (box?.y ?? 0) + 40)
  await pick('Tint', 'Clay')
  await pick('Sky', 'Overcast')
  await pick('Wind', 'Chop')
  // A temperature starts from the last one here: one tap takes it or is a step away from it.
  taps++
  const warmth = page.getByRole('slider', { name: 'Surface temperature' })
  // Up from under the thumb's row.
  await page.evaluate(() => scrollBy(0, 300))
  const scale = await warmth.boundingBox()
  await page.touchscreen.tap((scale?.x ?? 0) + ((scale?.width ?? 0) * (59 - 32)) / (100 - 32), (scale?.y ?? 0) + 30)
  await pick('Cover', 'Rock')
  await pick('Forage', 'Crawfish')
  taps++
  await openFact(page, 'Bite')
  await pick('Bite', 'Tough')
  taps++
  await page.getByRole('button', { name: /^Advice: / }).tap()
  await expect(page.getByRole('heading', { name: /^Jig/ })).toBeVisible()
  expect(taps).toBeLessThanOrEqual(12)
  // The last of them may still be on its way.
  await expect
    .poll(async () => (await stored<{ reading: Reading }>(page, '/api/current-reading')).reading)
    .toMatchObject({
      lure: 'jig',
      visibility_in: 12,
      tint: 'clay',
      sky: 'overcast',
      surface_f: 59,
      bite: 'tough',
    })
  test.info().annotations.push({ type: 'time', description: `${Date.now() - began} ms by script` })
})

test('the advice stays in reach while the reading is changed', async ({ page }) => {
  await open(page, '', 'What is the water like?')
  const strip = page.getByRole('button', { name: /^Advice: / })
  await page.getByRole('toolbar', { name: 'More about the water' }).scrollIntoViewIfNeeded()
  await expect(strip).toBeInViewport({ ratio: 1 })
  await expect(strip).toContainText('Green pumpkin')
  await page.getByRole('group', { name: 'Forage', exact: true }).getByRole('radio', { name: 'Shad' }).tap()
  await expect(strip).not.toContainText('Green pumpkin')
})

/** So many picks stand under the drawing on a phone before one scrolls. */
const LEAST_TOLD = 2
for (const size of [
  { width: 390, height: 844, bar: 114 },
  { width: 1280, height: 800, bar: 0 },
]) {
  test(`the advice says in its first view what to tie, with the first reason: ${size.width} px`, async ({ page }) => {
    await page.setViewportSize(size)
    await open(page, '#/?panel=answer', 'Spinnerbait')
    const parts = page.getByRole('group', { name: 'Picks' }).getByRole('region')
    await expect(parts).toHaveCount(6)
    await expect(page.getByText('Natural with one flash').first()).toBeInViewport()
    // Beside a desk all of them with their reasons; on a phone, where the lure is as wide as the screen, those that fit under it.
    const told = (await parts.all()).slice(0, size.width < 640 ? LEAST_TOLD : undefined)
    for (const part of told) {
      const button = part.getByRole('button', { name: /^More about/ })
      await expect(button).toHaveAccessibleDescription(/.{20}/)
      const box = await part.boundingBox()
      expect((box?.y ?? 0) + (box?.height ?? 0), (await part.textContent()) ?? '').toBeLessThanOrEqual(
        size.height - size.bar,
      )
    }
  })
}

test('on the bench the pictures stay in view while parts are stepped', async ({ page }) => {
  await stock(page, 'demo/parts.csv')
  await layBest(page, READING)
  await open(page, '#/tie', 'Build: spinnerbait')
  const picture = page.locator('figure[data-eye]')
  await expect(picture).toBeVisible()
  await page.getByRole('button', { name: 'Trailer hook: next' }).scrollIntoViewIfNeeded()
  await page.evaluate(() => scrollBy(0, 150))
  await page.getByRole('button', { name: 'Skirt: next' }).tap()
  await expect(picture).toBeInViewport({ ratio: 1 })
})
