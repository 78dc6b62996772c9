import type { Page } from '@playwright/test'

/** What is wrong with the layout of a page, as sentences. */
export function faults(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const LEAST_TARGET = 44
    const LEAST_TEXT = 160
    const LONG_TEXT = 30
    const found: string[] = []
    const isShown = (element: Element) => {
      const { width, height } = element.getBoundingClientRect()
      return (
        width > 1 &&
        height > 1 &&
        getComputedStyle(element).visibility === 'visible' &&
        !element.closest('.sr-only, [aria-hidden=true]')
      )
    }
    const says = (element: Element) =>
      (element.getAttribute('aria-label') ?? element.textContent ?? '').trim().slice(0, 50)
    const over = document.documentElement.scrollWidth - document.documentElement.clientWidth
    if (over > 0) found.push(`the page is ${over} px too wide`)
    for (const element of document.querySelectorAll('p, li, dd, dt, td, th, span, h1, h2, summary, button, a')) {
      if (!isShown(element) || element.closest('svg, select, table')) continue
      const own = [...element.childNodes]
        .filter((node) => node.nodeType === Node.TEXT_NODE)
        .map((node) => node.textContent ?? '')
      const text = own.join('').trim()
      const { width } = element.getBoundingClientRect()
      const isBlock = getComputedStyle(element).display !== 'inline'
      if (isBlock && text.length > LONG_TEXT && width < LEAST_TEXT)
        found.push(`${Math.round(width)} px for: ${text.slice(0, 60)}`)
    }
    for (const element of document.querySelectorAll(
      'button, a[href], input, select, summary, textarea, [role=tab], [role=slider]',
    )) {
      // A tile or a slider is as large as what surrounds its input.
      const whole = element.matches('input') ? (element.closest('label, .slider') ?? element) : element
      if (!isShown(whole)) continue
      // Links within a sentence are as high as its line (WCAG 2.5.8).
      if (element.matches('a') && getComputedStyle(element).display === 'inline') continue
      const { width, height } = whole.getBoundingClientRect()
      if (Math.min(width, height) < LEAST_TARGET - 0.5)
        found.push(`${Math.round(width)} × ${Math.round(height)} px: ${element.tagName} ${says(element)}`)
    }
    return [...new Set(found)]
  })
}
