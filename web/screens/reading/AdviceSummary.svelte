<script lang="ts">
  import CautionLine from '../../ui/CautionLine.svelte'
  import SwatchRow from '../../ui/SwatchRow.svelte'
  import Trouble from '../../ui/Trouble.svelte'
  import Lure from '../../lure/Lure.svelte'
  import { inTheHand } from '../../lure/paint'
  import { currentReading } from '../../stores/currentReading.svelte'
  import { settings } from '../../stores/settings.svelte'
  import { partsOf, title } from '../../words/adviceParts'
  import { adviceFor, paletteQuery } from '../../api/adviceQueries.svelte'

  /** The advice in brief, beside the reading it follows from. */
  const advice = adviceFor(() => currentReading.asked)
  const palette = paletteQuery()
  const parts = $derived(advice.data && palette.data ? partsOf(advice.data, settings.metric) : [])
  const pressing = $derived(advice.data?.cautions.filter((caution) => caution.place === 'reading') ?? [])
</script>

<aside class="flex flex-col gap-3 self-start lg:sticky lg:top-4" aria-label="What to tie">
  {#if advice.isError}
    <Trouble error={advice.error} />
  {:else if advice.data && palette.data}
    {#each pressing as caution (caution.text)}<CautionLine text={caution.text} loud />{/each}
    <div class="bg-proof hidden p-3 text-[#1a1a1a] lg:block">
      <Lure build={advice.data} paint={inTheHand(advice.data)} span={5.2} />
    </div>
    <h2 class="text-base leading-tight">{title(advice.data)}</h2>
    <dl class="text-sm">
      {#each parts as part (part.key)}
        <div class="border-rule flex min-h-9 items-center justify-between gap-3 border-t py-1">
          <dt class="text-faint shrink-0">{part.title}</dt>
          <dd class="flex items-center gap-2 text-right leading-tight font-semibold">
            <span>{part.headline}</span><SwatchRow colours={part.swatches} size="h-4" />
          </dd>
        </div>
      {/each}
    </dl>
    <a class="btn btn-primary h-12 w-full" href="#/advice">Why, and what the others would tie</a>
  {/if}
</aside>
