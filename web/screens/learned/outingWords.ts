import type { OutingSummary } from '../../words/documents'
import { count, number } from '../../words/numbers'
import { round } from '../../words/round'
import { list, partLength } from '../../words/words'

/** What an outing came to: its hours, its bites and fish, the longest, and what was tied on. */
export const outingWords = (one: OutingSummary, metric: boolean): string =>
  [
    `${number(round(one.hours, 1))} h`,
    count(one.bites, 'bite'),
    `${number(one.fish)} landed`,
    ...(one.follows > 0 ? [count(one.follows, 'follow')] : []),
    ...(one.longest_in ? [`longest ${partLength(one.longest_in, metric)}`] : []),
    ...(one.lures.length > 0 ? [list(one.lures)] : []),
  ].join(' · ')
