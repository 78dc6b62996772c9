<script lang="ts">
  import type { Reading } from '../../api/client'
  import { capital, round } from '../../words/words'
  import { bench } from '../../stores/bench.svelte'
  import { swapsFor } from '../../api/benchQueries.svelte'
  import { SLOT_WORDS } from '../../parts/slots'

  /** Single changes to what lies on the bench, by what they gain. */
  let { reading }: { reading: Reading } = $props()
  const swaps = swapsFor(
    () => reading,
    () => bench.build,
    () => true,
  )
</script>

{#if swaps.isPending}
  <p role="status" class="text-sm">Trying every single change…</p>
{:else if swaps.isError}
  <p role="alert" class="text-error text-sm">{swaps.error.message}</p>
{:else if swaps.data.length === 0}
  <p class="text-sm">No single change gains anything: with this bin and this water, leave it as it is.</p>
{:else}
  <ol>
    {#each swaps.data as swap, i (i)}
      <li class="border-rule flex items-center gap-3 border-t py-1.5 text-sm">
        <span class="w-28 shrink-0 font-bold">{SLOT_WORDS[swap.slot]}</span>
        <span class="min-w-0 flex-1">{swap.kind === 'another' ? `to ${swap.what}` : capital(swap.what)}</span>
        <span class="shrink-0 font-extrabold">+{round(swap.gain, 1)}</span>
        <button class="btn btn-outline border-rule h-11 shrink-0 px-3 text-xs" onclick={() => bench.replace(swap.parts)}
          >Do it<span class="sr-only">: {swap.what}</span></button
        >
      </li>
    {/each}
  </ol>
{/if}
