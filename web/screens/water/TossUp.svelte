<script lang="ts">
  import type { Reason } from '../../words/documents'
  import { settings } from '../../data/settings.svelte'
  import { valueWords } from '../../words/adviceParts'
  import { COLOUR_HEX, FINISH_HEX, type Colour, type Finish } from '../../words/vocabulary'

  /** A pick that could as well be another: both side by side, equal in size. */
  let { reason }: { reason: Reason } = $props()

  const hex = (value: Reason['value']) =>
    typeof value !== 'string'
      ? null
      : reason.pick.endsWith('finish')
        ? (FINISH_HEX[value as Finish] ?? null)
        : (COLOUR_HEX[value as Colour] ?? null)
</script>

{#if reason.runner_up !== null}
  <span class="inline-flex items-center gap-1" data-toss-up>
    {#each [reason.value, reason.runner_up] as value, i (i)}
      {@const colour = hex(value)}
      {#if i > 0}or{/if}
      {valueWords(reason.pick, value, settings.metric)}
      {#if colour}<span class="bg-proof shrink-0 p-0.5" aria-hidden="true" data-patch
          ><span class="block h-2.5 w-3.5" style:background-color={colour}></span></span
        >{/if}
    {/each}
  </span>
{/if}
