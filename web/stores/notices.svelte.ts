export interface Notice {
  id: number
  text: string
  problem: boolean
  undo?: () => void | Promise<void>
}

const SHOWN_MS = 8000

/** What the program has to say in passing: done and can be undone, or did not work and why. */
class Notices {
  list = $state<Notice[]>([])
  #next = 1

  say(text: string, undo?: Notice['undo']): void {
    this.#add({ id: this.#next++, text, problem: false, undo })
  }

  problem(error: unknown): void {
    const text = error instanceof Error ? error.message : String(error)
    this.#add({ id: this.#next++, text: text || 'The program did not answer. Is it still running?', problem: true })
  }

  dismiss(id: number): void {
    this.list = this.list.filter((notice) => notice.id !== id)
  }

  #add(notice: Notice): void {
    this.list = [...this.list.slice(-2), notice]
    setTimeout(() => this.dismiss(notice.id), SHOWN_MS)
  }
}

export const notices = new Notices()
