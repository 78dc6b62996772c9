import { expect, open, test } from './page'

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
  await page.request.put('/api/desk', { data: { reading: READING } })
})

test('the lure is shown in the hand and in the water, and fades as it goes away', async ({ page }) => {
  await open(page, '#/advice', 'Bladed jig')
  await expect(page.locator('figure').getByRole('img', { name: /Bladed jig drawn to scale/ })).toHaveCount(2)
  const strokes = () =>
    page
      .locator('figure')
      .nth(1)
      .locator('svg path')
      .evaluateAll((paths) => paths.map((path) => path.getAttribute('stroke')).join())
  const near = await strokes()
  const distance = page.getByRole('slider', { name: 'Distance' })
  await distance.press('End')
  await expect.poll(strokes).not.toBe(near)
})

test('the bass’s view is labelled an approximation', async ({ page }) => {
  await open(page, '#/advice', 'Bladed jig')
  await page.getByRole('radio', { name: 'A bass’s two cones' }).click()
  await expect(page.getByText('an approximation')).toBeVisible()
})

test('figures follow the distance by keyboard, and the direction changes them', async ({ page }) => {
  await open(page, '#/advice', 'How far each part carries')
  await expect(page.locator('[data-plot="parts"] path.plot-line').first()).toBeVisible()
  const row = page.getByRole('row', { name: /^Blade / })
  const before = await row.textContent()
  await page.getByRole('slider', { name: 'Distance' }).press('ArrowRight')
  await expect(row).not.toHaveText(before ?? '')
  const fromTheSide = await row.textContent()
  await page.getByRole('radio', { name: 'From below' }).click()
  await expect(row).not.toHaveText(fromTheSide ?? '')
})

test('the model gives its opinion beside the trade’s', async ({ page }) => {
  await open(page, '#/advice', 'Second opinion, from the model')
  await expect(page.getByRole('region', { name: 'Second opinion, from the model' })).toContainText('Advised: Gold')
})

test('in the dark the screen says that colour is gone', async ({ page }) => {
  await page.request.put('/api/desk', { data: { reading: { ...READING, sky: 'night' } } })
  await open(page, '#/advice', 'Bladed jig')
  await expect(page.getByText(/colour is gone down there/)).toBeVisible()
})

test('the colours are sunk and compared', async ({ page }) => {
  await open(page, '#/depths', 'Does lime green alone hold its colour with depth?')
  await expect(page.getByRole('row')).toHaveCount(19)
  await page.getByRole('radio', { name: 'Colour alone' }).click()
  await expect(page.getByText(/Chartreuse comes in at place/)).toBeVisible()
})
