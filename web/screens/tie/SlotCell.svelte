<script lang="ts">
  import ArrowLeft from '@lucide/svelte/icons/arrow-left'
  import ArrowRight from '@lucide/svelte/icons/arrow-right'
  import type { Bench, Composition, InventoryPart } from '../../words/documents'
  import { inTheirColours } from '../../lure/paint'
  import PartPicture from '../../lure/PartPicture.svelte'
  import { PART_OF_KIND } from '../../lure/single'
  import { measureWords } from '../../words/part'
  import { canBeEmpty, KIND_OF, SLOT_WORDS, type Slot } from '../../words/slots'
  import { bench } from '../../data/bench.svelte'
  import { settings } from '../../data/settings.svelte'
  import Button from '../../ui/Button.svelte'
  import { capital } from '../../words/words'

  /** One slot of the lure: what is in it, drawn, and the other parts to step through. */
  interface Props {
    of: Slot
    build: Composition
    /** The build as it was judged, from which it is drawn; null until it was. */
    judged: Bench | null
    parts: readonly InventoryPart[]
    /** What the advice wants here, as a part nobody owns; null where it wants nothing, or where that is not known yet. */
    advised: InventoryPart | null
    /** Whether the parts owned are known yet. */
    isKnown: boolean
    onstep: (way: 1 | -1) => void
    onput: (part: InventoryPart | null) => void
    onedit: () => void
  }
  let { of: slot, build, judged, parts, advised, isKnown, onstep, onput, onedit }: Props = $props()

  const ADVISED = 'advised'
  const drawnAs = $derived(PART_OF_KIND[KIND_OF[slot]])
  const part = $derived(build[slot] ?? null)
  const place = $derived(parts.findIndex((other) => other.id != null && other.id === part?.id) + 1)
  const isOn = $derived(bench.slot === slot)
  const isGeneric = $derived(part !== null && !part.id)
  const isAsAdvised = $derived(isGeneric && part?.name === advised?.name)
  const stock = $derived(
    !isKnown
      ? ''
      : parts.length === 0
        ? 'none owned'
        : place > 0
          ? `${place} of ${parts.length}`
          : `${parts.length} owned`,
  )
</script>

<div
  class={[
    'border-rule grid min-w-0 grid-cols-[5rem_minmax(0,1fr)] gap-x-2 border-t pb-1',
    'lg:flex lg:flex-col lg:border-t-0 lg:border-l lg:first:border-l-0',
    isOn ? 'shadow-[inset_0_4px_0_var(--color-base-content)]' : '',
  ]}
  role="group"
  aria-label={SLOT_WORDS[slot]}
  aria-current={isOn ? 'true' : undefined}
>
  <div class="col-span-2 flex items-center justify-between px-2 text-sm">
    <span class={isOn ? 'font-bold' : 'text-faint'}>{SLOT_WORDS[slot]}</span>
    <button
      class="text-faint -my-1 min-h-11 min-w-11 px-1 text-xs underline underline-offset-2"
      aria-label="{SLOT_WORDS[slot]}: edit"
      onclick={onedit}>edit</button
    >
  </div>
  <button
    class="bg-proof flex h-full min-h-11 items-center justify-center p-1.5 text-[#1a1a1a] lg:h-18"
    aria-label="{SLOT_WORDS[slot]}: choose this slot"
    onclick={() => (bench.slot = slot)}
  >
    {#if part && judged && drawnAs}<PartPicture
        build={judged.build}
        paint={inTheirColours(judged.build, judged.look_parts)}
        of={drawnAs}
        blade={slot === 'front' ? 0 : slot === 'rear' ? judged.build.blades.length - 1 : undefined}
      />{:else if !part}<span class="h-0.5 w-6 bg-current opacity-60"></span>{/if}
  </button>
  <div class="min-w-0 lg:px-2">
    <select
      class="select w-full min-w-0 truncate border-0 !px-0 text-sm font-semibold"
      aria-label={SLOT_WORDS[slot]}
      value={part?.id ?? (part ? 'free' : '')}
      onfocus={() => (bench.slot = slot)}
      onchange={(event) => {
        const id = event.currentTarget.value
        onput(id === ADVISED ? advised : (parts.find((other) => other.id === id) ?? null))
      }}
    >
      {#if canBeEmpty(slot, build.lure) || !part}<option value="">none</option>{/if}
      {#if part && place === 0}<option value={part.id ?? 'free'}>{capital(part.name || 'custom part')}</option>{/if}
      {#if advised && !isAsAdvised}<option value={ADVISED}>As advised, not owned: {advised.name}</option>{/if}
      {#each parts as other (other.id)}<option value={other.id}>{other.name}</option>{/each}
    </select>
    <p class="text-faint min-h-4 truncate text-xs">
      {#if isGeneric}<span class="border-edge text-base-content mr-1 border px-1 font-semibold">Not owned</span
        >{/if}{part ? measureWords(part, settings.metric) : ''}
    </p>
    <div class="flex items-center justify-between gap-1">
      <Button
        look="plain"
        label="{SLOT_WORDS[slot]}: previous"
        class="px-0"
        disabled={parts.length === 0}
        onclick={() => onstep(-1)}><ArrowLeft size={16} aria-hidden="true" /></Button
      >
      <span class="text-faint text-xs">{stock}</span>
      <Button
        look="plain"
        label="{SLOT_WORDS[slot]}: next"
        class="px-0"
        disabled={parts.length === 0}
        onclick={() => onstep(1)}><ArrowRight size={16} aria-hidden="true" /></Button
      >
    </div>
  </div>
</div>
