<script lang="ts">
  import type { PracticeProgress } from '../../../words/documents'
  import { count } from '../../../words/numbers'

  /** How many of a hundred answers are right, by how many times as far the one lure is seen as the other. */
  interface Props {
    curve: PracticeProgress['curve']
    threshold: number
    answered: number
  }
  let { curve, threshold, answered }: Props = $props()
  const WIDTH = 300
  const HEIGHT = 110
  const last = $derived(curve.at(-1)?.ratio ?? 8)
  const x = (ratio: number) => 24 + ((WIDTH - 34) * Math.log(ratio)) / Math.log(last)
  const y = (share: number) => 8 + (HEIGHT - 30) * (1 - (share - 0.5) / 0.5)
  const line = $derived(curve.map((point) => `${x(point.ratio).toFixed(1)} ${y(point.share).toFixed(1)}`).join('L'))
</script>

<svg
  viewBox="0 0 {WIDTH} {HEIGHT}"
  class="block w-full max-w-sm"
  role="img"
  aria-label="Three answers in four are right where one lure is seen {threshold} times as far as the other."
>
  {#each [0.5, 0.75, 1] as share (share)}
    <line x1="24" x2={WIDTH - 10} y1={y(share)} y2={y(share)} stroke="var(--rule)" />
    <text x="0" y={y(share) + 4} font-size="12" fill="var(--faint)">{share * 100}</text>
  {/each}
  {#each [1.5, 2, 3, 4, 6, 8] as ratio (ratio)}
    <text x={x(ratio)} y={HEIGHT - 4} font-size="12" fill="var(--faint)" text-anchor="middle">{ratio}×</text>
  {/each}
  <path d="M{line}" fill="none" stroke="currentColor" stroke-width="2" />
  <circle cx={x(threshold)} cy={y(0.74)} r="4.5" fill="var(--now)" />
</svg>
<p class="text-faint text-sm">
  {answered === 0 ? 'A first guess, before any answer.' : `From ${count(answered, 'answer')}.`}
</p>
