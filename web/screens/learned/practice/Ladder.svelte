<script lang="ts">
  import { laddersQuery } from '../../../data/practice'
  import Button from '../../../ui/Button.svelte'
  import Stored from '../../../ui/Stored.svelte'
  import LadderView from './LadderView.svelte'

  /** The first lesson that an address names. */
  let { key }: { key: string } = $props()
  const ladders = laddersQuery()
</script>

<Stored query={ladders} waiting="Drawing the waters…">
  {#snippet children(all)}
    {@const ladder = all.find((one) => one.key === key)}
    {#if ladder}<LadderView {ladder} />{:else}
      <p class="text-sm">There is no first lesson at this address.</p>
      <p class="pt-2"><Button href="#/learned/practice">All lessons</Button></p>
    {/if}
  {/snippet}
</Stored>
