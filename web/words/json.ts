/** What a text says as JSON, of which nothing is known yet; null where it is none. */
export function jsonIn(text: string | null | undefined): unknown {
  try {
    return JSON.parse(text ?? 'null')
  } catch {
    return null
  }
}
