<script lang="ts">
  import ChevronDown from '@lucide/svelte/icons/chevron-down'
  import ChevronUp from '@lucide/svelte/icons/chevron-up'
  import type { Advice, Reading } from '../../words/documents'
  import type { Question } from '../../data/question.svelte'
  import { address } from '../../data/address.svelte'
  import { settings } from '../../data/settings.svelte'
  import SwatchRow from '../../ui/SwatchRow.svelte'
  import { partsOf, title } from '../../words/adviceParts'
  import { ANSWER } from './panels'

  /** On a phone: the answer in a strip above the thumb's row; a tap opens it, another brings the water back. */
  let { advice, isOpen }: { advice: Question<Reading, Advice>; isOpen: boolean } = $props()
  /** The parts that the strip has room for. */
  const STRIP: readonly string[] = ['blades', 'skirt', 'trailer']
  const gist = $derived(
    advice.shown ? partsOf(advice.shown.value, settings.metric).filter((part) => STRIP.includes(part.key)) : [],
  )

  function turn() {
    address.toggle(ANSWER, !isOpen)
    scrollTo(0, 0)
  }
</script>

<button
  class={[
    'border-base-content bg-sheet fixed inset-x-0 bottom-[calc(3.5rem+env(safe-area-inset-bottom))] z-30',
    'flex min-h-14 w-full items-center gap-2 border-t px-3 text-left print:hidden',
  ]}
  type="button"
  aria-expanded={isOpen}
  onclick={turn}
>
  {#if isOpen}
    <span class="flex-1 text-sm font-bold">Back to the water</span>
    <ChevronDown size={20} aria-hidden="true" />
  {:else}
    <span class="sr-only">Advice:</span>
    {#if advice.shown}
      <span class={['min-w-0 flex-1 text-sm leading-tight', !advice.isCurrent && 'opacity-60']}>
        <span class="block font-bold"
          >{title(advice.shown.value)}{#if advice.shown.source !== 'server'}<span class="text-faint font-normal">
              From the pack</span
            >{/if}</span
        >
        <span class="text-faint line-clamp-2">{gist.map((part) => part.headline).join(' · ')}</span>
      </span>
      <SwatchRow size="h-6" colours={gist.flatMap((part) => part.swatches.slice(0, 1))} />
    {:else}
      <span class="flex-1 text-sm"
        >{advice.error ? 'No advice yet: Kontrast does not answer.' : 'Reading the rules…'}</span
      >
    {/if}
    <ChevronUp size={20} aria-hidden="true" />
  {/if}
</button>
