/**
 * Asks for work that takes long, and yields what is told of it, step by step; whoever aborts cancels it.
 *
 * @throws Error with a sentence where it cannot be begun or breaks off
 */
export async function* progressOf<Step extends object>(
  path: string,
  body: object,
  signal: AbortSignal,
): AsyncGenerator<Step> {
  const response = await fetch(path, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
    signal,
  })
  if (!response.ok || !response.body)
    throw new Error(((await response.json()) as { detail?: string }).detail ?? response.statusText)
  for await (const line of linesOf(response.body)) {
    const step = JSON.parse(line) as Step & { problem?: string }
    if (step.problem) throw new Error(step.problem)
    yield step as Awaited<Step>
  }
}

/** The lines of an answer as they come. */
async function* linesOf(body: ReadableStream<Uint8Array>): AsyncGenerator<string> {
  const reader = body.getReader()
  const decoder = new TextDecoder()
  let rest = ''
  for (;;) {
    const { value, done: ended } = await reader.read()
    rest += decoder.decode(value, { stream: !ended })
    const parts = rest.split('\n')
    rest = parts.pop() ?? ''
    yield* parts.filter(Boolean)
    if (ended) {
      if (rest) yield rest
      return
    }
  }
}
