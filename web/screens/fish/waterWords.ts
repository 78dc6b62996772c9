import type { Tint } from '../../words/vocabulary'
import { tintWords, waterLength } from '../../words/words'
import type { ByEye } from './seen'

/** A water by eye, in a line: "12 in, clay-stained water"; without the tint where that is as it was. */
export const waterWords = (water: ByEye, metric: boolean, was?: Tint): string =>
  [waterLength(water.visibility_in, metric), ...(water.tint === was ? [] : [tintWords(water.tint)])].join(', ')
