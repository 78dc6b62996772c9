import type { wrap } from 'svelte-spa-router/wrap'
import type { PlaceName, ScreenName } from '../words/help'

type Load = NonNullable<Parameters<typeof wrap>[0]['asyncComponent']>

interface Screen {
  path: string
  /** The place that it belongs to. */
  place: PlaceName
  /** Its own script, loaded when it is first opened. */
  load: Load
}

export const SCREENS: Record<ScreenName, Screen> = {
  Water: { path: '/', place: 'Water', load: () => import('../screens/water/Water.svelte') },
  Tie: { path: '/tie/:tab?', place: 'Tie', load: () => import('../screens/tie/Tie.svelte') },
  Box: { path: '/box/:tab?', place: 'Box', load: () => import('../screens/box/Box.svelte') },
  Fish: { path: '/fish/:id?', place: 'Fish', load: () => import('../screens/fish/Trips.svelte') },
  'On the water': { path: '/on-the-water/:id?', place: 'Fish', load: () => import('../screens/fish/OnWater.svelte') },
  'Trip card': { path: '/trip-card/:id', place: 'Fish', load: () => import('../screens/fish/TripCard.svelte') },
  Learned: { path: '/learned/:part?', place: 'Learned', load: () => import('../screens/learned/Learned.svelte') },
  Outing: { path: '/outing/:id', place: 'Learned', load: () => import('../screens/fish/EditOuting.svelte') },
  Chart: { path: '/chart', place: 'Water', load: () => import('../screens/chart/Chart.svelte') },
  'How to measure visibility': {
    path: '/visibility',
    place: 'Water',
    load: () => import('../screens/visibility/Visibility.svelte'),
  },
  Settings: { path: '/settings/:part?', place: 'Settings', load: () => import('../screens/settings/Settings.svelte') },
  Rules: { path: '/rules/:id?', place: 'Settings', load: () => import('../screens/settings/Rules.svelte') },
  'Page not found': { path: '*', place: 'Water', load: () => import('../screens/not-found/NotFound.svelte') },
}
const NAMES = Object.keys(SCREENS) as ScreenName[]

/** The address of a screen without what may follow. */
export const plain = (path: string) => path.replace(/\/:.*$/, '')

/** The screen at a path. */
function screenAt(path: string): ScreenName {
  const isAt = (place: string) => path === place || (place !== '/' && path.startsWith(`${place}/`))
  return NAMES.find((name) => isAt(plain(SCREENS[name].path))) ?? 'Page not found'
}

/** The place that holds what is at a path. */
export const placeAt = (path: string): PlaceName => SCREENS[screenAt(path)].place

/** Begins to load the screen at an address. */
export async function loadScreen(hash: string): Promise<void> {
  // What cannot be loaded is told by the router, which asks for it again.
  await SCREENS[screenAt(hash.replace(/^#/, '').replace(/\?.*$/, '') || '/')].load().catch(() => undefined)
}
