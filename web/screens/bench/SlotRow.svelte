<script lang="ts">
  import ArrowRight from '@lucide/svelte/icons/arrow-right'
  import ArrowLeft from '@lucide/svelte/icons/arrow-left'
  import type { Composition, InventoryPart } from '../../api/client'
  import { measureWords, swatches } from '../../parts/part'
  import PartSwatch from '../../parts/PartSwatch.svelte'
  import { canBeEmpty, SLOT_WORDS, type Slot } from '../../parts/slots'
  import { bench } from '../../stores/bench.svelte'
  import { settings } from '../../stores/settings.svelte'
  import Button from '../../ui/Button.svelte'
  import { capital } from '../../words/words'

  /** One slot of the lure: what is in it, and the other parts to step through. */
  interface Props {
    of: Slot
    build: Composition
    parts: readonly InventoryPart[]
    /** What the advice wants here, as a part nobody owns; null where it wants nothing, or where that is not known yet. */
    advised: InventoryPart | null
    /** Whether the parts owned are known yet. */
    isKnown: boolean
    onstep: (way: 1 | -1) => void
    onput: (part: InventoryPart | null) => void
    onedit: () => void
  }
  let { of: slot, build, parts, advised, isKnown, onstep, onput, onedit }: Props = $props()

  const ADVISED = 'advised'
  const part = $derived(build[slot] ?? null)
  const place = $derived(parts.findIndex((other) => other.id != null && other.id === part?.id) + 1)
  const isOn = $derived(bench.slot === slot)
  const isGeneric = $derived(part !== null && !part.id)
  const isAsAdvised = $derived(isGeneric && part?.name === advised?.name)
</script>

<div
  class="border-rule border-t py-1 {isOn ? 'border-l-base-content border-l-4 pl-2' : 'pl-3'}"
  role="group"
  aria-label={SLOT_WORDS[slot]}
  aria-current={isOn ? 'true' : undefined}
>
  <div class="flex items-center justify-between text-[0.8125rem]">
    <span class="font-bold">{SLOT_WORDS[slot]}</span>
    <span class="text-faint text-xs"
      >{!isKnown
        ? ''
        : parts.length === 0
          ? 'none owned'
          : place > 0
            ? `${place} of ${parts.length}`
            : `${parts.length} owned`}
      <button
        class="-my-2.5 min-h-11 min-w-11 px-1 underline underline-offset-2"
        aria-label="{SLOT_WORDS[slot]}: edit"
        onclick={onedit}>edit</button
      ></span
    >
  </div>
  <div class="flex items-center gap-1.5">
    <Button label="{SLOT_WORDS[slot]}: previous" class="px-0" disabled={parts.length === 0} onclick={() => onstep(-1)}
      ><ArrowLeft size={16} aria-hidden="true" /></Button
    >
    <PartSwatch colours={part ? swatches(part) : []} />
    <select
      class="select border-edge h-11 min-w-0 flex-1 truncate pr-8 text-sm"
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
    <Button label="{SLOT_WORDS[slot]}: next" class="px-0" disabled={parts.length === 0} onclick={() => onstep(1)}
      ><ArrowRight size={16} aria-hidden="true" /></Button
    >
  </div>
  {#if part}<p class="text-faint truncate text-xs">
      {#if isGeneric}<span class="border-edge text-base-content mr-1.5 border px-1 font-semibold">Not owned</span>
      {/if}{measureWords(part, settings.metric)}
    </p>{/if}
</div>
