<script lang="ts">
  import { loaded } from '../data/busy'
  import type { GivenAdvice } from '../data/pack/pack'

  /** That an advice was packed beforehand, where it was; loaded only then. */
  let { advice }: { advice: GivenAdvice | undefined } = $props()
  const near = $derived(advice?.packed)
</script>

{#if near}
  {#await loaded(import('./PackedNote.svelte')) then { default: PackedNote }}<PackedNote {near} />{/await}
{/if}
