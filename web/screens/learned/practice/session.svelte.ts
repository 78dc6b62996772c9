import type { PracticeAnswer, PracticeSession } from '../../../words/documents'
import { anySeed, keepForLater, keptForLater, makeUp, practice as writes } from '../../../data/practice'
import type { Lesson } from './lessons'

/** So many questions are made up ahead of the one that is asked, and kept for where there is no signal. (Chosen.) */
const AHEAD = 1
const KEPT = 10

/** Some questions of one lesson, one after another: the next is made up while one is answered. */
export class Session {
  /** Those made up so far, in their order. */
  made = $state.raw<readonly PracticeSession[]>([])
  at = $state(0)
  /** What was answered, in this session. */
  right = $state(0)
  error = $state.raw<unknown>(null)
  /** None where its questions came with a file, which has no server to ask, or to tell. */
  #seed: number | null
  #isMaking = false
  #first: string[]

  constructor(
    readonly lesson: Lesson,
    readonly count: number,
    first: readonly string[],
    private readonly owned: boolean,
    seed: number | null = anySeed(),
  ) {
    this.#seed = seed
    this.#first = [...first]
    void this.make()
  }

  /** Questions that are there already, all of them. */
  static of(lesson: Lesson, made: readonly PracticeSession[]): Session {
    const session = new Session(lesson, made.length, [], false, null)
    session.made = made
    return session
  }

  get now(): PracticeSession | undefined {
    return this.made[this.at]
  }

  get isOver(): boolean {
    return this.at >= this.count
  }

  async make(): Promise<void> {
    if (this.#isMaking || this.#seed === null) return
    this.#isMaking = true
    this.error = null
    try {
      while (this.made.length < Math.min(this.count, this.at + 1 + AHEAD)) {
        const asked = { lesson: this.lesson, seed: this.#seed++, count: 1, first: this.#first, owned: this.owned }
        const one = await makeUp(asked)
        const card = one.waters?.[0]?.card ?? one.flawed?.[0]?.card
        this.#first = this.#first.filter((other) => other !== card)
        this.made = [...this.made, one]
      }
    } catch (error) {
      if (!this.now) this.error = error
    }
    this.#isMaking = false
    if (!this.isOver && this.made.length < this.count && !this.error) void this.#keepSome()
  }

  next(): void {
    this.at++
    void this.make()
  }

  async give(given: Omit<PracticeAnswer, 'id' | 'at' | 'lesson'>): Promise<void> {
    if (given.right) this.right++
    if (this.#seed === null) return
    await writes.add({ lesson: this.lesson, ...given })
  }

  /** Questions for where there is no signal, one now and then: what is made up costs the server about a second. */
  async #keepSome(): Promise<void> {
    // Pictures of lures in their water are heavy, and what is told by them is not what a phone is taken along for.
    if (this.owned || this.lesson === 'seeing' || (await keptForLater(this.lesson)) >= KEPT) return
    try {
      const asked = { lesson: this.lesson, seed: anySeed(), count: 1, first: [], owned: false }
      await keepForLater(this.lesson, await makeUp(asked))
    } catch {
      // Where nothing can be asked there is nothing to keep.
    }
  }
}
