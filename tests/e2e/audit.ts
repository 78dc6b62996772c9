import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import type { Page } from '@playwright/test'
import type Axe from 'axe-core'

/** What a page has to be given before it is asked. */
export const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8')

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
export const RULES = (theme: string): Rules =>
  theme === 'paper'
    ? { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'] }
    : { type: 'rule', values: ['color-contrast'] }

/** What axe finds wrong on the page, and what it cannot decide and is not decided here. */
export async function complaints(page: Page, rules: Rules): Promise<string[]> {
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
export async function wear(theme: string): Promise<void> {
  document.documentElement.dataset['theme'] = theme
  for (const one of document.getAnimations()) one.finish()
  await Promise.all(document.getAnimations().map((one) => one.finished))
}
