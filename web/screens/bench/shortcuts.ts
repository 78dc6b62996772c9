/** Something the bench can do, by name and by key. */
export interface Doing {
  name: string
  /** As shown: "→", "Shift Z"; empty where it has no key. */
  keys: string
  /** As the browser tells it. */
  key?: string
  run: () => void
}

/** Whether a key belongs to what is being typed or chosen rather than to the bench. */
export function isTyping(event: KeyboardEvent): boolean {
  const target = event.target
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable ||
      ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName) ||
      target.closest('dialog') !== null)
  )
}

/** Runs what a key stands for; says whether it stood for anything. */
export function press(event: KeyboardEvent, doings: readonly Doing[]): boolean {
  if (isTyping(event) || event.altKey || event.ctrlKey || event.metaKey) return false
  const doing = doings.find((candidate) => candidate.key === event.key)
  if (!doing) return false
  event.preventDefault()
  doing.run()
  return true
}
