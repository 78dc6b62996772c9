/** Something the angler can do about what a notice says. */
export interface NoticeAction {
  name: string
  run: () => unknown
}

export interface Notice {
  id: number
  text: string
  problem: boolean
  action: NoticeAction | null
}

type Show = (notice: Notice) => void
type Hide = (id: number) => void

/**
 * What the program has to say in passing. An error stays until it is dismissed; what was done can be undone until the next change, and says
 * so if that fails.
 */
class Notices {
  #next = 1
  /** What is shown of what was done; there is one at a time. */
  #done: number | null = null
  #problems = new Map<string, number>()
  #waiting: Notice[] = []
  #show: Show | null = null
  #hide: Hide = () => undefined

  /** The part of the page that shows them; until it is there they wait. */
  shownBy(show: Show, hide: Hide): void {
    this.#show = show
    this.#hide = hide
    for (const notice of this.#waiting.splice(0)) show(notice)
  }

  /** Whether the part of the page that shows them is needed. */
  isNeeded = $state(false)

  say(text: string, undo?: () => unknown, name = 'Undo'): void {
    this.changed()
    this.#done = this.#add(text, false, undo ? { name, run: undo } : null)
  }

  /** The same sentence is shown once, however often it is said. */
  problem(error: unknown, retry?: () => unknown): void {
    const text = error instanceof Error ? error.message : String(error)
    if (this.#problems.has(text)) return
    this.#problems.set(text, this.#add(text, true, retry ? { name: 'Try again', run: retry } : null))
  }

  /** Something else was changed, so that what was done before can no longer be undone from here. */
  changed(): void {
    if (this.#done !== null) this.#hide(this.#done)
    this.#done = null
  }

  dismissed(notice: Notice): void {
    if (this.#done === notice.id) this.#done = null
    if (this.#problems.get(notice.text) === notice.id) this.#problems.delete(notice.text)
  }

  async run(notice: Notice): Promise<void> {
    this.#hide(notice.id)
    this.dismissed(notice)
    try {
      await notice.action?.run()
    } catch (error) {
      this.problem(error)
    }
  }

  #add(text: string, problem: boolean, action: NoticeAction | null): number {
    const notice = { id: this.#next++, text, problem, action }
    this.isNeeded = true
    if (this.#show) this.#show(notice)
    else this.#waiting.push(notice)
    return notice.id
  }
}

export const notices = new Notices()
