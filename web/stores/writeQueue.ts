/** Writes of one thing, one after the other: each names the version that the last one made, so two at once would refuse each other. */
export class WriteQueue {
  #last: Promise<unknown> = Promise.resolve()

  /** Runs the write when those before it are done, whether they went well or not; fails only as this one does. */
  add(write: () => Promise<unknown>): Promise<void> {
    const mine = this.#last.then(write)
    this.#last = mine.catch(() => undefined)
    return mine.then(() => undefined)
  }
}
