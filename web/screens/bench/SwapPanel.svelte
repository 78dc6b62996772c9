<script lang="ts">
  import type { Composition, Reading } from '../../api/client'
  import { swapsFor } from '../../api/queries'
  import { SLOT_WORDS } from '../../parts/slots'
  import { bench } from '../../stores/bench.svelte'
  import Answer from '../../ui/Answer.svelte'
  import BuildRow from '../../ui/BuildRow.svelte'
  import Button from '../../ui/Button.svelte'
  import { round } from '../../words/round'
  import { capital } from '../../words/words'

  /** Single changes to what is on the bench, by what they gain. */
  let { reading, build }: { reading: Reading; build: Composition } = $props()
  const swaps = swapsFor(() => ({ reading, build }))
</script>

<Answer question={swaps} waiting="Trying each single change…">
  {#snippet children(data)}
    {#if data.length === 0}
      <p class="text-sm">No single change with your parts improves this build in this water.</p>
    {/if}
    <ol>
      {#each data as swap, i (i)}
        <BuildRow>
          {#snippet end()}
            <span class="font-extrabold">+{round(swap.gain, 1)}</span>
            <Button label="Do it: {swap.what}" onclick={() => bench.replace(swap.parts)}>Do it</Button>
          {/snippet}
          <span class="font-bold">{SLOT_WORDS[swap.slot]}:</span>
          {swap.kind === 'another' ? `to ${swap.what}` : capital(swap.what)}
        </BuildRow>
      {/each}
    </ol>
  {/snippet}
</Answer>
