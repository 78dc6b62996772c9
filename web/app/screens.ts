import ChartColumn from '@lucide/svelte/icons/chart-column'
import Fish from '@lucide/svelte/icons/fish'
import Package from '@lucide/svelte/icons/package'
import Spool from '@lucide/svelte/icons/spool'
import Waves from '@lucide/svelte/icons/waves'
import { wrap, type WrappedComponent } from 'svelte-spa-router/wrap'
import type { PlaceName, ScreenName } from '../words/help'
import { plain, SCREENS } from './loadScreen'

const place = (name: PlaceName, picture: typeof Waves) => ({ name, path: plain(SCREENS[name].path), picture })

/** The way from the water to the lure, to the lake, and home. */
export const PLACES = [
  place('Water', Waves),
  place('Tie', Spool),
  place('Box', Package),
  place('Fish', Fish),
  place('Learned', ChartColumn),
]

export const ROUTES: Record<string, WrappedComponent> = Object.fromEntries(
  (Object.keys(SCREENS) as ScreenName[]).map((name) => [
    SCREENS[name].path,
    wrap({ asyncComponent: SCREENS[name].load, userData: { name } }),
  ]),
)
