import { isTyping } from '../../ui/typing'

/** Something the bench can do, by name and by key. */
export interface Command {
  name: string
  /** As shown: "→"; empty where it has no key. */
  keys: string
  /** As the browser tells it. */
  key?: string
  run: () => unknown
}

/** Runs what a key stands for; says whether it stood for anything. */
export function press(event: KeyboardEvent, commands: readonly Command[]): boolean {
  if (event.defaultPrevented || isTyping(event)) return false
  const command = commands.find((candidate) => candidate.key === event.key)
  if (!command) return false
  event.preventDefault()
  command.run()
  return true
}
