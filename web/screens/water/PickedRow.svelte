<script lang="ts">
  import ChevronDown from '@lucide/svelte/icons/chevron-down'
  import ChevronUp from '@lucide/svelte/icons/chevron-up'
  import type { Advice, Reading } from '../../words/documents'
  import { loaded } from '../../data/busy'
  import { inTheHand } from '../../lure/paint'
  import SwatchRow from '../../ui/SwatchRow.svelte'
  import { tossUps, type Part } from '../../words/adviceParts'
  import { mainReasons } from './mainReasons'
  import TossUp from './TossUp.svelte'

  /** One part to tie: its number in the drawing, its looks, what it is, and the first reason; all of its reasons behind one tap. */
  interface Props {
    part: Part
    advice: Advice
    number: number
    reading: Reading
    /** What it was before the last change; null where that did not change it. */
    was: string | null
  }
  let { part, advice, number, reading, was }: Props = $props()
  let open = $state(false)
  const first = $derived(mainReasons(part.reasons)[0])
  const even = $derived(tossUps(part))
  const key = $derived(part.key)
  /** Whether there is something to draw: nothing of a part that is left off. */
  const isThere = $derived(key === 'trailer_hook' ? advice.trailer_hook?.fit === true : part.swatches.length > 0)
</script>

<section class="border-rule border-b last:border-0" aria-labelledby="part-{part.key}">
  <div
    class={[
      'relative grid min-h-11 grid-cols-[3.25rem_minmax(0,1fr)_2.75rem] items-center gap-x-1.5 sm:gap-x-2',
      'sm:grid-cols-[1.25rem_4.25rem_minmax(0,0.9fr)_minmax(0,1fr)_2.75rem]',
    ]}
  >
    <span
      class="text-base font-bold max-sm:absolute max-sm:top-0 max-sm:left-0.5 max-sm:z-10 max-sm:text-xs max-sm:text-[#191919]"
      aria-hidden="true">{number}</span
    >
    {#if key === 'set' || key === 'pairing'}<SwatchRow size="h-8" colours={part.swatches} />
    {:else}
      <span class="bg-proof flex h-10 items-center justify-center p-0.5 text-[#1a1a1a]">
        {#if isThere}{#await loaded(import('../../lure/PartPicture.svelte')) then { default: PartPicture }}<PartPicture
              build={advice}
              paint={inTheHand(advice)}
              of={key}
            />{/await}{:else}<span class="h-0.5 w-5 bg-current opacity-60"></span>{/if}
      </span>
    {/if}
    <div class="min-w-0 py-0.5 leading-tight">
      <h3 id="part-{part.key}" class="sr-only">{part.title}</h3>
      <p class="text-base leading-tight font-bold">{part.headline}</p>
      {#if was !== null}<p class="text-now text-xs font-bold">was {was}</p>{/if}
      {#if even.length > 0}<p class="text-faint flex flex-wrap gap-x-2 text-xs">
          toss-up: {#each even as reason (reason.pick + String(reason.value))}<TossUp {reason} />{/each}
        </p>{/if}
    </div>
    <p class="hidden py-0.5 text-sm leading-snug sm:block" id="why-{part.key}">{first?.because ?? ''}</p>
    <button
      type="button"
      class="hover:bg-base-200 active:bg-base-300 flex h-11 w-11 items-center justify-center"
      aria-expanded={open}
      aria-label="{open ? 'Less' : 'More'} about the {part.title.toLowerCase()}"
      aria-describedby={first ? `why-${part.key}` : undefined}
      onclick={() => (open = !open)}
      >{#if open}<ChevronUp size={18} aria-hidden="true" />{:else}<ChevronDown
          size={18}
          aria-hidden="true"
        />{/if}</button
    >
    {#if first}<p class="col-span-2 col-start-2 pb-1 text-sm leading-snug sm:hidden">{first.because}</p>{/if}
  </div>
  {#if open}
    {#await loaded(import('./PickedWhy.svelte')) then { default: PickedWhy }}<PickedWhy {part} {reading} />{/await}
  {/if}
</section>
