import type { Page } from '@playwright/test'
import { expect, layBest, open, stock, test, watched } from './page'

const READING = {
  lure: 'jig',
  visibility_in: 9,
  tint: 'clay',
  sky: 'overcast',
  wind: 'ripple',
  surface_f: 60,
  depth_ft: 3,
  season: 'spring',
  cover: 'open',
  cover_density: 'normal',
  forage: 'crawfish',
  red_crawfish: false,
  bite: 'normal',
  bass: 'largemouth',
}

test.beforeEach(async ({ page }) => {
  await page.request.put('/api/settings', { data: { units: 'us', theme: 'paper', schools: {} } })
  await page.request.put('/api/current-reading', { data: { reading: READING } })
  await stock(page, 'demo/parts.csv')
  await layBest(page, READING)
})

test('the best of the bin is laid out, with its score and a verdict in words', async ({ page }) => {
  await open(page, '#/tie', 'Build: jig')
  const verdict = page.getByRole('region', { name: 'Verdict' })
  await expect(verdict).toContainText('of 100')
  await expect(verdict).toContainText('Skirt and the orange in the trailer look like two colors')
  await expect(page.getByRole('group', { name: 'Skirt', exact: true })).toContainText('of 19')
})

test('arrows step through parts, and the drawing and figures follow', async ({ page }) => {
  await open(page, '#/tie', 'Build: jig')
  const skirt = page.getByRole('combobox', { name: 'Skirt', exact: true })
  const before = await skirt.inputValue()
  const score = page.getByRole('region', { name: 'Verdict' }).locator('p').first()
  const was = await score.textContent()
  await page.getByRole('heading', { name: 'Build: jig' }).click()
  await page.keyboard.press('ArrowRight')
  await expect(skirt).not.toHaveValue(before)
  await expect(score).not.toHaveText(was ?? '')
  await page.keyboard.press('z')
  await expect(skirt).toHaveValue(before)
  await page.keyboard.press('ArrowDown')
  await expect(page.getByRole('group', { name: 'Trailer', exact: true })).toHaveAttribute('aria-current', 'true')
  await page.keyboard.press('x')
  await expect(page.getByRole('combobox', { name: 'Trailer', exact: true })).toHaveValue('')
})

test('every key is listed on ?, and anything is found by typing', async ({ page }) => {
  await open(page, '#/tie', 'Build: jig')
  await page.getByRole('heading', { name: 'Build: jig' }).click()
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Help: Tie' })).toContainText('Undo the last change')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toBeHidden()
  await page.keyboard.press('/')
  await page.getByRole('combobox', { name: 'Find a command' }).fill('visible')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('tab', { name: 'How far each part is visible' })).toHaveAttribute('aria-selected', 'true')
})

test('when the water changes one swap is named, done, and the score rises by it', async ({ page }) => {
  const quiet = watched(page)
  await open(page, '#/tie', 'Build: jig')
  await expect(page.getByRole('region', { name: 'Verdict' })).toBeVisible()
  // In a copy of the water: the reading itself stays as it is.
  await page.getByRole('button', { name: 'What if the water…' }).click()
  const sight = page.getByRole('slider', { name: 'Visibility' })
  await sight.focus()
  for (let i = 0; i < 16; i++) await page.keyboard.press('ArrowRight')
  const first = page.getByRole('region', { name: 'Verdict' }).getByRole('listitem').filter({ hasText: /\+\d/ }).first()
  await expect(first).toBeVisible()
  const score = page.getByRole('region', { name: 'Verdict' }).locator('p').first()
  await quiet()
  const was = parseFloat((await score.textContent()) ?? '')
  const gain = parseFloat(((await first.textContent()) ?? '').match(/\+([\d.]+)/)?.[1] ?? '')
  await first.getByRole('button', { name: /^Do it/ }).click()
  await expect.poll(async () => Math.abs(parseFloat((await score.textContent()) ?? '') - was - gain)).toBeLessThan(0.25)
  const { reading } = (await (await page.request.get('/api/current-reading')).json()) as { reading: typeof READING }
  expect(reading.visibility_in).toBe(READING.visibility_in)
})

test('a colour of one’s own is put on and judged', async ({ page }) => {
  await open(page, '#/tie', 'Build: jig')
  await page.getByRole('button', { name: 'Skirt: edit' }).click()
  await page
    .getByRole('group', { name: 'Skirt, custom part' })
    .getByLabel('Color', { exact: true })
    .selectOption('white')
  await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('it makes a darker one out from farther')
})

/** Saves the build in hand, and the same with the next skirt. */
async function saveTwo(page: Page): Promise<void> {
  for (const word of ['First', 'Second']) {
    await page.getByRole('link', { name: 'Build', exact: true }).click()
    if (word === 'Second') await page.getByRole('button', { name: 'Skirt: next' }).click()
    else await expect(page.getByRole('button', { name: 'Skirt: next' })).toBeVisible()
    await page.getByRole('link', { name: 'Saved', exact: true }).click()
    await page.getByLabel('Save build as').fill(word)
    await page.getByLabel('Save build as').press('Enter')
    await expect(page.getByRole('button', { name: `Use this build: ${word}` })).toBeVisible()
  }
}

test('a build is saved, opened again and compared with another', async ({ page }) => {
  await open(page, '#/tie', 'Build: jig')
  await saveTwo(page)
  await page.getByLabel('Compare First').check()
  await page.getByLabel('Compare Second').check()
  await expect(page.getByRole('region', { name: 'Compared' })).toContainText('Skirt color')
  await page.getByRole('button', { name: 'Delete First' }).click()
  await expect(page.getByRole('button', { name: 'Use this build: First' })).toBeHidden()
})

test('two saved builds hang in one water, which is a copy: at one distance, one depth, one time of day', async ({
  page,
}) => {
  // Clear, since in mud a lure a foot down is the deepest that is seen.
  const clear = { ...READING, visibility_in: 96, tint: 'none', depth_ft: 3 }
  await page.request.put('/api/current-reading', { data: { reading: clear } })
  await open(page, '#/tie', 'Build: jig')
  await saveTwo(page)
  await page.getByLabel('Compare First').check()
  await page.getByLabel('Compare Second').check()
  const compared = page.getByRole('region', { name: 'Compared' })
  const pictures = compared.locator('figure').filter({ has: page.locator('canvas') })
  await expect(pictures).toHaveCount(2)
  await expect(compared.getByText(/^A .+, B .+, to a person\.$/)).toBeVisible()
  const water = () => pictures.first().locator('div').first().getAttribute('style')
  const before = await water()
  await compared.getByRole('slider', { name: 'Depth of both' }).press('End')
  await expect.poll(water).not.toBe(before)
  const deep = await water()
  await compared.getByRole('slider', { name: 'Time of day' }).press('Home')
  await expect.poll(water).not.toBe(deep)
  // A copy: the reading is as it was.
  const { reading } = (await (await page.request.get('/api/current-reading')).json()) as { reading: typeof READING }
  expect(reading.depth_ft).toBe(3)
  const distance = compared.getByRole('slider', { name: 'Distance of both' })
  await distance.press('Home')
  await expect(pictures.last().getByRole('img', { name: /^B, 0 in away/ })).toBeAttached()
  const hold = compared.getByRole('button', { name: 'Hold: in the hand' })
  await hold.dispatchEvent('pointerdown')
  await expect(compared.locator('figure canvas[aria-hidden]')).toHaveCount(0)
  await hold.dispatchEvent('pointerup')
  await expect(compared.locator('figure canvas[aria-hidden]')).toHaveCount(2)
  await compared.getByRole('button', { name: 'Play both' }).click()
  await expect.poll(() => page.evaluate(() => document.getAnimations().length)).toBeGreaterThan(4)
  const download = page.waitForEvent('download')
  await compared.getByRole('button', { name: 'Save as a loop' }).click()
  expect((await download).suggestedFilename()).toBe('two-lures-in-one-water.gif')
})

test('one of the best builds hangs beside the one in hand, in one water', async ({ page }) => {
  await open(page, '#/tie', 'Build: jig')
  await page.getByRole('tab', { name: 'Best from my parts' }).scrollIntoViewIfNeeded()
  await page.getByRole('button', { name: 'Beside yours: number 2' }).click()
  const both = page.getByRole('region', { name: 'Two builds in one water' })
  await expect(both.getByText(/^A .+, B .+, to a person\.$/)).toBeVisible()
  await expect(both.locator('figure').filter({ has: page.locator('canvas') })).toHaveCount(2)
  await both.getByRole('button', { name: 'Take it away' }).click()
  await expect(both).toBeHidden()
})
