import BookOpen from '@lucide/svelte/icons/book-open'
import ClipboardList from '@lucide/svelte/icons/clipboard-list'
import Fish from '@lucide/svelte/icons/fish'
import ListChecks from '@lucide/svelte/icons/list-checks'
import Package from '@lucide/svelte/icons/package'
import Ruler from '@lucide/svelte/icons/ruler'
import SlidersHorizontal from '@lucide/svelte/icons/sliders-horizontal'
import Wrench from '@lucide/svelte/icons/wrench'
import { wrap, type WrappedComponent } from 'svelte-spa-router/wrap'
import type { ScreenName } from './help'

interface Screen {
  name: ScreenName
  path: string
  /** Each screen is loaded when it is first opened. */
  load: Parameters<typeof wrap>[0]['asyncComponent']
  /** In the bar of the main way, beside it, or reached from another screen. */
  nav: 'primary' | 'secondary' | null
  picture?: typeof Ruler
}

export const SCREENS: readonly Screen[] = [
  {
    name: 'Reading',
    path: '/',
    load: () => import('../screens/reading/Reading.svelte'),
    nav: 'primary',
    picture: Ruler,
  },
  {
    name: 'Advice',
    path: '/advice',
    load: () => import('../screens/advice/Advice.svelte'),
    nav: 'primary',
    picture: Fish,
  },
  {
    name: 'Bench',
    path: '/bench',
    load: () => import('../screens/bench/Bench.svelte'),
    nav: 'primary',
    picture: Wrench,
  },
  {
    name: 'Build sheet',
    path: '/build-sheet',
    load: () => import('../screens/build-sheet/BuildSheet.svelte'),
    nav: 'primary',
    picture: ClipboardList,
  },
  {
    name: 'Parts',
    path: '/parts',
    load: () => import('../screens/parts/Parts.svelte'),
    nav: 'primary',
    picture: Package,
  },
  {
    name: 'Rules',
    path: '/rules/:id?',
    load: () => import('../screens/rules/Rules.svelte'),
    nav: 'secondary',
    picture: ListChecks,
  },
  {
    name: 'Logbook',
    path: '/logbook',
    load: () => import('../screens/logbook/Logbook.svelte'),
    nav: 'secondary',
    picture: BookOpen,
  },
  {
    name: 'Settings',
    path: '/settings',
    load: () => import('../screens/settings/Settings.svelte'),
    nav: 'secondary',
    picture: SlidersHorizontal,
  },
  { name: 'Batch build', path: '/batch', load: () => import('../screens/build-sheet/Batch.svelte'), nav: null },
  { name: 'Colors by depth', path: '/depths', load: () => import('../screens/depths/Depths.svelte'), nav: null },
  { name: 'Page not found', path: '*', load: () => import('../screens/not-found/NotFound.svelte'), nav: null },
]

export const ROUTES: Record<string, WrappedComponent> = Object.fromEntries(
  SCREENS.map(({ path, load, name }) => [path, wrap({ asyncComponent: load, userData: { name } })]),
)

/** The address of a screen without what may follow. */
export const plain = (path: string) => path.replace(/\/:.*$/, '')
