<script lang="ts">
  import Button from '../../ui/Button.svelte'
  import Empty from '../../ui/Empty.svelte'
  import { push } from 'svelte-spa-router'
  import type { SavedReading } from '../../words/documents'
  import Trouble from '../../ui/Trouble.svelte'
  import { currentReading } from '../../data/currentReading.svelte'
  import { notices } from '../../data/notices.svelte'
  import { toggled } from '../../ui/toggled'
  import ReadingSummary from '../../ui/ReadingSummary.svelte'
  import Compare from './CompareReadings.svelte'
  import { readingsQuery, readings as writes } from '../../data/readings'
  import { watersQuery } from '../../data/waters'
  import { time } from '../../words/numbers'
  import Waters from './Waters.svelte'

  const readings = readingsQuery()
  const waters = watersQuery()
  let marked = $state<string[]>([])
  const pair = $derived((readings.data ?? []).filter((kept) => marked.includes(kept.id ?? '')))

  const SAMPLE_TITLE = 'Limestone quarry, Saturday 6:40 AM'
  const when = (kept: SavedReading) => (kept.taken_at ? time(kept.taken_at) : '')
  const where = (kept: SavedReading) =>
    waters.data?.find((water) => water.id === kept.water_id)?.name ?? 'no named water'
  const title = (kept: SavedReading) => `${where(kept)}, ${when(kept)}`

  function mark(id: string) {
    marked = toggled(marked, id).slice(-2)
  }

  async function reopen(kept: SavedReading) {
    const { reading: before, waterId } = currentReading
    currentReading.reopen(kept.reading, kept.water_id ?? null)
    notices.say('Opened a saved reading.', () => currentReading.reopen(before, waterId))
    await push('/')
  }
</script>

<div class="flex flex-col gap-8">
  <section aria-labelledby="kept">
    <header class="border-base-content flex flex-wrap items-end justify-between gap-2 border-b pb-2">
      <h1 id="kept">Saved readings</h1>
      <Button href="/api/logbook" download="">Export JSON</Button>
    </header>
    {#if readings.error}<Trouble error={readings.error} onretry={() => void readings.refetch()} />{/if}
    {#if readings.data === undefined}
      {#if !readings.error}<p role="status" class="py-2 text-sm">Loading readings…</p>{/if}
    {:else if readings.data.length === 0}
      <Empty
        text="No saved readings yet. A saved reading can be opened again on a similar day, or compared with another one."
      >
        {#snippet action()}<Button look="primary" href="#/">Take a reading</Button>{/snippet}
        {#snippet sample()}
          <p class="text-sm font-bold">{SAMPLE_TITLE}</p>
          <ReadingSummary reading={currentReading.asked} />
        {/snippet}
      </Empty>
    {:else}
      <p class="text-faint py-2 text-sm">Check two to compare them.</p>
      <ul>
        {#each readings.data ?? [] as kept (kept.id)}
          <li class="border-rule flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-t py-2">
            <label class="flex min-h-11 min-w-52 flex-1 cursor-pointer items-center gap-3">
              <input
                class="checkbox"
                type="checkbox"
                checked={marked.includes(kept.id ?? '')}
                onchange={() => mark(kept.id ?? '')}
              />
              <span class="min-w-0">
                <span class="block text-sm font-bold">{title(kept)}</span>
                <ReadingSummary reading={kept.reading} />
                {#if kept.note}<span class="text-faint block text-sm">{kept.note}</span>{/if}
              </span>
            </label>
            <span class="flex gap-2">
              <Button onclick={() => reopen(kept)}>Open<span class="sr-only"> {title(kept)}</span></Button>
              <Button onclick={() => writes.remove(kept.id ?? '', 'Reading')}
                >Delete<span class="sr-only"> {title(kept)}</span></Button
              >
            </span>
          </li>
        {/each}
      </ul>
    {/if}
  </section>
  {#if pair[0] && pair[1]}<Compare left={pair[0]} right={pair[1]} {title} />{/if}
  <Waters />
</div>
