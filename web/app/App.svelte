<script lang="ts">
  import { QueryClient, QueryClientProvider } from '@tanstack/svelte-query'
  import BookOpen from '@lucide/svelte/icons/book-open'
  import ClipboardList from '@lucide/svelte/icons/clipboard-list'
  import Fish from '@lucide/svelte/icons/fish'
  import ListChecks from '@lucide/svelte/icons/list-checks'
  import Package from '@lucide/svelte/icons/package'
  import Ruler from '@lucide/svelte/icons/ruler'
  import SlidersHorizontal from '@lucide/svelte/icons/sliders-horizontal'
  import Wrench from '@lucide/svelte/icons/wrench'
  import Router, { router } from 'svelte-spa-router'
  import Notices from '../ui/Notices.svelte'
  import Trouble from '../ui/Trouble.svelte'
  import TwoVersions from '../ui/TwoVersions.svelte'
  import Advice from '../screens/advice/Advice.svelte'
  import Bench from '../screens/bench/Bench.svelte'
  import Parts from '../screens/parts/Parts.svelte'
  import Depths from '../screens/depths/Depths.svelte'
  import Logbook from '../screens/logbook/Logbook.svelte'
  import Rules from '../screens/rules/Rules.svelte'
  import Reading from '../screens/reading/Reading.svelte'
  import Batch from '../screens/build-sheet/Batch.svelte'
  import BuildSheet from '../screens/build-sheet/BuildSheet.svelte'
  import Settings from '../screens/settings/Settings.svelte'
  import { conflicts } from '../stores/conflicts.svelte'
  import { currentReading } from '../stores/currentReading.svelte'
  import { settings } from '../stores/settings.svelte'

  const client = new QueryClient()
  const routes = {
    '/': Reading,
    '/advice': Advice,
    '/bench': Bench,
    '/parts': Parts,
    '/build-sheet': BuildSheet,
    '/batch': Batch,
    '/depths': Depths,
    '/rules/:id?': Rules,
    '/logbook': Logbook,
    '/settings': Settings,
  }
  /** The way from the water to the lure. */
  const primaryNav = [
    { path: '/', name: 'Reading', picture: Ruler },
    { path: '/advice', name: 'Advice', picture: Fish },
    { path: '/bench', name: 'Bench', picture: Wrench },
    { path: '/build-sheet', name: 'Sheet', picture: ClipboardList },
    { path: '/parts', name: 'Bin', picture: Package },
  ]
  /** What stands beside it. */
  const secondaryNav = [
    { path: '/rules', name: 'Rulebook', picture: ListChecks },
    { path: '/logbook', name: 'Notebook', picture: BookOpen },
    { path: '/settings', name: 'Settings', picture: SlidersHorizontal },
  ]
  const isAt = (path: string) =>
    router.location === path || (path !== '/' && router.location.startsWith(`${path}/`)) ? 'page' : undefined
  const started = Promise.all([settings.load(), currentReading.load()])
</script>

<QueryClientProvider {client}>
  <a class="bg-base-100 sr-only z-50 p-3 focus:not-sr-only focus:fixed" href="#main">Skip to the page</a>
  <header
    class="print:hidden border-base-content mx-auto flex max-w-7xl items-center justify-between gap-6 border-b px-4 sm:px-6"
  >
    <a class="flex min-h-12 items-center gap-2.5" href="#/">
      <svg class="h-7 w-7" viewBox="0 0 32 32" aria-hidden="true">
        <path d="M16 3a13 13 0 0 0 0 26z" fill="currentColor" />
        <path d="M16 3a13 13 0 0 1 0 26" fill="none" stroke="currentColor" stroke-width="2" />
        <path d="M16 8h4M16 12h7M16 16h4M16 20h7M16 24h4" stroke="currentColor" stroke-width="1.6" />
      </svg>
      <span class="text-lg font-extrabold">Kontrast</span>
    </a>
    <div class="flex items-stretch">
      <nav
        class={[
          'border-base-content bg-base-100 fixed inset-x-0 bottom-0 z-40 flex border-t',
          'pb-[env(safe-area-inset-bottom)] sm:static sm:border-0 sm:pb-0',
        ]}
        aria-label="Screens"
      >
        {#each primaryNav as place (place.path)}
          <a
            class={[
              'aria-[current=page]:bg-primary aria-[current=page]:text-primary-content flex min-h-14 flex-1',
              'flex-col items-center justify-center gap-0.5 text-xs font-semibold sm:min-h-12 sm:flex-row sm:gap-2',
              'sm:px-3 sm:text-sm',
            ]}
            href="#{place.path}"
            aria-current={isAt(place.path)}
          >
            <place.picture size={18} aria-hidden="true" />
            {place.name}
          </a>
        {/each}
      </nav>
      <nav class="sm:border-rule flex sm:border-l" aria-label="More">
        {#each secondaryNav as place (place.path)}
          <a
            class={[
              'aria-[current=page]:bg-primary aria-[current=page]:text-primary-content flex min-h-12 min-w-12',
              'items-center justify-center gap-2 text-sm font-semibold lg:px-3',
            ]}
            href="#{place.path}"
            aria-current={isAt(place.path)}
          >
            <place.picture size={18} aria-hidden="true" />
            <span class="sr-only lg:not-sr-only">{place.name}</span>
          </a>
        {/each}
      </nav>
    </div>
  </header>
  <main id="main" class="mx-auto max-w-7xl px-4 pt-5 pb-24 sm:px-6 sm:pb-10">
    {#await started}
      <p role="status">Opening…</p>
    {:then}
      <Router {routes} />
    {:catch error}
      <Trouble {error} />
    {/await}
  </main>
  <Notices />
  {#if conflicts.open}<TwoVersions conflict={conflicts.open} />{/if}
</QueryClientProvider>
