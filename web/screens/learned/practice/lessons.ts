import type { PracticeRequest } from '../../../words/documents'

export type Lesson = PracticeRequest['lesson']

/** What can be practiced: what it asks, and what one learns by it. */
export const LESSONS: readonly { key: Lesson; title: string; learns: string; count: number }[] = [
  { key: 'tie', title: 'Which would you tie?', learns: 'A water nobody has fished. Build a lure for it.', count: 10 },
  {
    key: 'seeing',
    title: 'Which one stands out?',
    learns: 'Two lures, one water. Which does a bass make out from farther?',
    count: 6,
  },
  {
    key: 'visibility',
    title: 'How far can you see?',
    learns: 'A stick fades as it goes down. Guess the visibility.',
    count: 10,
  },
  {
    key: 'mistake',
    title: 'What is wrong here?',
    learns: 'One thing in a lure or a day is wrong. Find it.',
    count: 10,
  },
]
