import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { dueOf, firstOf, type Given } from '../../web/screens/learned/practice/schedule'
import { atRandom, median, questionsTo, scheduled } from './beginner'

const NOON = Date.UTC(2026, 10, 20, 12)
const DAY_MS = 86_400_000
const at = (days: number) => new Date(NOON + days * DAY_MS).toISOString()
const right = (card: string, days: number): Given => ({ card, right: true, at: at(days) })
const missed = (card: string, days: number): Given => ({ card, right: false, at: at(days) })
const days = (given: readonly Given[], card: string) =>
  ((dueOf(given)
    .find((one) => one.card === card)
    ?.due.getTime() ?? NaN) -
    NOON) /
  DAY_MS

const anyAnswer = fc.record({
  card: fc.constantFrom('A1', 'B8', 'M5', 'T5'),
  right: fc.boolean(),
  at: fc.integer({ min: 0, max: 400 }).map((hours) => at(hours / 24)),
})

describe('when a fact is asked for again', () => {
  test('what was missed comes again soonest, and what is known at growing intervals', () => {
    const given = [right('B8', 0), missed('M5', 0)]
    expect(dueOf(given).map((one) => one.card)).toEqual(['M5', 'B8'])
    const known = [right('B8', 0), right('B8', 1), right('B8', 5)]
    const gaps = known.map((_, i) => days(known.slice(0, i + 1), 'B8') - ([0, 1, 5][i] ?? 0))
    expect(gaps[1]).toBeGreaterThan(gaps[0] ?? 0)
    expect(gaps[2]).toBeGreaterThan(gaps[1] ?? 0)
    expect(dueOf([missed('B8', 0), missed('B8', 1)])[0]?.missed).toBe(2)
  })

  test('two devices that gave answers while apart come to the same, in whatever order they are sent', () => {
    fc.assert(
      fc.property(fc.array(anyAnswer, { maxLength: 20 }), fc.array(anyAnswer, { maxLength: 20 }), (phone, desk) => {
        // Answers of one moment to one card stand in the order of the list: each moment is one's own.
        const given = [...phone, ...desk].map((one, i) => ({
          ...one,
          at: new Date(Date.parse(one.at) + i * 1000).toISOString(),
        }))
        const [mine, theirs] = [given.slice(0, phone.length), given.slice(phone.length)]
        expect(dueOf([...theirs, ...mine])).toEqual(dueOf([...mine, ...theirs]))
      }),
    )
  })

  test('it goes through storage and comes out the same', () => {
    fc.assert(
      fc.property(fc.array(anyAnswer, { maxLength: 30 }), (given) => {
        expect(dueOf(JSON.parse(JSON.stringify(given)) as Given[])).toEqual(dueOf(given))
      }),
    )
  })

  test('a clock that was put back, or runs ahead, breaks nothing', () => {
    fc.assert(
      fc.property(
        fc.array(anyAnswer, { minLength: 1, maxLength: 20 }),
        fc.integer({ min: -400, max: 400 }),
        (given, hours) => {
          const [first = right('B8', 0)] = given
          const odd = [...given, { ...first, at: at(hours / 24) }]
          for (const one of dueOf(odd)) expect(Number.isFinite(one.due.getTime())).toBe(true)
          // The same moment twice, as where summer time ends.
          expect(() => dueOf([first, first])).not.toThrow()
        },
      ),
    )
  })

  test('what is due comes first, then what was never asked; what is not due waits', () => {
    const given = [right('B8', -30), right('B8', -29), missed('M5', -1), right('T5', 0), right('T5', 0.01)]
    const first = firstOf(given, ['A1', 'B8', 'M5', 'T5'], new Date(NOON + 1000))
    expect(first.at(-1)).toBe('A1')
    expect(first).toContain('M5')
    expect(first).not.toContain('T5')
  })
})

/** A part of the seeds: all two hundred are run by `./kontrast simulate beginner`. */
const SEEDS = Number(process.env.KONTRAST_BEGINNER_SEEDS ?? 12)
const PATIENCE_MS = 180_000

test(
  'a beginner gets from 40 to 85 of 100 in a fifth fewer questions than in random order',
  () => {
    const seeds = Array.from({ length: SEEDS }, (_, i) => 1000 + i)
    const by = (choose: typeof scheduled) => seeds.map((seed) => questionsTo(choose, seed))
    const [withIt, without] = [by(scheduled), by(atRandom)]
    for (const one of withIt) expect(one.began).toBeCloseTo(0.4)
    const [mine, random] = [median(withIt.map((one) => one.questions)), median(without.map((one) => one.questions))]
    console.log(`Beginner: ${mine} questions with the schedule, ${random} in random order (median of ${SEEDS}).`)
    expect(mine).toBeLessThanOrEqual(0.8 * random)
  },
  PATIENCE_MS,
)
