import type { Scene, Build } from '../words/documents'
import { bladePart } from '../lure/paint'
import type { Pace } from '../words/vocabulary'
import { round } from '../words/round'
import { capital } from '../words/words'
import { partName } from './partName'

/** Shares of the time as one says them, each from the one before it on. */
const SHARES = [
  [0.12, 'a tenth of the time'],
  [0.185, 'a sixth of the time'],
  [0.225, 'a fifth of the time'],
  [0.29, 'a quarter of the time'],
  [0.42, 'a third of the time'],
  [1, 'half of the time'],
] as const

const ofTheTime = (share: number) => SHARES.find(([most]) => share < most)?.[1] ?? 'all of the time'
/** A flash that is less than this much above the dull blade is none. */
const LEAST = 0.1

/** What the blades of a lure do when it is worked, a sentence each: how they flash, and how fast they turn. */
export function flashWords(build: Build, scene: Scene, pace: Pace): string[] {
  return build.blades.flatMap((blade, i) => {
    const part = bladePart(scene, blade)
    const turns = build.measures.blades[i]?.turns_per_s[pace]
    const name = build.blades.length > 1 ? capital(partName(part)) : 'The blade'
    const how =
      turns === undefined
        ? ''
        : `${blade.shape === 'bladed_jig' ? 'swings' : 'turns'} ${round(turns, 0)} times a second`
    if (!part?.flash) return how ? [`${name} ${how}.`] : []
    const { peak, mean, share } = part.flash
    const times = (contrast: number) => `${round(contrast + 1, contrast + 1 < 10 ? 1 : 0)} times`
    const flash =
      share >= 1 || peak - mean < LEAST
        ? `no flash under this sky, ${times(peak)} as bright as the water all around`
        : `a flash ${times(peak)} as bright as the water, ${ofTheTime(share)}; on average ${times(mean)}`
    return [`${name}${how ? ` ${how}` : ''}: ${flash}.`]
  })
}
