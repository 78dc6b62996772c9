import { createEmptyCard, fsrs, Rating, type Card } from 'ts-fsrs'

/** When each fact is asked for again: worked out anew from all the answers, so that two devices that gave some each come to the same. */

export interface Given {
  card?: string | null | undefined
  right: boolean
  at?: string | null | undefined
}

export interface Due {
  card: string
  due: Date
  /** How many times it was missed. */
  missed: number
}

// Without chance in it: the same answers come to the same days everywhere.
const scheduler = fsrs({ enable_fuzz: false, enable_short_term: true })

/** Every card that was answered, the one that is due first at first. */
export function dueOf(given: readonly Given[]): Due[] {
  const cards = new Map<string, { card: Card; missed: number }>()
  const inOrder = given
    .flatMap((one) => (one.card && one.at ? [{ name: one.card, right: one.right, at: new Date(one.at) }] : []))
    .toSorted((a, b) => a.at.getTime() - b.at.getTime())
  for (const { name, right, at } of inOrder) {
    const known = cards.get(name)
    // A clock that was put back gave two answers at one moment.
    const last = known?.card.last_review
    const when = last && last > at ? last : at
    const { card } = scheduler.next(known?.card ?? createEmptyCard(when), when, right ? Rating.Good : Rating.Again)
    cards.set(name, { card, missed: (known?.missed ?? 0) + (right ? 0 : 1) })
  }
  return [...cards]
    .map(([card, one]) => ({ card, due: one.card.due, missed: one.missed }))
    .toSorted((a, b) => a.due.getTime() - b.due.getTime() || a.card.localeCompare(b.card))
}

/** What is asked for first: what is due, what was missed soonest; then what was never asked. What is not due yet is left out. */
export function firstOf(given: readonly Given[], all: readonly string[], now: Date): string[] {
  const due = dueOf(given)
  const known = new Set(due.map((one) => one.card))
  return [...due.filter((one) => one.due <= now).map((one) => one.card), ...all.filter((card) => !known.has(card))]
}
