<script lang="ts">
  import type { Advice } from '../words/documents'
  import { settings } from '../data/settings.svelte'
  import { partsOf } from '../words/adviceParts'
  import SwatchRow from './SwatchRow.svelte'

  /** What to tie, a line for each part with its colors. */
  let { advice }: { advice: Advice } = $props()
</script>

<dl class="text-sm">
  {#each partsOf(advice, settings.metric) as part (part.key)}
    <div class="border-rule flex min-h-9 flex-wrap items-center justify-between gap-x-3 border-t py-1">
      <dt class="text-faint shrink-0">{part.title}</dt>
      <dd class="ml-auto flex items-center gap-2 text-right leading-tight font-semibold">
        <span class="min-w-40">{part.headline}</span><SwatchRow colours={part.swatches} size="h-4" />
      </dd>
    </div>
  {/each}
</dl>
