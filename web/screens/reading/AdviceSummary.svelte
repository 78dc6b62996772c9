<script lang="ts">
  import LazyPackedNote from '../../offline/LazyPackedNote.svelte'
  import { loaded } from '../../api/busy'
  import ChevronRight from '@lucide/svelte/icons/chevron-right'
  import { adviceFor } from '../../api/queries'
  import { inTheHand } from '../../lure/paint'
  import { currentReading } from '../../stores/currentReading.svelte'
  import { settings } from '../../stores/settings.svelte'
  import AdvisedParts from '../../ui/AdvisedParts.svelte'
  import Answer from '../../ui/Answer.svelte'
  import Button from '../../ui/Button.svelte'
  import Later from '../../ui/Later.svelte'
  import InView from '../../ui/InView.svelte'
  import CautionLine from '../../ui/CautionLine.svelte'
  import SwatchRow from '../../ui/SwatchRow.svelte'
  import { inARow, partsOf, title } from '../../words/adviceParts'

  /** The advice in brief: beside the reading on a wide screen; on a phone below it, with its gist in a strip above the thumb bar. */
  const STRIP: readonly string[] = ['blades', 'skirt', 'trailer']
  const advice = adviceFor(() => currentReading.asked)
  /** On a phone the picture is one tap away, on the advice itself. */
  const isWide = matchMedia('(min-width: 64rem)').matches
  /** The parts that the strip has room for. */
  const gist = $derived(
    advice.shown && partsOf(advice.shown.value, settings.metric).filter((part) => STRIP.includes(part.key)),
  )
</script>

{#snippet brief()}
  <aside class="self-start lg:sticky lg:top-4" aria-label="What to tie">
    <Answer question={advice} waiting="Reading the rules…" class="flex flex-col gap-3">
      {#snippet children(data)}
        {#each data.cautions.filter((caution) => caution.place === 'reading') as caution (caution.text)}<CautionLine
            text={caution.text}
            loud
          />{/each}
        {#if isWide}<div class="bg-proof aspect-[16/9] overflow-hidden p-3 text-[#1a1a1a]">
            <InView height="1px">
              {#await loaded(import('../../lure/Lure.svelte')) then { default: Lure }}
                <Lure build={data} paint={inTheHand(data)} span={5.2} class="max-h-full" />
              {/await}
            </InView>
          </div>{/if}
        <LazyPackedNote advice={data} />
        <h2 class="text-base leading-tight">{title(data)}</h2>
        <AdvisedParts advice={data} />
        <Button look="primary" class="w-full" href="#/advice">Full advice: why, and other approaches</Button>
      {/snippet}
    </Answer>
  </aside>
{/snippet}

{#if isWide}{@render brief()}{:else}<Later>{@render brief()}</Later>{/if}

<a
  class={[
    'border-base-content bg-base-100 fixed inset-x-0 bottom-[calc(3.5rem+env(safe-area-inset-bottom))] z-30',
    'flex min-h-14 items-center gap-2 border-t px-3 lg:hidden print:hidden',
  ]}
  href="#/advice"
>
  <span class="sr-only">Advice:</span>
  {#if advice.shown && gist}
    <span class={['min-w-0 flex-1 text-[0.8125rem] leading-tight', !advice.isCurrent && 'opacity-60']}>
      <span class="block font-bold">{title(advice.shown.value)}</span>
      <span class="text-faint line-clamp-2">{gist.map(inARow).join(' · ')}</span>
    </span>
    <SwatchRow size="h-6" colours={gist.flatMap((part) => part.swatches.slice(0, 1))} />
  {:else}
    <span class="flex-1 text-sm"
      >{advice.error ? 'No advice yet: Kontrast does not answer.' : 'Reading the rules…'}</span
    >
  {/if}
  <ChevronRight size={20} aria-hidden="true" />
</a>
