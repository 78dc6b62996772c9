<script lang="ts">
  import type { SavedTrip } from '../../words/documents'
  import { packs } from '../../data/pack/packs.svelte'
  import { notices } from '../../data/notices.svelte'
  import { release } from '../../data/release.svelte'
  import { settings } from '../../data/settings.svelte'
  import Button from '../../ui/Button.svelte'
  import { download } from '../../ui/download'
  import Panel from '../../ui/Panel.svelte'
  import Trouble from '../../ui/Trouble.svelte'
  import { dateTime } from '../../words/clock'
  import { waterLength } from '../../words/words'

  /** Takes the trip along where there is no signal: on this device, or as a file for one that has never seen Kontrast. */
  let { trip }: { trip: SavedTrip } = $props()
  const id = $derived(trip.id ?? '')
  const pack = $derived(packs.of(id))
  const packing = $derived(packs.packing?.trip === id ? packs.packing : null)
  const isStale = $derived(pack !== undefined && pack.trip.version !== trip.version)
  const span = $derived(
    pack &&
      [pack.axes.visibility_in[0], pack.axes.visibility_in.at(-1)].map((one) => waterLength(one ?? 0, settings.metric)),
  )

  $effect(() => void packs.load())

  async function savePocketFile() {
    if (!pack) return
    try {
      const { pocketFile } = await import('../../offline/pocketFile')
      download(`kontrast-${trip.trip.date}.html`, 'text/html', await pocketFile(pack, release.value?.version))
    } catch (error) {
      notices.problem(error, savePocketFile)
    }
  }
</script>

<Panel title="Take it along" gist="works with no signal">
  <div class="flex flex-col gap-2 text-sm">
    {#if packing}
      <p role="status">
        {packing.of === 0 ? 'Choosing what you carry…' : `${packing.done} of ${packing.of} readings computed`}
      </p>
      <div class="flex items-center gap-2">
        <progress class="progress h-3 flex-1" value={packing.done} max={packing.of || 1} aria-label="Packing"
        ></progress>
        <Button onclick={() => packs.cancel()}>Cancel</Button>
      </div>
      <p class="text-faint">You can use other screens while it runs.</p>
    {:else}
      {#if packs.problem?.trip === id}<Trouble error={packs.problem.says} />{/if}
      {#if packs.old.includes(id)}
        <p class="font-semibold">This trip was packed by another version of Kontrast. Pack it again.</p>
      {:else if pack}
        <p>
          <span class="font-semibold">On this device since {dateTime(pack.made_at)}:</span>
          {pack.cells.length.toLocaleString('en-US')} readings from {span?.[0]} to {span?.[1]} of visibility, and the
          {pack.carry.lures.length} lures you carry.
        </p>
        {#if isStale}<p class="font-semibold">The trip was changed after it was packed. Pack it again.</p>{/if}
      {:else}
        <p class="max-w-prose">
          Packing computes what to tie for each water, sky, wind and bite this day may bring, and keeps it on this
          device. It takes about a minute.
        </p>
      {/if}
      <div class="flex flex-wrap gap-2">
        <Button look={pack && !isStale ? 'outline' : 'primary'} onclick={() => packs.pack(id)}
          >{pack ? 'Pack again' : 'Pack for the water'}</Button
        >
        {#if pack}
          <Button onclick={savePocketFile}>Save pocket file</Button>
          <Button onclick={() => packs.remove(id)}>Remove from this device</Button>
        {/if}
      </div>
      {#if pack}
        <p class="text-faint max-w-prose">
          The pocket file is one page with all of it, for a phone that cannot reach this computer. Open it there, take
          notes, and import them under Learned, Outings.
        </p>
      {/if}
    {/if}
  </div>
</Panel>
