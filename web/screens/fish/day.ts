import type { Light } from '../../words/documents'
import { minutesOf, timeOf, timeWords } from '../../words/clock'

/** The light of a day is told by the quarter hour, minutes. */
export const QUARTER = 15

/** The full hours of a stretch of the day, minutes after midnight. */
export const hoursOf = (from: number, to: number): number[] =>
  Array.from({ length: 25 }, (_, hour) => hour * 60).filter((at) => at >= from && at <= to)

/** A full hour on a scale, which has no room for minutes: “7 AM”. */
export const hourWords = (at: number): string => timeWords(timeOf(at)).replace(':00', '')

/** What may be overhead in the quarter hour of a minute, the likeliest first. */
export const lightsAt = (light: readonly Light[], minute: number): Light[] =>
  light
    .filter((one) => minutesOf(one.at) <= minute && minute < minutesOf(one.at) + QUARTER)
    .toSorted((a, b) => b.chance - a.chance)

/** The quarter hours of a day that something is known of, minutes after midnight. */
export const quartersOf = (light: readonly Light[]): number[] => [...new Set(light.map((one) => one.at))].map(minutesOf)
