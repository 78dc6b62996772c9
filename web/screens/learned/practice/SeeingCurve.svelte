<script lang="ts">
  import type { PracticeProgress } from '../../../words/documents'
  import { scaleLinear, scaleLog } from 'd3-scale'
  import Line from '../../../ui/plot/Line.svelte'
  import Plot from '../../../ui/plot/Plot.svelte'
  import { count } from '../../../words/numbers'

  /** How many of a hundred answers are right, by how many times as far the one lure is seen as the other. */
  interface Props {
    curve: PracticeProgress['curve']
    threshold: number
    answered: number
  }
  let { curve, threshold, answered }: Props = $props()
  const SHARES = [0.5, 0.75, 1].map((share) => [share, `${share * 100}`] as const)
  const RATIOS = [1.5, 2, 3, 4, 6, 8].map((ratio) => [ratio, `${ratio}×`] as const)
</script>

<Plot
  x={scaleLog([1, curve.at(-1)?.ratio ?? 8], [0, 1])}
  y={scaleLinear([0.5, 1], [0, 1])}
  xTicks={RATIOS}
  yTicks={SHARES}
  left={28}
  class="h-32 max-w-sm"
  label="Three answers in four are right where one lure is seen {threshold} times as far as the other."
>
  {#snippet children(x, y)}
    <Line points={curve.map((point) => [x(point.ratio), y(point.share)] as const)} />
    <circle class="fill-now" cx={x(threshold)} cy={y(0.75)} r="4.5" />
  {/snippet}
</Plot>
<p class="text-faint text-sm">
  {answered === 0 ? 'A first guess, before any answer.' : `From ${count(answered, 'answer')}.`}
</p>
