<script lang="ts">
  import { outingQuery } from '../../api/outings'
  import Button from '../../ui/Button.svelte'
  import Stored from '../../ui/Stored.svelte'
  import Begin from './Begin.svelte'
  import Noting from './Noting.svelte'

  /** Notes taken on the water with one thumb. */
  let { params }: { params?: { id?: string } | undefined } = $props()
  const id = $derived(params?.id ?? '')
  const outing = outingQuery(() => id)
</script>

{#if id === ''}
  <Begin />
{:else}
  <Stored query={outing} waiting="Opening the outing…">
    {#snippet children(open)}
      {#if open.ended_at}
        <h1>This outing has ended</h1>
        <p class="py-2 text-sm">Everything in it is kept and can be changed.</p>
        <div class="flex flex-wrap gap-2">
          <Button look="primary" href="#/outing/{id}">Look at the notes</Button>
          <Button href="#/on-the-water">Start another</Button>
        </div>
      {:else}
        <Noting outing={open} />
      {/if}
    {/snippet}
  </Stored>
{/if}
