<script lang="ts">
  import { QueryClientProvider } from '@tanstack/svelte-query'
  import CircleHelp from '@lucide/svelte/icons/circle-help'
  import { onMount, tick } from 'svelte'
  import Router, { router } from 'svelte-spa-router'
  import { loaded, whenQuiet } from '../api/busy'
  import { queryClient } from '../api/queryClient'
  import { waits } from '../offline/patience'
  import { reach } from '../offline/reach.svelte'
  import { hasLeftWaiting } from '../offline/waits'
  import { conflicts } from '../stores/conflicts.svelte'
  import { notices } from '../stores/notices.svelte'
  import { release } from '../stores/release.svelte'
  import { settings } from '../stores/settings.svelte'
  import Trouble from '../ui/Trouble.svelte'
  import type { ScreenName } from './help'
  import KeepAddress from './KeepAddress.svelte'
  import { PRIMARY, ROUTES, SECONDARY } from './screens'
  import { restoreScroll } from './scroll'
  import { isTyping } from './typing'
  import { start } from './start'
  import WhatIsNew from './WhatIsNew.svelte'

  const isAt = (path: string) =>
    router.location === path || (path !== '/' && router.location.startsWith(`${path}/`)) ? 'page' : undefined

  let started = $state.raw(start())
  let isReady = $state(false)
  let screen = $state<ScreenName>('Reading')
  let helps = $state(false)
  let isFirst = true
  let main = $state<HTMLElement>()

  /** A screen is shown as soon as all its answers are there, so that nothing moves under a thumb; at the latest after so long. (Chosen.) */
  const MOST_FILLING_MS = 4000
  /** These come with the page, or have a place for each answer. */
  const SHOWN_AT_ONCE: readonly string[] = ['/', '/advice']
  let filling = $state.raw<string | null>(null)
  $effect.pre(() => {
    const place = router.location
    filling = SHOWN_AT_ONCE.includes(place) ? null : place
  })

  /** A new screen says its name, and is where the next Tab goes on from. */
  async function opened(name: ScreenName) {
    const isSame = screen === name
    screen = name
    document.title = `${name} · Kontrast`
    await tick()
    if (!isSame || isFirst) restoreScroll()
    if (!isFirst && !isSame) main?.focus({ preventScroll: true })
    isFirst = false
    const place = router.location
    await whenQuiet(MOST_FILLING_MS)
    if (filling === place) filling = null
  }

  let isBegun = false

  async function beginOffline() {
    if (isBegun) return
    isBegun = true
    const { startOffline } = await import('../offline/start')
    await startOffline()
    isReady = true
  }

  // At once where it is needed: something waits, or nothing answers.
  onMount(async () => {
    await started.catch(() => undefined)
    setTimeout(() => void beginOffline(), hasLeftWaiting() ? 0 : waits().begin)
  })
  $effect(() => {
    if (reach.isAway || reach.isSignedOut) void beginOffline()
  })

  function key(event: KeyboardEvent) {
    if (event.key !== '?' || event.defaultPrevented || isTyping(event) || settings.value?.shortcuts === false) return
    event.preventDefault()
    helps = true
  }
</script>

<svelte:window onkeydown={key} />

<QueryClientProvider client={queryClient}>
  <a
    class="bg-base-100 sr-only z-50 p-3 focus:not-sr-only focus:fixed"
    href="#main"
    onclick={(event) => {
      event.preventDefault()
      main?.focus()
    }}>Skip to the page</a
  >
  <header class="shell-bar print:hidden">
    <a class="flex min-h-12 min-w-11 items-center gap-2.5" href="#/">
      <svg class="h-7 w-7" viewBox="0 0 32 32" aria-hidden="true">
        <path d="M16 3a13 13 0 0 0 0 26z" fill="currentColor" />
        <path d="M16 3a13 13 0 0 1 0 26" fill="none" stroke="currentColor" stroke-width="2" />
        <path d="M16 8h4M16 12h7M16 16h4M16 20h7M16 24h4" stroke="currentColor" stroke-width="1.6" />
      </svg>
      <span class="text-lg font-extrabold max-[419px]:sr-only">Kontrast</span>
    </a>
    <div class="flex items-stretch">
      <nav
        class={[
          'border-base-content bg-base-100 fixed inset-x-0 bottom-0 z-40 flex border-t',
          'pb-[env(safe-area-inset-bottom)] sm:static sm:border-0 sm:pb-0',
        ]}
        aria-label="Screens"
      >
        {#each PRIMARY as place (place.path)}
          <a
            class={[
              'aria-[current=page]:bg-primary aria-[current=page]:text-primary-content flex min-h-14 flex-1',
              'flex-col items-center justify-center gap-0.5 text-center text-xs font-semibold sm:min-h-12 sm:flex-row',
              'sm:gap-2 sm:px-2.5 sm:text-sm sm:whitespace-nowrap',
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
        {#each SECONDARY as place (place.path)}
          <a
            class={[
              'aria-[current=page]:bg-primary aria-[current=page]:text-primary-content flex min-h-12 min-w-11',
              'items-center justify-center gap-2 text-sm font-semibold lg:px-2.5',
            ]}
            href="#{place.path}"
            aria-current={isAt(place.path)}
          >
            <place.picture size={18} aria-hidden="true" />
            <span class="sr-only lg:not-sr-only">{place.name}</span>
          </a>
        {/each}
        <button
          class="flex min-h-12 min-w-11 items-center justify-center"
          aria-label="Help"
          onclick={() => (helps = true)}
        >
          <CircleHelp size={18} aria-hidden="true" />
        </button>
      </nav>
    </div>
  </header>
  {#if isReady}
    {#await loaded(import('../offline/OfflineLine.svelte')) then { default: OfflineLine }}<OfflineLine />{/await}
  {/if}
  <main
    id="main"
    bind:this={main}
    tabindex="-1"
    aria-label={screen}
    class="mx-auto max-w-7xl px-4 pt-2 pb-36 sm:pt-4 outline-none sm:px-6 sm:pb-10"
  >
    {#await started}
      <p role="status">Opening…</p>
    {:then}
      <KeepAddress {screen} />
      {#if release.news.length > 0}<WhatIsNew />{/if}
      {#if filling}<p role="status" class="absolute">Loading…</p>{/if}
      <div class={['contents', filling && '[&>*]:invisible']} inert={filling !== null}>
        <Router routes={ROUTES} onRouteLoaded={(event) => void opened((event.userData as { name: ScreenName }).name)} />
      </div>
    {:catch error}
      <Trouble {error} onretry={() => (started = start())} />
    {/await}
  </main>
  {#if notices.isNeeded}
    {#await loaded(import('../ui/Notices.svelte')) then { default: Notices }}<Notices />{/await}
  {/if}
  {#if conflicts.open}
    {@const conflict = conflicts.open}
    {#await loaded(import('../ui/TwoVersions.svelte')) then { default: TwoVersions }}<TwoVersions {conflict} />{/await}
  {/if}
  {#if helps}
    {#await loaded(import('./Help.svelte')) then { default: Help }}<Help
        {screen}
        onclose={() => (helps = false)}
      />{/await}
  {/if}
</QueryClientProvider>
