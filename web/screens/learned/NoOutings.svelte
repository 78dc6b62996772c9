<script lang="ts">
  import Button from '../../ui/Button.svelte'
  import Empty from '../../ui/Empty.svelte'

  /** What the logbook will say, where nothing has been noted yet. */
</script>

<Empty
  text="No outings yet. Note what is tied on and what bites, and the logbook works out what your notes show and what they do not."
>
  {#snippet action()}<Button look="primary" href="#/on-the-water">Start your first outing</Button>{/snippet}
  {#snippet sample()}
    <p class="font-bold">Gold got 1.8 times the bites of silver</p>
    <p class="text-sm">80 % sure it is between 1.1 and 3.0; about 9 more hours would settle it</p>
  {/snippet}
</Empty>
