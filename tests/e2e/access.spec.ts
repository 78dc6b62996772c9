import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import type { Locator, Page } from '@playwright/test'
import type Axe from 'axe-core'
import Color from 'colorjs.io'
import { expect, fishASeason, SIZES, test, THEMES, watched } from './page'

// The whole book is one entry over and over: a search leaves enough of it to read.
const SCREENS = [
  ['reading', ''],
  ['advice', '#/advice?panel=fish,next,wrong,others,close,model,lures,notes,safety,figures'],
  ['depths', '#/depths'],
  ['rulebook', '#/rules/B3.stained'],
  ['bench', '#/bench'],
  ['bin', '#/parts'],
  ['sheet', '#/build-sheet'],
  ['batch', '#/batch'],
  ['trips', '#/trips'],
  ['visibility', '#/visibility'],
  ['logbook', '#/logbook'],
  ['analysis', '#/logbook/analysis'],
  ['trials', '#/logbook/trials'],
  ['season', '#/logbook/season'],
  ['readings', '#/logbook/readings'],
  ['outing', '#/outing/new'],
  ['on the water', '#/on-the-water'],
  ['settings', '#/settings'],
] as const

/** Read once into a page that stays. */
const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8')

// Axe reads every element of many screens in one go.
test.setTimeout(120_000)

/**
 * Whether nothing that lies over an element has a color of its own: the place to hit of a button reaches into the lines beside it, and axe
 * cannot tell that it is clear.
 */
function isUnderGlass(page: Page, selector: string): Promise<boolean> {
  return page.locator(selector).evaluate((element) => {
    const isClear = (other: Element) => {
      const { backgroundColor, backgroundImage } = getComputedStyle(other)
      return backgroundImage === 'none' && /^(transparent|rgba\(.*, 0\))$/.test(backgroundColor)
    }
    return [...element.getClientRects()].every(({ left, top, width, height }) =>
      [0.1, 0.5, 0.9].every((share) => {
        const stack = document.elementsFromPoint(left + width * share, top + height / 2)
        const over = stack.slice(0, stack.indexOf(element))
        return over.every((other) => element.contains(other) || isClear(other))
      }),
    )
  })
}

type Rules = { type: 'tag' | 'rule'; values: string[] }
/** A theme changes colours and nothing else. */
const RULES = (theme: string): Rules =>
  theme === 'paper'
    ? { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'] }
    : { type: 'rule', values: ['color-contrast'] }

/** What axe finds wrong on the page, and what it cannot decide and is not decided here. */
async function complaints(page: Page, rules: Rules): Promise<string[]> {
  const found = await page.evaluate(async (runOnly) => {
    const { axe } = window as unknown as { axe: typeof Axe }
    // What is inside a drawing says nothing by itself: the drawing has one name for all of it.
    return axe.run({ exclude: [['svg > *']] }, { runOnly, resultTypes: ['violations', 'incomplete'] })
  }, rules)
  const undecided = []
  for (const one of found.incomplete) {
    for (const node of one.nodes) {
      const isSeen = one.id === 'color-contrast' && (await isUnderGlass(page, String(node.target[0])))
      if (!isSeen) undecided.push(`undecided, ${one.id}: ${node.html.slice(0, 120)}`)
    }
  }
  const wrong = found.violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.html).join(' | ')}`)
  return [...wrong, ...undecided]
}

/** Puts a theme on, and waits until every color has changed. */
async function wear(theme: string): Promise<void> {
  document.documentElement.dataset['theme'] = theme
  await Promise.all(document.getAnimations().map((one) => one.finished))
}

for (const size of SIZES) {
  for (const [part, screens] of [SCREENS.slice(0, 6), SCREENS.slice(6)].entries()) {
    test(`every screen can be read by anybody, in every theme: ${size.name}, part ${part + 1}`, async ({ page }) => {
      await page.setViewportSize(size)
      await page.request.put('/api/settings', { data: { units: 'us', theme: 'paper', schools: {} } })
      await fishASeason(page)
      const quiet = watched(page)
      await page.goto('/')
      await page.evaluate(AXE)
      for (const [name, hash] of screens) {
        // The page stays, as it does for whoever taps from screen to screen.
        await page.evaluate((to) => (location.hash = to), hash || '#/')
        await expect(page.getByRole('main').getByRole('heading', { level: 1 }).first()).toBeVisible()
        await quiet()
        if (name === 'rulebook') await page.getByLabel('Search').fill('copper')
        // The whole screen at once: what the thumb bar covers now is scrolled out from under it.
        const height = await page.evaluate(() => document.documentElement.scrollHeight)
        await page.setViewportSize({ width: size.width, height: Math.max(size.height, height + 60) })
        for (const theme of THEMES) {
          await page.evaluate(wear, theme)
          expect.soft(await complaints(page, RULES(theme)), `${name} in ${theme}`).toEqual([])
        }
        await page.evaluate(wear, THEMES[0])
        await page.setViewportSize(size)
      }
    })
  }
}

/** WCAG 2.2: 1.4.11 (controls and the ring of focus, 3:1), 1.4.3 (text and the labels of an axis, 4.5:1); the contrast by Color.js. */
for (const theme of THEMES) {
  test(`borders, the ring of focus and quiet text stand out: ${theme}`, async ({ page }) => {
    await page.request.put('/api/settings', { data: { units: 'us', theme, schools: {} } })
    await page.goto('/#/advice?panel=figures')
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
      // The ring has two lines, one of which shows wherever it lies.
      const best = Math.max(await ratio('--ring', ground), await ratio('--ring-inner', ground))
      expect(best, `ring on ${ground}`).toBeGreaterThanOrEqual(3)
    }
    expect(await ratio('--ring', '--color-base-100'), 'ring on the page').toBeGreaterThanOrEqual(3)
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
  const blue = 'rgb(11, 95, 255)'
  expect(await ring(page.locator('label:has(input:focus-visible)'))).toBe(blue)
  await page.getByRole('link', { name: 'Reading', exact: true }).focus()
  await page.keyboard.press('Shift+Tab')
  await page.keyboard.press('Tab')
  expect(await ring(page.getByRole('link', { name: 'Reading', exact: true }))).toBe(blue)
})
