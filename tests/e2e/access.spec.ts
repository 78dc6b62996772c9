import AxeBuilder from '@axe-core/playwright'
import { expect, SIZES, test, THEMES } from './page'

// The whole book is one entry over and over: a search leaves enough of it to read.
const SCREENS = [
  ['reading', ''],
  ['advice', '#/advice'],
  ['depths', '#/depths'],
  ['rulebook', '#/rules/B3.stained'],
  ['bench', '#/bench'],
  ['bin', '#/parts'],
  ['sheet', '#/build-sheet'],
  ['batch', '#/batch'],
  ['notebook', '#/logbook'],
  ['settings', '#/settings'],
] as const

/** A screen has had its answers by then. */
const SETTLES_MS = 600

// Axe reads every element of five screens in one go.
test.setTimeout(120_000)

for (const theme of THEMES) {
  for (const size of SIZES) {
    test(`every screen can be read by anybody: ${theme}, ${size.name}`, async ({ page }) => {
      await page.setViewportSize(size)
      await page.request.put('/api/settings', { data: { units: 'us', theme, schools: {} } })
      await page.goto('/')
      await expect(page.locator('html')).toHaveAttribute('data-theme', theme)
      for (const [name, hash] of SCREENS) {
        // The page stays, as it does for whoever taps from screen to screen.
        await page.evaluate((to) => (location.hash = to), hash || '#/')
        await expect(page.getByRole('main').getByRole('heading', { level: 1 }).first()).toBeVisible()
        await page.waitForTimeout(SETTLES_MS)
        if (name === 'rulebook') await page.getByLabel('Search').fill('copper')
        await expect(page.locator('html')).toHaveAttribute('data-theme', theme)
        // What is inside a drawing says nothing by itself: the drawing has one name for all of it.
        const axe = new AxeBuilder({ page }).exclude('svg > *')
        // A theme changes colours and nothing else.
        const found = await (
          theme === 'paper'
            ? axe.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
            : axe.withRules(['color-contrast'])
        ).analyze()
        expect(
          found.violations.map(
            (violation) => `${violation.id}: ${violation.nodes.map((node) => node.html).join(' | ')}`,
          ),
          `${name} in ${theme}`,
        ).toEqual([])
      }
    })
  }
}
