import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import type { Page } from '@playwright/test'
import type Axe from 'axe-core'

/** What a page has to be given before it is asked. */
export const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8')

/**
 * Those of these elements over which something with a color of its own lies: the place to hit of a button reaches into the lines beside it,
 * and axe cannot tell that it is clear.
 */
function covered(page: Page, selectors: string[]): Promise<string[]> {
  return page.evaluate((all) => {
    const isClear = (other: Element) => {
      const { backgroundColor, backgroundImage } = getComputedStyle(other)
      return backgroundImage === 'none' && /^(transparent|rgba\(.*, 0\))$/.test(backgroundColor)
    }
    const isUnderGlass = (element: Element) =>
      [...element.getClientRects()].every(({ left, top, width, height }) =>
        [0.1, 0.5, 0.9].every((share) => {
          const stack = document.elementsFromPoint(left + width * share, top + height / 2)
          const over = stack.slice(0, stack.indexOf(element))
          return over.every((other) => element.contains(other) || isClear(other))
        }),
      )
    return all.filter((selector) => {
      const element = document.querySelector(selector)
      return !element || !isUnderGlass(element)
    })
  }, selectors)
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
  const open = found.incomplete.flatMap(({ id, nodes }) =>
    nodes.map((node) => ({ id, selector: String(node.target[0]), html: node.html })),
  )
  const contrast = open.filter(({ id }) => id === 'color-contrast').map(({ selector }) => selector)
  const unseen = contrast.length > 0 ? await covered(page, contrast) : []
  const undecided = open
    .filter(({ id, selector }) => id !== 'color-contrast' || unseen.includes(selector))
    .map(({ id, html }) => `undecided, ${id}: ${html.slice(0, 120)}`)
  const wrong = found.violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.html).join(' | ')}`)
  return [...wrong, ...undecided]
}

/** What stands on the page, or is said to whoever does not see it, in the units of the trade: with metric chosen there is none. */
export function inTradeUnits(page: Page, ownWords: readonly string[]): Promise<string[]> {
  return page.evaluate(
    (own) => {
      // A year is no quantity.
      const UNIT =
        /(?<!\d{3})[\d¼½¾⅛⅜⅝⅞]\s?(?:in|oz|ft|lb|°F)(?![a-z])|, (?:in|oz|ft|lb|°F)$|\b(?:inch(?:es)?|feet|foot|ounces?|pounds?)\b/
      const SAID = ['aria-label', 'title', 'alt', 'aria-valuetext', 'placeholder']
      const said = [...document.querySelectorAll(SAID.map((name) => `[${name}]`).join())].flatMap((element) =>
        SAID.flatMap((name) => (element.getAttribute(name) ?? '').split('\n')),
      )
      const shown = document.body.innerText.split('\n')
      const drawn = [...document.querySelectorAll('svg text, svg title')].map((element) => element.textContent ?? '')
      return [...new Set([...said, ...shown, ...drawn])].filter((text) =>
        UNIT.test(own.reduce((left, name) => left.replaceAll(name, ''), text)),
      )
    },
    ownWords.toSorted((one, other) => other.length - one.length),
  )
}

/** Puts a theme on, and waits until every color has changed. */
export async function wear(theme: string): Promise<void> {
  document.documentElement.dataset['theme'] = theme
  for (const one of document.getAnimations()) one.finish()
  await Promise.all(document.getAnimations().map((one) => one.finished))
}
