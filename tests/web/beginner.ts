import { dueOf, type Given } from '../../web/screens/learned/practice/schedule'

/**
 * A beginner who practices ten waters an evening. Each water is decided by one fact. Who knows it answers right; who does not, right once
 * in so many times by chance. A fact is known after it was seen twice. It is forgotten by a half-life that doubles each time it is seen
 * again while it is known.
 */

const DAY_MS = 86_400_000
export const HALF_LIFE_DAYS = 3
/** As many as decide picks of the rulebook. */
const FACTS = 81
const A_SESSION = 10
/** Right by chance: so that a beginner begins at forty of a hundred. */
const BY_CHANCE = 0.4
const GOAL = 0.85
const MOST_SESSIONS = 200
const START = Date.UTC(2026, 10, 1, 20)

/** Numbers that look random and are the same for a seed: mulberry32, a public domain generator. */
export function dice(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = state
    t = Math.imul(t ^ (t >>> 15), t | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296
  }
}

interface Memory {
  seen: number
  last: number
  halfLife: number
}

/** The chance that a fact is still known. */
function known(memory: Memory | undefined, now: number): number {
  if (!memory || memory.seen < 2) return 0
  return 2 ** (-(now - memory.last) / DAY_MS / memory.halfLife)
}

function see(memory: Memory | undefined, now: number, isKnown: boolean): Memory {
  if (!memory) return { seen: 1, last: now, halfLife: HALF_LIFE_DAYS }
  return { seen: memory.seen + 1, last: now, halfLife: isKnown ? 2 * memory.halfLife : memory.halfLife }
}

type Choose = (given: readonly Given[], facts: readonly string[], now: Date, roll: () => number) => string[]

/** What is asked in one evening: what is due first, then what was never asked, then what comes due next. */
export const scheduled: Choose = (given, facts, now, roll) => {
  const due = dueOf(given)
  const asked = new Set(due.map((one) => one.card))
  const fresh = shuffled(
    facts.filter((fact) => !asked.has(fact)),
    roll,
  )
  const ready = due.filter((one) => one.due <= now).map((one) => one.card)
  const later = due.filter((one) => one.due > now).map((one) => one.card)
  return [...ready, ...fresh, ...later].slice(0, A_SESSION)
}

export const atRandom: Choose = (_given, facts, _now, roll) =>
  Array.from({ length: A_SESSION }, () => facts[Math.floor(roll() * facts.length)] ?? '')

function shuffled(facts: readonly string[], roll: () => number): string[] {
  return facts
    .map((fact) => [roll(), fact] as const)
    .toSorted(([a], [b]) => a - b)
    .map(([, fact]) => fact)
}

/** So many questions until new waters are answered right as often as is wished for; the first share of right ones beside it. */
export function questionsTo(choose: Choose, seed: number): { questions: number; began: number } {
  const roll = dice(seed)
  const facts = Array.from({ length: FACTS }, (_, i) => `F${i}`)
  const memories = new Map<string, Memory>()
  const given: Given[] = []
  const onNewWaters = (now: number) =>
    facts.reduce((sum, fact) => {
      const p = known(memories.get(fact), now)
      return sum + p + (1 - p) * BY_CHANCE
    }, 0) / facts.length
  const began = onNewWaters(START)
  for (let session = 0; session < MOST_SESSIONS; session++) {
    const evening = START + session * DAY_MS
    for (const [i, fact] of choose(given, facts, new Date(evening), roll).entries()) {
      const now = evening + i * 30_000
      const isKnown = roll() < known(memories.get(fact), now)
      const right = isKnown || roll() < BY_CHANCE
      memories.set(fact, see(memories.get(fact), now, isKnown))
      given.push({ card: fact, right, at: new Date(now).toISOString() })
    }
    if (onNewWaters(evening + DAY_MS) >= GOAL) return { questions: given.length, began }
  }
  return { questions: Infinity, began }
}

export const median = (numbers: readonly number[]): number => {
  const sorted = numbers.toSorted((a, b) => a - b)
  return ((sorted[Math.floor((sorted.length - 1) / 2)] ?? 0) + (sorted[Math.ceil((sorted.length - 1) / 2)] ?? 0)) / 2
}
