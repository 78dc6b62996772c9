<script lang="ts">
  import X from '@lucide/svelte/icons/x'
  import Button from './Button.svelte'
  import NumberBox from './NumberBox.svelte'
  import Slider from './Slider.svelte'
  import Stepper from './Stepper.svelte'

  /** A number set along a scale, step by step, or typed; may be left unmeasured. */
  interface Props {
    label: string
    value: number | null
    min: number
    max: number
    step: number
    /** Where it starts when a measure is first given. */
    start: number
    /** The value as the angler's own units have it, and back. */
    unit: string
    toShown?: (value: number) => number
    fromShown?: (shown: number) => number
    /** As a sentence says it. */
    words: (value: number) => string
    onset: (value: number | null) => void
    optional?: boolean
    unset?: string
  }
  let {
    label,
    value,
    min,
    max,
    step,
    start,
    unit,
    toShown = (number) => number,
    fromShown = (number) => number,
    words,
    onset,
    optional = false,
    unset = 'not measured',
  }: Props = $props()

  const last = $derived(Math.round((max - min) / step))
  const now = $derived(value ?? start)
  const clamp = (number: number) => Math.max(min, Math.min(max, number))
  const toPlace = (number: number) => Math.round((clamp(number) - min) / step)
  /** A first step sets the start itself: what was measured is most likely near it. */
  const by = (way: 1 | -1) => onset(value === null ? clamp(start) : clamp(now + way * step))
</script>

<div class="min-w-0" role="group" aria-label={label}>
  <div class="flex items-center justify-between gap-3">
    <span class="text-[0.8125rem] font-bold" aria-hidden="true">{label}</span>
    <span class="flex items-center gap-1">
      <NumberBox
        label="{label}, {unit}"
        value={value === null ? null : toShown(value)}
        {unit}
        min={toShown(min)}
        max={toShown(max)}
        placeholder={optional ? unset : ''}
        {optional}
        onset={(shown) => onset(shown === null ? null : clamp(fromShown(shown)))}
      />
      {#if optional && value !== null}
        <Button look="plain" label="{label}: clear" onclick={() => onset(null)}
          ><X size={16} aria-hidden="true" /></Button
        >
      {/if}
    </span>
  </div>
  <div class="flex items-center gap-2">
    <Stepper way="less" label="{label}: less" onstep={() => by(-1)} />
    <Slider
      {label}
      value={toPlace(now)}
      {last}
      shown={value === null ? unset : words(value)}
      onset={(place) => onset(clamp(min + place * step))}
      class="h-11 min-w-0 flex-1 {value === null ? 'opacity-50' : ''}"
    />
    <Stepper way="more" label="{label}: more" onstep={() => by(1)} />
  </div>
</div>
