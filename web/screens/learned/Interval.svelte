<script lang="ts">
  import Stick from '../../ui/plot/Stick.svelte'
  import type { Tick } from '../../ui/plot/Plot.svelte'

  /** A stick with where a figure may lie, and where it most likely lies. What it says stands beside it in numbers. */
  interface Props {
    low: number
    at: number
    high: number
    /** 0 to 1 along the width. */
    place: (value: number) => number
    /** A line to hold it against. */
    mark?: number | undefined
    /** What is written under it. */
    marks?: readonly Tick[]
  }
  let { low, at, high, place, mark, marks = [] }: Props = $props()
  const percent = (value: number) => 100 * Math.max(0, Math.min(1, place(value)))
  const x = (value: number) => `${percent(value)}%`
</script>

<Stick place={percent} {marks} ticks={[12, 18]} isSparse class={['min-w-24', marks.length > 0 ? 'h-11' : 'h-6']}>
  <line class="stroke-edge" x1="0" x2="100%" y1="12" y2="12" />
  {#if mark !== undefined}<line x1={x(mark)} x2={x(mark)} y1="2" y2="22" stroke="currentColor" stroke-width="2" />{/if}
  <line x1={x(low)} x2={x(high)} y1="12" y2="12" stroke="currentColor" stroke-width="6" opacity="0.55" />
  <circle class="fill-sheet" cx={x(at)} cy="12" r="5" stroke="currentColor" stroke-width="2.5" />
</Stick>
