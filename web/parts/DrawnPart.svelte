<script lang="ts">
  import type { InventoryPart } from '../words/documents'
  import PartPicture from '../lure/PartPicture.svelte'
  import { single } from '../lure/single'
  import { swatches } from '../words/part'

  /** A part owned as it looks in the hand; of what there is no drawing, its colors. */
  interface Props {
    part: InventoryPart
    /** The longest of those beside it, inches: all are drawn to one scale. */
    longest?: number | undefined
  }
  let { part, longest }: Props = $props()
  const drawn = $derived(single(part))
  const share = $derived(drawn && longest ? Math.min(1, drawn.long / longest) : 1)
</script>

{#if drawn}
  <span class="flex h-full w-full items-center justify-center"
    ><span class="block h-full" style:width="{100 * share}%"
      ><PartPicture build={drawn.build} paint={drawn.paint} of={drawn.of} /></span
    ></span
  >
{:else}
  <span class="flex h-full w-full items-center justify-center gap-px" aria-hidden="true">
    {#each swatches(part) as colour, i (i)}<span class="h-5 w-5 rounded-full" style:background-color={colour}
      ></span>{:else}<span class="h-3 w-3 rounded-full border-2 border-current opacity-60"></span>{/each}
  </span>
{/if}
