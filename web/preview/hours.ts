import type { Reading } from '../words/documents'

/** Times of a day by the light they bring, from night to noon: what of a reading they change. */
interface Hour {
  says: string
  light: (reading: Reading) => Pick<Reading, 'sky' | 'sun_elevation_deg'>
}

/** Degrees above the horizon: a low sun, and the hours of a day. (Chosen.) */
const LOW_DEG = 8
const BY_DAY = [
  ['an hour up', 15],
  ['morning', 30],
  ['late morning', 50],
  ['noon in summer', 70],
] as const
/** What a reading means that says no height. */
const USUAL = 'late morning'

export const HOURS: readonly Hour[] = [
  { says: 'night', light: () => ({ sky: 'night', sun_elevation_deg: null }) },
  { says: 'sunup', light: () => ({ sky: 'low_sun', sun_elevation_deg: LOW_DEG }) },
  ...BY_DAY.map(([says, degrees]): Hour => ({
    says,
    light: ({ sky }) => ({ sky: sky === 'night' || sky === 'low_sun' ? 'sun' : sky, sun_elevation_deg: degrees }),
  })),
]

/** The one nearest to a reading's light. */
export function hourOf({ sky, sun_elevation_deg }: Reading): number {
  if (sky === 'night') return 0
  if (sky === 'low_sun') return 1
  const near = BY_DAY.toSorted(
    ([, one], [, other]) => Math.abs(one - (sun_elevation_deg ?? 0)) - Math.abs(other - (sun_elevation_deg ?? 0)),
  )
  const says = sun_elevation_deg === null || sun_elevation_deg === undefined ? USUAL : near[0]?.[0]
  return HOURS.findIndex((hour) => hour.says === says)
}
