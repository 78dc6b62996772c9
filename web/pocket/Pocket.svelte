<script lang="ts">
  import type { Outing, TripPack } from '../words/documents'
  import { newId } from '../words/newId'
  import { outings as writes } from '../data/outings'
  import { tripsQuery } from '../data/trips'
  import { watersQuery } from '../data/waters'
  import { isReadable } from '../data/pack/pack'
  import { packs } from '../data/pack/packs.svelte'
  import { outbox } from '../data/outbox/outbox.svelte'
  import { reach } from '../data/reach.svelte'
  import { settings } from '../data/settings.svelte'
  import Button from '../ui/Button.svelte'
  import { showTheme } from '../ui/theme'
  import { stamp } from '../words/clock'
  import { dayWords } from '../words/numbers'
  import HandBack from './HandBack.svelte'
  import PocketNotes from './PocketNotes.svelte'
  import TheDay from './TheDay.svelte'
  import WhatToTie from './WhatToTie.svelte'

  /** A trip in one file: what to tie, notes, and the notes handed back. Nothing in it needs a network. */
  let { pack }: { pack: TripPack } = $props()
  const PARTS = { notes: 'Notes', tie: 'What to tie', day: 'The day', back: 'Hand back' }
  let part = $state<keyof typeof PARTS>('notes')
  let outing = $state.raw<string | null>(null)
  const CURRENT = 'pocket-outing'

  outbox.isOnlyKept = true
  reach.away()
  settings.start({ units: 'us', theme: 'noon', schools: {} }, 0)
  showTheme('noon')
  const ready = open()

  async function open(): Promise<void> {
    await outbox.start()
    packs.hold(pack)
    tripsQuery.know([pack.trip])
    watersQuery.know(
      pack.water ? [{ id: pack.trip.water_id, name: pack.water, tint: pack.reading.tint, red_crawfish: false }] : [],
    )
    outing = (await outbox.kept<string>(CURRENT)) ?? null
  }

  async function begin(): Promise<void> {
    const id = newId()
    const box: Outing['box'] = {
      lures: pack.carry.lures.map((one) => one.parts),
      trailers: pack.carry.trailers.map((one) => one.part),
      blades: [],
    }
    await writes.add({
      id,
      started_at: stamp(new Date()),
      water_id: pack.trip.water_id ?? null,
      trip_id: pack.trip.id ?? null,
      box,
    })
    await outbox.keep(CURRENT, id)
    outing = id
  }
</script>

<header class="border-base-content border-b-2 px-4 py-2">
  <p class="font-extrabold">{pack.trip.name}</p>
  <p class="text-sm">{[dayWords(pack.trip.trip.date), pack.water ?? ''].filter(Boolean).join(', ')}</p>
</header>
<main class="mx-auto max-w-xl px-4 pt-3 pb-24">
  {#if !isReadable(pack)}
    <p class="font-semibold">This pocket file holds another version’s pack. Save a new one under Fish.</p>
  {:else}
    {#await ready}
      <p role="status">Opening…</p>
    {:then}
      {#if !outbox.lasts}
        <p class="text-error border-error mb-3 border-2 p-2 text-sm font-semibold">
          This browser keeps nothing from a file. Leave the page open, and hand your notes back before you close it.
        </p>
      {/if}
      {#if part === 'notes'}
        {#if outing}
          <PocketNotes id={outing} onback={() => (part = 'back')} onagain={() => (outing = null)} />
        {:else}
          <p class="pb-3">Notes stay on this phone until you hand them back.</p>
          <Button look="primary" size="large" class="w-full" onclick={begin}>Start the outing</Button>
        {/if}
      {:else if part === 'tie'}
        <WhatToTie {pack} />
      {:else if part === 'day'}
        <TheDay {pack} />
      {:else}
        <HandBack {pack} />
      {/if}
    {/await}
  {/if}
</main>
<nav class="places" aria-label="Parts">
  {#each Object.entries(PARTS) as [name, words] (name)}
    <button
      class="place leading-tight"
      aria-current={part === name ? 'page' : undefined}
      onclick={() => (part = name as keyof typeof PARTS)}>{words}</button
    >
  {/each}
</nav>
