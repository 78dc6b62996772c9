<script lang="ts">
  import { missingQuery } from '../../data/shopping'
  import BuyList from '../../parts/BuyList.svelte'
  import Stored from '../../ui/Stored.svelte'
  import { count } from '../../words/numbers'
  import { round } from '../../words/round'

  /** The parts not owned that would improve the best own builds most, over the current and the saved readings. */
  const missing = missingQuery()
</script>

<Stored query={missing} waiting="Trying each advised part with your saved readings…">
  {#snippet children(data)}
    {#if data.length === 0}
      <p class="py-2 text-sm">No single part would improve the best builds of your own parts.</p>
    {:else}
      <BuyList
        isSet={false}
        items={data.map((found) => ({
          part: found.part,
          note: `+${round(found.gain, 1)} points on average; helps in ${found.readings} of ${count(found.of, 'reading')}`,
        }))}
      />
    {/if}
  {/snippet}
</Stored>
