<script lang="ts">
  import { loaded } from '../data/busy'
  import { FACTS_BUTTON } from './factsButton'

  /** The ids of the facts a reason rests on; a tap or Enter opens what they say, and leads to the rule. */
  let { ids, rule }: { ids: readonly string[]; rule?: string | null } = $props()
  let isWanted = $state(false)
  const distinct = $derived([...new Set(ids)])
  const label = $derived(`Facts behind this: ${distinct.join(', ') || 'a default of this program'}`)
  const shown = $derived(distinct.join(' ') || 'default')
</script>

{#snippet button()}
  <button type="button" class={FACTS_BUTTON} aria-label={label} aria-expanded="false" onclick={() => (isWanted = true)}>
    <span class="border-edge border px-1">{shown}</span>
  </button>
{/snippet}

{#if distinct.length > 0 || rule}
  {#if isWanted}
    {#await loaded(import('./FactsPopover.svelte'))}{@render button()}{:then { default: FactsPopover }}<FactsPopover
        ids={distinct}
        {rule}
        {label}
        {shown}
      />{/await}
  {:else}{@render button()}{/if}
{/if}
