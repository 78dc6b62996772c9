<script lang="ts">
  import type { Inventory } from '../../words/documents'
  import CautionLine from '../../ui/CautionLine.svelte'
  import { list } from '../../words/words'

  /** Boxes in which plastics lie together that melt each other. */
  let { boxes }: { boxes: Inventory['mixed_boxes'] } = $props()
</script>

{#each boxes as mixed (mixed.box)}
  <CautionLine
    loud
    text="Box {mixed.box}: {list(
      mixed.stretchy,
    )} is stretchy plastic and melts together with other soft plastics. Keep it in its own bag."
  />
{/each}
