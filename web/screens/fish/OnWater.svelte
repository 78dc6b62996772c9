<script lang="ts">
  import { outingQuery } from '../../data/outings'
  import { usualQuery } from '../../data/logbook'
  import Button from '../../ui/Button.svelte'
  import Stored from '../../ui/Stored.svelte'
  import DayAccount from './DayAccount.svelte'
  import Begin from './Begin.svelte'
  import Noting from './Noting.svelte'

  /** Notes taken on the water with one thumb. */
  let { params }: { params?: { id?: string } | undefined } = $props()
  const id = $derived(params?.id ?? '')
  const outing = outingQuery(() => id)
  /** Asked anew before anything is shown: what it proposes would push everything else down under a thumb. */
  const usuals = usualQuery()
</script>

{#if id === ''}
  <Begin />
{:else}
  <Stored query={outing} waiting="Opening the outing…">
    {#snippet children(open)}
      {#if open.ended_at}
        <DayAccount outing={open} />
        <div class="flex flex-wrap gap-2">
          <Button look="primary" href="#/learned">What the log shows</Button>
          <Button href="#/outing/{id}">All notes</Button>
          <Button href="#/on-the-water">Start another</Button>
        </div>
      {:else if usuals.isFetchedAfterMount}
        <Noting outing={open} usual={usuals.data?.find((one) => one.water_id === (open.water_id ?? null))} />
      {:else}
        <p role="status" class="py-2 text-sm">Opening the outing…</p>
      {/if}
    {/snippet}
  </Stored>
{/if}
