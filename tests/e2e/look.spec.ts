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
  await open(page, '#/advice', 'Bladed jig')
  await expect(page.locator('figure').getByRole('img', { name: /Bladed jig drawn to scale/ })).toHaveCount(3)
  const strokes = () =>
    page
      .locator('figure')
      .nth(1)
      .locator('svg path')
      .evaluateAll((paths) => paths.map((path) => path.getAttribute('stroke')).join())
  const near = await strokes()
  const distance = page.getByRole('slider', { name: 'Distance', exact: true })
  await distance.press('End')
  await expect.poll(strokes).not.toBe(near)
})

test('the bass’s view is labelled an approximation', async ({ page }) => {
  await open(page, '#/advice', 'Bladed jig')
  await expect(page.locator('figure').filter({ hasText: 'A bass’s eyes' })).toContainText('an approximation')
  await expect(page.locator('figure').filter({ hasText: 'A person’s eyes' })).not.toContainText('an approximation')
})

test('what an eye no longer sees is gone but for its outline, and said', async ({ page }) => {
  await open(page, '#/advice', 'Bladed jig')
  const bass = page.locator('figure').filter({ hasText: 'A bass’s eyes' })
  await expect(bass.locator('svg')).toBeVisible()
  const gone = bass.locator('[filter*="gone"]')
  await page.getByRole('slider', { name: 'Distance', exact: true }).press('Home')
  await expect(bass).not.toContainText('Not visible')
  await expect(gone).toHaveCount(0)
  await page.getByRole('slider', { name: 'Distance', exact: true }).press('End')
  await expect(bass).toContainText(/Not visible: .*skirt/)
  await expect(gone).not.toHaveCount(0)
})

test('the lure is shown at hand, half way and at the edge of sight, and a frame sets the distance', async ({
  page,
}) => {
  await open(page, '#/advice', 'Bladed jig')
  const frames = page.getByRole('group', { name: 'Near and far' }).getByRole('button')
  await expect(frames).toHaveCount(3)
  const inches = async (i: number) => parseFloat(((await frames.nth(i).textContent()) ?? '').split(', ')[1] ?? '')
  // The frames have their place before the colors have come.
  await expect.poll(() => inches(2)).toBeGreaterThan(0)
  const distances = [await inches(0), await inches(1), await inches(2)]
  expect(distances[0]).toBe(0)
  expect(distances[1]).toBeGreaterThan(0)
  expect(distances[2]).toBeGreaterThan(distances[1] ?? 0)
  await frames.nth(0).click()
  await expect(page.getByRole('slider', { name: 'Distance', exact: true })).toHaveValue('0')
})

test('the picture is what used eyes see, or what a camera takes that corrects nothing', async ({ page }) => {
  await page.request.put('/api/current-reading', { data: { reading: { ...READING, tint: 'tannic' } } })
  await open(page, '#/advice', 'Bladed jig')
  const water = page.locator('figure').nth(1).locator('div > div').first()
  const camera = page.getByRole('checkbox', { name: 'Camera, no correction' })
  await expect(camera).not.toBeChecked()
  const seen = await water.getAttribute('style')
  await camera.check()
  await expect.poll(() => water.getAttribute('style')).not.toBe(seen)
})

test('figures follow the distance by keyboard, and the direction changes them', async ({ page }) => {
  await open(page, '#/advice', 'How far each part is visible')
  await unfold(page, 'How far each part is visible')
  await expect(page.locator('[data-plot="parts"] path.plot-line').first()).toBeVisible()
  const row = page.getByRole('row', { name: /^Blade / })
  const before = await row.textContent()
  await page.getByRole('slider', { name: 'Distance', exact: true }).press('ArrowRight')
  await expect(row).not.toHaveText(before ?? '')
  const fromTheSide = await row.textContent()
  await page.getByRole('radio', { name: 'From below' }).click()
  await expect(row).not.toHaveText(fromTheSide ?? '')
})

test('the model gives its opinion beside the trade’s', async ({ page }) => {
  await open(page, '#/advice', 'Second opinion, from the model')
  await unfold(page, 'Second opinion, from the model')
  await expect(page.getByRole('region', { name: 'Second opinion, from the model' })).toContainText('Advised: Gold')
})

test('in the dark the screen says that colour is gone', async ({ page }) => {
  await page.request.put('/api/current-reading', { data: { reading: { ...READING, sky: 'night' } } })
  await open(page, '#/advice', 'Bladed jig')
  await expect(page.getByText(/too dark for color/)).toBeVisible()
})

test('the colours are sunk and compared', async ({ page }) => {
  await open(page, '#/depths', 'Does lime green hold its color deeper than other colors?')
  await expect(page.getByRole('row')).toHaveCount(19)
  await page.getByRole('radio', { name: 'Color alone' }).click()
  await expect(page.getByText(/Chartreuse ranks/)).toBeVisible()
})
