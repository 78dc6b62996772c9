/** Whether a key belongs to what is being typed, chosen or pressed, rather than to the screen. */
export function isTyping(event: KeyboardEvent): boolean {
  const { target } = event
  if (event.altKey || event.ctrlKey || event.metaKey) return true
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable ||
      ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName) ||
      target.closest('dialog, [role=dialog], [role=tablist], [role=listbox]') !== null)
  )
}
