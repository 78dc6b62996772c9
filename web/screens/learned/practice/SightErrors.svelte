<script lang="ts">
  import { scaleLinear, scaleLog } from 'd3-scale'
  import type { PracticeProgress } from '../../../words/documents'
  import Plot from '../../../ui/plot/Plot.svelte'

  /** Guesses of a visibility over the truth, in the order they were made: above the line too far, below it too near. */
  let { guesses }: { guesses: PracticeProgress['guesses'] } = $props()
  const LAST = 30
  const MOST = 2
  const WORDS = [
    [2, 'twice'],
    [1, 'the truth'],
    [0.5, 'half'],
  ] as const
  const shown = $derived(guesses.slice(-LAST))
  const held = (ratio: number) => Math.max(1 / MOST, Math.min(MOST, ratio))
</script>

<Plot
  x={scaleLinear([0, Math.max(1, shown.length)], [0, 1])}
  y={scaleLog([1 / MOST, MOST], [0, 1])}
  yTicks={WORDS}
  left={60}
  class="h-28 max-w-sm"
  label="{shown.length} guesses, {shown.filter((one) => one.ratio > 1.2).length} too far, {shown.filter(
    (one) => one.ratio < 1 / 1.2,
  ).length} too near."
>
  {#snippet children(x, y)}
    {#each shown as guess, i (i)}
      <circle cx={x(i + 0.5)} cy={y(held(guess.ratio))} r="3.5" fill="currentColor" />
    {/each}
  {/snippet}
</Plot>
