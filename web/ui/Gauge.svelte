<script lang="ts">
  import X from '@lucide/svelte/icons/x'
  import Button from './Button.svelte'
  import NumberBox from './NumberBox.svelte'
  import Stick from './plot/Stick.svelte'
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
    /** What parts of the scale are called, each to where it ends: then it is drawn as a stick, and set along it or typed. */
    bands?: readonly { name: string; to: number }[]
    /** What it was before it was changed last; null where it was not. */
    was?: number | null
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
    bands,
    was = null,
  }: Props = $props()

  const last = $derived(Math.round((max - min) / step))
  const now = $derived(value ?? start)
  const clamp = (number: number) => Math.max(min, Math.min(max, number))
  const share = (number: number) => (100 * (clamp(number) - min)) / (max - min)
  const band = $derived(value === null ? undefined : bands?.find(({ to }) => value < to))
  /** Ticks stand at round numbers of the unit that is shown; at most five of them are named. */
  const ROUND = [1, 2, 5, 10, 20, 50, 100]
  const TICKS_EACH = 4
  const named = $derived(ROUND.find((one) => (toShown(max) - toShown(min)) / one <= TICKS_EACH) ?? 100)
  const ticks = $derived.by(() => {
    const tick = named / TICKS_EACH
    const [first, end] = [Math.ceil(toShown(min) / tick), Math.floor(toShown(max) / tick)]
    return Array.from({ length: end - first + 1 }, (_, i) => (first + i) * tick)
  })
  const toPlace = (number: number) => Math.round((clamp(number) - min) / step)
  /** A first step sets the start itself: what was measured is most likely near it. */
  const by = (way: 1 | -1) => onset(value === null ? clamp(start) : clamp(now + way * step))
</script>

<div class="min-w-0" role="group" aria-label={label}>
  <div class="flex items-center justify-between gap-3">
    <span class="text-sm font-bold" aria-hidden="true"
      >{label}{#if was !== null}<span class="text-now ml-2">was {words(was)}</span>{/if}</span
    >
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
      {#if optional && value !== null && !bands}
        <Button look="plain" label="{label}: clear" onclick={() => onset(null)}
          ><X size={16} aria-hidden="true" /></Button
        >
      {/if}
    </span>
  </div>
  <div class="flex items-center gap-2">
    {#if !bands}<Stepper way="less" label="{label}: less" onstep={() => by(-1)} />{/if}
    <Slider
      {label}
      value={toPlace(now)}
      {last}
      shown={value === null ? unset : words(value)}
      onset={(place) => onset(clamp(min + place * step))}
      children={bands && stick}
      class={['min-w-0 flex-1', !bands && 'h-11', value === null && 'opacity-60']}
    />
    {#if !bands}<Stepper way="more" label="{label}: more" onstep={() => by(1)} />{/if}
  </div>
</div>

{#snippet stick()}
  <Stick
    place={share}
    bands={(bands ?? []).map(({ name, to }, i) => ({ name, from: bands?.[i - 1]?.to ?? min, to }))}
    band={band?.name}
    marks={ticks.map((one) => [fromShown(one), one % named === 0 ? `${one} ${unit}` : ''] as const)}
    ticks={[30, 36]}
    class="h-13"
  >
    <rect x="0.5" y="22" width="100%" height="14" fill="var(--sheet)" stroke="var(--edge)" />
    {#if value !== null}
      <svg x="{share(value)}%" y="15" width="20" height="22" overflow="visible">
        <path d="M-1.5 6V21h3V6z" fill="var(--now)" />
        <path d="M-8 0h16v4l-8 7-8-7z" fill="var(--now)" />
      </svg>
    {/if}
  </Stick>
{/snippet}
