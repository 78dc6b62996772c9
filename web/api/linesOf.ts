/** The lines of an answer as they come. */
export async function* linesOf(body: ReadableStream<Uint8Array>): AsyncGenerator<string> {
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
