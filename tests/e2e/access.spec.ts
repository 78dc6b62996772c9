import type { Locator } from '@playwright/test'
import Color from 'colorjs.io'
import { expect, test, THEMES } from './page'

/** WCAG 2.2: 1.4.11 (controls and the ring of focus, 3:1), 1.4.3 (text and the labels of an axis, 4.5:1); the contrast by Color.js. */
for (const theme of THEMES) {
  test(`borders, the ring of focus and quiet text stand out: ${theme}`, async ({ page }) => {
    await page.request.put('/api/settings', { data: { units: 'us', theme, schools: {} } })
    await page.goto('/#/?panel=figures')
    await page.getByRole('region', { name: 'How far each part is visible' }).scrollIntoViewIfNeeded()
    const label = page.locator('[data-plot="parts"] text').first()
    await expect(label).toBeVisible()
    const axis = await label.evaluate((text) => {
      const { fill, opacity, fillOpacity } = getComputedStyle(text)
      return { fill, opacity: Number(opacity) * Number(fillOpacity) }
    })
    const color = (name: string) =>
      page.evaluate((one) => getComputedStyle(document.documentElement).getPropertyValue(one).trim(), name)
    const ratio = async (one: string, other: string) =>
      new Color(one.startsWith('--') ? await color(one) : one).contrast(new Color(await color(other)), 'WCAG21')
    const grounds = ['--color-base-100', '--color-base-200', '--color-primary', '--color-neutral', '--proof']
    for (const ground of grounds) {
      // The ring has two lines, ink and paper, one of which shows wherever it lies.
      const best = Math.max(await ratio('--color-base-content', ground), await ratio('--color-base-100', ground))
      expect(best, `ring on ${ground}`).toBeGreaterThanOrEqual(3)
    }
    expect(await ratio('--now', '--color-base-100'), 'what is now').toBeGreaterThanOrEqual(4.5)
    expect(await ratio('--now', '--sheet'), 'what changed').toBeGreaterThanOrEqual(4.5)
    expect((await ratio('--on-stick', '--sheet')) > 3 || theme === 'lamp', 'the handle of a stick').toBe(true)
    expect(await ratio('--edge', '--color-base-100'), 'border of a control').toBeGreaterThanOrEqual(3)
    expect(await ratio('--faint', '--color-base-100'), 'quiet text').toBeGreaterThanOrEqual(4.5)
    expect(axis.opacity, 'label of an axis').toBe(1)
    expect(await ratio(axis.fill, '--color-base-100'), 'label of an axis').toBeGreaterThanOrEqual(4.5)
  })
}

test('the ring of focus is drawn around a chosen tile and the current link', async ({ page }) => {
  await page.request.put('/api/settings', { data: { units: 'us', theme: 'paper', schools: {} } })
  await page.goto('/')
  await page.getByRole('radio', { checked: true }).first().focus()
  await page.keyboard.press('Shift+Tab')
  await page.keyboard.press('Tab')
  const ring = (of: Locator) => of.evaluate((element) => getComputedStyle(element).outlineColor)
  const ink = 'rgb(25, 25, 25)'
  expect(await ring(page.locator('label:has(input:focus-visible)'))).toBe(ink)
  await page.getByRole('link', { name: 'Water', exact: true }).focus()
  await page.keyboard.press('Shift+Tab')
  await page.keyboard.press('Tab')
  expect(await ring(page.getByRole('link', { name: 'Water', exact: true }))).toBe(ink)
})
