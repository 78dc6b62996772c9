import type { Settings } from '../words/documents'

/** Shows the page in a theme; without one, as the device has it. */
export function showTheme(theme: Settings['theme']): void {
  const { dataset } = document.documentElement
  if (!theme || theme === 'system') delete dataset.theme
  else dataset.theme = theme
}
