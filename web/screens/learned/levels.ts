import { timeWords } from '../../words/clock'
import { SUN_BAND_LABELS, type Factor } from '../../words/logbook'
import type { Tint } from '../../words/vocabulary'
import { capital, ouncesOf, show, tintWords, weight } from '../../words/words'

/** A level of a factor, as it is called on screen. */
export function levelWords(factor: Factor, level: string, metric: boolean): string {
  switch (factor) {
    case 'hour':
      return `${timeWords(`${level}:00`)} to ${timeWords(`${Number(level) + 1}:00`)}`
    case 'sun':
      return capital(SUN_BAND_LABELS[level] ?? level)
    case 'tint':
      return capital(tintWords(level as Tint))
    case 'weight': {
      const ounces = ouncesOf(level)
      return ounces === null ? capital(show(level)) : weight(ounces, metric)
    }
    default:
      return capital(show(level))
  }
}
