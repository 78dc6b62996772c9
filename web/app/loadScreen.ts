import type { wrap } from 'svelte-spa-router/wrap'
import type { ScreenName } from './help'

type Load = NonNullable<Parameters<typeof wrap>[0]['asyncComponent']>

/** Where each screen's own script is; each is loaded when it is first opened. */
export const LOADS: Record<ScreenName, Load> = {
  Reading: () => import('../screens/reading/Reading.svelte'),
  Advice: () => import('../screens/advice/Advice.svelte'),
  Bench: () => import('../screens/bench/Bench.svelte'),
  'Build sheet': () => import('../screens/build-sheet/BuildSheet.svelte'),
  Parts: () => import('../screens/parts/Parts.svelte'),
  Rules: () => import('../screens/rules/Rules.svelte'),
  Logbook: () => import('../screens/logbook/Logbook.svelte'),
  'On the water': () => import('../screens/outing/OnWater.svelte'),
  Outing: () => import('../screens/outing/EditOuting.svelte'),
  Trips: () => import('../screens/trip/Trips.svelte'),
  'Trip card': () => import('../screens/trip/TripCard.svelte'),
  Settings: () => import('../screens/settings/Settings.svelte'),
  'Batch build': () => import('../screens/build-sheet/Batch.svelte'),
  Chart: () => import('../screens/chart/Chart.svelte'),
  'Colors by depth': () => import('../screens/depths/Depths.svelte'),
  'How to measure visibility': () => import('../screens/visibility/Visibility.svelte'),
  'Page not found': () => import('../screens/not-found/NotFound.svelte'),
}

export const PATHS: Record<ScreenName, string> = {
  Reading: '/',
  Advice: '/advice',
  Bench: '/bench',
  'Build sheet': '/build-sheet',
  Parts: '/parts',
  Rules: '/rules/:id?',
  Logbook: '/logbook/:part?',
  'On the water': '/on-the-water/:id?',
  Outing: '/outing/:id',
  Trips: '/trips/:id?',
  'Trip card': '/trip-card/:id',
  Settings: '/settings',
  'Batch build': '/batch',
  Chart: '/chart',
  'Colors by depth': '/depths',
  'How to measure visibility': '/visibility',
  'Page not found': '*',
}

/** The address of a screen without what may follow. */
export const plain = (path: string) => path.replace(/\/:.*$/, '')

/** Begins to load the screen at an address. */
export async function loadScreen(hash: string): Promise<void> {
  const path = hash.replace(/^#/, '').replace(/\?.*$/, '') || '/'
  const isAt = (place: string) => path === place || (place !== '/' && path.startsWith(`${place}/`))
  const found = (Object.keys(PATHS) as ScreenName[]).find((name) => isAt(plain(PATHS[name])))
  // What cannot be loaded is told by the router, which asks for it again.
  if (found) await LOADS[found]().catch(() => undefined)
}
