<script lang="ts">
  import type { OwnedPart } from '../../api/client'
  import { measureWords, swatches } from '../../parts/part'
  import PartSwatch from '../../parts/PartSwatch.svelte'
  import { settings } from '../../stores/settings.svelte'
  import { canBeEmpty, SLOT_WORDS, step, type Slot } from '../../parts/slots'
  import { bench } from '../../stores/bench.svelte'

  /** One slot of the lure: what is in it, and the others of the bin to step through. */
  interface Props {
    slot: Slot
    parts: readonly OwnedPart[]
    onedit: () => void
  }
  let { slot, parts, onedit }: Props = $props()

  const build = $derived(bench.build)
  const part = $derived(build?.[slot] ?? null)
  const place = $derived(parts.findIndex((other) => other.id != null && other.id === part?.id) + 1)
  const isOn = $derived(bench.slot === slot)

  function by(way: 1 | -1) {
    if (!build) return
    bench.slot = slot
    bench.put(slot, step(build, slot, parts, way))
  }
</script>

<div
  class="border-rule border-t py-1.5 {isOn ? 'border-l-base-content border-l-4 pl-2' : 'pl-3'}"
  role="group"
  aria-label={SLOT_WORDS[slot]}
  aria-current={isOn ? 'true' : undefined}
>
  <div class="flex items-center justify-between text-[0.8125rem]">
    <span class="font-bold">{SLOT_WORDS[slot]}</span>
    <span class="text-faint text-xs"
      >{parts.length === 0
        ? 'none in the bin'
        : place > 0
          ? `${place} of ${parts.length}`
          : `${parts.length} in the bin`}
      <button
        class="min-h-6 px-1 underline underline-offset-2"
        aria-label="{SLOT_WORDS[slot]}: change freely"
        onclick={onedit}>edit</button
      ></span
    >
  </div>
  <div class="flex items-center gap-1.5">
    <button
      class="btn btn-outline border-rule h-11 w-9 px-0"
      aria-label="{SLOT_WORDS[slot]}: the one before"
      disabled={parts.length === 0}
      onclick={() => by(-1)}>←</button
    >
    <PartSwatch colours={part ? swatches(part) : []} />
    <select
      class="select border-rule h-11 min-w-0 flex-1 truncate pr-8 text-sm"
      aria-label={SLOT_WORDS[slot]}
      value={part?.id ?? (part ? 'free' : '')}
      onfocus={() => (bench.slot = slot)}
      onchange={(event) => {
        const id = event.currentTarget.value
        bench.put(slot, parts.find((other) => other.id === id) ?? null)
      }}
    >
      {#if canBeEmpty(slot, build?.lure ?? 'jig') || !part}<option value="">none</option>{/if}
      {#if part && place === 0}<option value={part.id ?? 'free'}>{part.name || 'of your own colours'}</option>{/if}
      {#each parts as other (other.id)}<option value={other.id}>{other.name}</option>{/each}
    </select>
    <button
      class="btn btn-outline border-rule h-11 w-9 px-0"
      aria-label="{SLOT_WORDS[slot]}: the next one"
      disabled={parts.length === 0}
      onclick={() => by(1)}>→</button
    >
  </div>
  {#if part}<p class="text-faint truncate text-xs">{measureWords(part, settings.metric)}</p>{/if}
</div>
