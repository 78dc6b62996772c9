<script lang="ts">
  import { outingQuery } from '../data/outings'
  import DayAccount from '../screens/fish/DayAccount.svelte'
  import Noting from '../screens/fish/Noting.svelte'
  import Button from '../ui/Button.svelte'
  import Stored from '../ui/Stored.svelte'

  /** The outing of this file while it goes on, and what to do when it has ended. */
  interface Props {
    id: string
    onback: () => void
    onagain: () => void
  }
  let { id, onback, onagain }: Props = $props()
  const outing = outingQuery(() => id)
</script>

<Stored query={outing} waiting="Opening the outing…">
  {#snippet children(open)}
    {#if open.ended_at}
      <DayAccount outing={open} />
      <p class="pb-3 font-semibold">The outing has ended. Hand your notes back to Kontrast.</p>
      <div class="flex flex-wrap gap-2">
        <Button look="primary" onclick={onback}>Hand back</Button>
        <Button onclick={onagain}>Start another</Button>
      </div>
    {:else}
      <Noting outing={open} isAlone />
    {/if}
  {/snippet}
</Stored>
