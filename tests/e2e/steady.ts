import type { Page } from '@playwright/test'

/** What a page did under a thumb: how much of it shifted (Layout Instability, web.dev/cls), and which controls moved away. */
export interface Moved {
  shift: number
  /** Each as a sentence. */
  controls: string[]
}

/** How far a control may move that could be tapped already, CSS px. */
const MOST_PX = 4

declare global {
  interface Window {
    /** What moved since it was asked last. */
    kontrastMoved: () => Moved
  }
}

/** Watches what moves while a page fills. */
export async function watchMoves(page: Page): Promise<void> {
  await page.addInitScript((mostPx) => {
    const CONTROLS = 'button, a[href], input, select, textarea, summary, [role=tab], [role=slider]'
    /** What a tap changes at once is what it is for: so many frames after it all places are new. */
    const FRAMES_OF_TAP = 3
    /** Looking at all controls takes as long as drawing them: not in every frame, ms. */
    const EVERY_MS = 50
    let shift = 0
    let controls: string[] = []
    let frames = FRAMES_OF_TAP
    let known = new WeakMap<Element, DOMRect>()
    /** When the first frames after the last tap were over. */
    let overAt = 0

    const renew = () => (known = new WeakMap())
    const count = () => {
      overAt = performance.now()
      renew()
      if (++frames < FRAMES_OF_TAP) requestAnimationFrame(count)
    }
    const tapped = () => {
      if (frames >= FRAMES_OF_TAP) requestAnimationFrame(count)
      frames = 0
    }
    for (const kind of ['pointerdown', 'click', 'keydown', 'input']) addEventListener(kind, tapped, true)
    addEventListener('scroll', renew, true)
    addEventListener('resize', renew)

    new PerformanceObserver((list) => {
      for (const entry of list.getEntries() as (PerformanceEntry & {
        value: number
        hadRecentInput: boolean
        sources: { node?: Node; previousRect: DOMRect; currentRect: DOMRect }[]
      })[]) {
        // The browser leaves out half a second after a tap; what the tap itself changes is over much sooner.
        if (frames < FRAMES_OF_TAP || entry.startTime < overAt) continue
        shift += entry.value
        for (const { node, previousRect, currentRect } of entry.sources) {
          const text = (node?.textContent ?? '').trim().slice(0, 40)
          if (entry.value > 0.002)
            controls.push(
              `(shift ${entry.value.toFixed(3)}, ${node?.nodeName} “${text}” ${Math.round(previousRect.y)}→${Math.round(currentRect.y)})`,
            )
        }
      }
    }).observe({ type: 'layout-shift', buffered: true })

    const canBeTapped = (element: Element, { x, y, width, height }: DOMRect) => {
      if (width < 2 || height < 2 || y + height < 0 || y > innerHeight || x + width < 0 || x > innerWidth) return false
      if (element.matches(':disabled')) return false
      const { visibility, pointerEvents } = getComputedStyle(element)
      return visibility === 'visible' && pointerEvents !== 'none'
    }
    const look = () => {
      if (frames < FRAMES_OF_TAP) return
      for (const element of document.querySelectorAll(CONTROLS)) {
        const now = element.getBoundingClientRect()
        const before = known.get(element)
        if (canBeTapped(element, now)) known.set(element, now)
        else {
          // Out of sight, or gone.
          if (before && now.width > 0) report(element, before, now)
          known.delete(element)
          continue
        }
        if (before) report(element, before, now)
      }
    }
    const report = (element: Element, before: DOMRect, now: DOMRect) => {
      const far = Math.max(Math.abs(now.x - before.x), Math.abs(now.y - before.y))
      if (far <= mostPx) return
      const name = (element.getAttribute('aria-label') ?? element.textContent ?? '').trim().slice(0, 40)
      controls.push(
        `${element.tagName.toLowerCase()} “${name}” from ${Math.round(before.x)}, ${Math.round(before.y)} ` +
          `to ${Math.round(now.x)}, ${Math.round(now.y)}`,
      )
    }
    // In a frame, after what was scrolled in it was told.
    setInterval(() => requestAnimationFrame(look), EVERY_MS)

    window.kontrastMoved = () => {
      const moved = { shift, controls: [...new Set(controls)] }
      shift = 0
      controls = []
      return moved
    }
  }, MOST_PX)
}
