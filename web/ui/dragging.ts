/** What a finger does on a slider. */
export interface Drag {
  /** A tap, at a share of the width. */
  tap: (share: number) => void
  /** A drag begins, once it is clear that it is not a scroll. */
  begin?: () => void
  /** A drag goes on: where the finger is, how far it has moved since, and whether it rested first, which means the finer scale. */
  move: (share: number, moved: number, fine: boolean) => void
  /** A finger rests on it: the finer scale is shown. */
  rest?: (share: number) => void
  end?: () => void
}

/** A finger that has not moved this far is not dragging yet. */
const SLOP_PX = 6
/** A finger that rests this long means the finer scale. */
const REST_MS = 300

/**
 * Tells a tap, a drag along a slider, a finger that rests on it, and a scroll of the page apart. Vertical swipes are left to the browser
 * (the element has `touch-action: pan-y`), and until the direction is clear nothing is set. A mouse sets at once.
 */
export function dragging(element: HTMLElement, drag: Drag): () => void {
  let start: { x: number; y: number; id: number; width: number; left: number } | null = null
  let state: 'undecided' | 'dragging' | 'resting' = 'undecided'
  let timer: ReturnType<typeof setTimeout> | undefined

  const shareAt = (x: number) => (start ? Math.max(0, Math.min(1, (x - start.left) / Math.max(1, start.width))) : 0)

  function down(event: PointerEvent) {
    if (event.button !== 0 || !event.isPrimary) return
    const box = element.getBoundingClientRect()
    start = { x: event.clientX, y: event.clientY, id: event.pointerId, width: box.width, left: box.left }
    state = 'undecided'
    clearTimeout(timer)
    if (event.pointerType === 'mouse') {
      event.preventDefault()
      element.querySelector<HTMLElement>('input')?.focus({ preventScroll: true })
      element.setPointerCapture(event.pointerId)
      state = 'dragging'
      drag.begin?.()
      drag.move(shareAt(event.clientX), 0, false)
      return
    }
    timer = setTimeout(() => {
      if (!start || state !== 'undecided') return
      state = 'resting'
      drag.begin?.()
      drag.rest?.(shareAt(start.x))
    }, REST_MS)
  }

  function move(event: PointerEvent) {
    if (!start || event.pointerId !== start.id) return
    const dx = event.clientX - start.x
    const dy = event.clientY - start.y
    if (state === 'undecided') {
      if (Math.hypot(dx, dy) < SLOP_PX) return
      clearTimeout(timer)
      if (Math.abs(dy) >= Math.abs(dx)) {
        start = null
        return
      }
      state = 'dragging'
      element.setPointerCapture(event.pointerId)
      drag.begin?.()
    }
    if (state === 'resting' && !element.hasPointerCapture(event.pointerId)) element.setPointerCapture(event.pointerId)
    drag.move(shareAt(event.clientX), dx / Math.max(1, start.width), state === 'resting')
  }

  function up(event: PointerEvent) {
    if (!start || event.pointerId !== start.id) return
    clearTimeout(timer)
    if (state === 'undecided') drag.tap(shareAt(event.clientX))
    start = null
    drag.end?.()
  }

  function cancel() {
    clearTimeout(timer)
    start = null
    drag.end?.()
  }

  // A finger that has rested is on the finer scale and no longer scrolls; the browser asks for that with every touch.
  function hold(event: TouchEvent) {
    if (state === 'resting' && start) event.preventDefault()
  }

  const listeners = { pointerdown: down, pointermove: move, pointerup: up, pointercancel: cancel } as const
  for (const [name, listener] of Object.entries(listeners)) element.addEventListener(name, listener as EventListener)
  element.addEventListener('touchmove', hold, { passive: false })
  const noMenu = (event: Event) => event.preventDefault()
  element.addEventListener('contextmenu', noMenu)
  return () => {
    clearTimeout(timer)
    for (const [name, listener] of Object.entries(listeners))
      element.removeEventListener(name, listener as EventListener)
    element.removeEventListener('touchmove', hold)
    element.removeEventListener('contextmenu', noMenu)
  }
}
