<script lang="ts">
  /** A number set along a scale; may be left unmeasured. A native slider, so keys and screen readers work as ever. */
  interface Props {
    label: string
    value: number | null
    min: number
    max: number
    step: number
    /** Where the slider starts when a measure is first given. */
    start: number
    shown: (value: number) => string
    onset: (value: number | null) => void
    optional?: boolean
    unset?: string
  }
  let { label, value, min, max, step, start, shown, onset, optional = false, unset = 'not measured' }: Props = $props()
  const id = $props.id()
</script>

<div class="min-w-0">
  <div class="flex min-h-7 items-baseline justify-between gap-3">
    <label for={id} class="text-[0.8125rem] font-bold">{label}</label>
    <output class="text-base font-semibold" for={id}>{value === null ? unset : shown(value)}</output>
  </div>
  <div class="flex items-center gap-2">
    <button
      class="btn btn-outline border-rule h-11 w-11 text-lg"
      aria-label="{label}: less"
      onclick={() => onset(Math.max(min, (value ?? start) - step))}>−</button
    >
    <input
      {id}
      class="gauge h-11 min-w-0 flex-1 {value === null ? 'opacity-50' : ''}"
      type="range"
      {min}
      {max}
      {step}
      value={value ?? start}
      aria-valuetext={value === null ? unset : shown(value)}
      oninput={(event) => onset(Number(event.currentTarget.value))}
    />
    <button
      class="btn btn-outline border-rule h-11 w-11 text-lg"
      aria-label="{label}: more"
      onclick={() => onset(Math.min(max, (value ?? start) + step))}>+</button
    >
    {#if optional}
      <button
        class="btn btn-outline border-rule h-11 px-3 text-xs"
        disabled={value === null}
        aria-label="{label}: take back"
        onclick={() => onset(null)}>Clear</button
      >
    {/if}
  </div>
</div>
