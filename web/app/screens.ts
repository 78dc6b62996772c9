import CalendarDays from '@lucide/svelte/icons/calendar-days'
import BookOpen from '@lucide/svelte/icons/book-open'
import ClipboardList from '@lucide/svelte/icons/clipboard-list'
import Fish from '@lucide/svelte/icons/fish'
import ListChecks from '@lucide/svelte/icons/list-checks'
import Package from '@lucide/svelte/icons/package'
import Ruler from '@lucide/svelte/icons/ruler'
import SlidersHorizontal from '@lucide/svelte/icons/sliders-horizontal'
import Waves from '@lucide/svelte/icons/waves'
import Wrench from '@lucide/svelte/icons/wrench'
import { wrap, type WrappedComponent } from 'svelte-spa-router/wrap'
import type { ScreenName } from './help'
import { LOADS, PATHS, plain } from './loadScreen'

interface Place {
  name: ScreenName
  path: string
  picture: typeof Ruler
}

const place = (name: ScreenName, picture: typeof Ruler): Place => ({ name, path: plain(PATHS[name]), picture })

/** The way from the water to the lure. */
export const PRIMARY = [
  place('Reading', Ruler),
  place('Advice', Fish),
  place('Bench', Wrench),
  place('Build sheet', ClipboardList),
  place('Parts', Package),
]
/** What stands beside it. */
export const SECONDARY = [
  place('On the water', Waves),
  place('Trips', CalendarDays),
  place('Rules', ListChecks),
  place('Logbook', BookOpen),
  place('Settings', SlidersHorizontal),
]

export const ROUTES: Record<string, WrappedComponent> = Object.fromEntries(
  (Object.keys(PATHS) as ScreenName[]).map((name) => [
    PATHS[name],
    wrap({ asyncComponent: LOADS[name], userData: { name } }),
  ]),
)
