<script lang="ts">
  /** A line of a forest plot: where a figure may lie, and where it most likely lies. What it says stands beside it in numbers. */
  interface Props {
    low: number
    at: number
    high: number
    /** 0 to 1 along the width. */
    place: (value: number) => number
    /** A line to hold it against. */
    mark?: number | undefined
  }
  let { low, at, high, place, mark }: Props = $props()
  const x = (value: number) => `${100 * Math.max(0, Math.min(1, place(value)))}%`
</script>

<svg class="block h-6 w-full min-w-24" aria-hidden="true">
  {#if mark !== undefined}
    <line x1={x(mark)} x2={x(mark)} y1="0" y2="24" stroke="currentColor" stroke-opacity="0.5" stroke-dasharray="3 3" />
  {/if}
  <line x1={x(low)} x2={x(high)} y1="12" y2="12" stroke="currentColor" stroke-width="2" />
  <line x1={x(low)} x2={x(low)} y1="8" y2="16" stroke="currentColor" stroke-width="2" />
  <line x1={x(high)} x2={x(high)} y1="8" y2="16" stroke="currentColor" stroke-width="2" />
  <circle cx={x(at)} cy="12" r="5" fill="currentColor" />
</svg>
