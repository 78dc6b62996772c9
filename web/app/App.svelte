<script lang="ts">
  import Gear from '@lucide/svelte/icons/settings'
  import { onMount, tick } from 'svelte'
  import Router, { router } from 'svelte-spa-router'
  import { loaded, whenQuiet } from '../data/busy'
  import { waits } from '../data/outbox/patience'
  import { reach } from '../data/reach.svelte'
  import { hasLeftWaiting } from '../data/outbox/waits'
  import { conflicts } from '../data/conflicts.svelte'
  import { notices } from '../data/notices.svelte'
  import { release } from '../data/release.svelte'
  import { settings } from '../data/settings.svelte'
  import { showTheme } from '../ui/theme'
  import Trouble from '../ui/Trouble.svelte'
  import type { PlaceName, ScreenName } from '../words/help'
  import KeepAddress from './KeepAddress.svelte'
  import { placeAt } from './loadScreen'
  import { PLACES, ROUTES } from './screens'
  import { restoreScroll } from './scroll'
  import { isTyping } from '../ui/typing'
  import { start } from './start'
  import WhatIsNew from './WhatIsNew.svelte'

  /** At a desk the places are at the end of the bar, on a phone under the thumb. */
  const NAV = [
    'border-base-content bg-base-100 fixed inset-x-0 bottom-0 z-40 flex border-t pb-[env(safe-area-inset-bottom)]',
    'sm:static sm:border-0 sm:pb-0',
  ]
  const NAV_PLACE = [
    'place text-faint min-h-14 flex-1 flex-col gap-0.5 text-sm font-semibold sm:min-h-12 sm:px-5 sm:text-base',
    'aria-[current=page]:text-base-content aria-[current=page]:font-bold',
    'max-sm:before:hidden max-sm:after:top-[-1px] max-sm:after:bottom-auto',
  ]
  const isAt = (place: PlaceName) => (placeAt(router.location) === place ? 'page' : undefined)

  let started = $state.raw(start())
  let isReady = $state(false)
  let screen = $state<ScreenName>('Water')
  let helps = $state(false)
  let isFirst = true
  let main = $state<HTMLElement>()

  /** A screen is shown as soon as all its answers are there, so that nothing moves under a thumb; at the latest after so long. (Chosen.) */
  const MOST_FILLING_MS = 4000
  /** These come with the page, or have a place for each answer. */
  const SHOWN_AT_ONCE: readonly string[] = ['/']
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

  $effect(() => {
    if (settings.value) showTheme(settings.value.theme)
  })

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

<a
  class="bg-base-100 sr-only z-50 p-3 focus:not-sr-only focus:fixed"
  href="#main"
  onclick={(event) => {
    event.preventDefault()
    ;(document.getElementById('answer') ?? main)?.focus()
  }}>{screen === 'Water' ? 'Skip to the answer' : 'Skip to the page'}</a
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
  <div class="flex items-stretch gap-2">
    <nav class={NAV} aria-label="Places">
      {#each PLACES as place (place.path)}
        <a class={NAV_PLACE} href="#{place.path}" aria-current={isAt(place.name)}>
          <place.picture class="sm:hidden" size={20} aria-hidden="true" />
          {place.name}
        </a>
      {/each}
    </nav>
    <a class="place min-h-12 min-w-11" href="#/settings" aria-label="Settings and more" aria-current={isAt('Settings')}>
      <Gear size={20} aria-hidden="true" />
    </a>
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
  class="mx-auto max-w-7xl px-4 pt-2 pb-36 outline-none sm:px-6 sm:pb-10 print:max-w-none print:p-0"
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
