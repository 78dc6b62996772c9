import type { Advice, CurrentReading, Release, Settings } from '../words/documents'

/** What the server sent along with the page. */
export interface First {
  settings: { document: Settings; version: number }
  current: { document: CurrentReading; version: number } | null
  advice: Advice | null
  /** When the server said it. */
  at: string
  /** Whether the logbook has something to say. */
  news: boolean
  /** Which program this is. */
  release: Release
}

/** Read once: after that it would be old. */
export function takeFirst(): First | null {
  const element = document.getElementById('first')
  element?.remove()
  return element?.textContent ? (JSON.parse(element.textContent) as First) : null
}
