<script lang="ts">
  import { scaleLinear, scaleLog } from 'd3-scale'
  import Line from '../ui/plot/Line.svelte'
  import Plot from '../ui/plot/Plot.svelte'

  /** Curves over distance on a scale of tens, with the limit below which they end, where they cross it, and where that may lie. */
  interface Props {
    distances: readonly number[]
    curves: readonly { values: readonly number[]; dashes: string }[]
    /** The least that is drawn, and the marks on the scale. */
    floor: number
    ticks: readonly number[]
    limit: number
    crossings: readonly number[]
    /** Where each crossing may lie, from and to. */
    bands: readonly (readonly [number, number])[]
    here: number
  }
  let { distances, curves, floor, ticks, limit, crossings, bands, here }: Props = $props()

  const MOST = 100
  /** How far a band reaches above and below its limit, as a factor. */
  const BAND_HEIGHT = 1.5
  const last = $derived(distances.at(-1) ?? 1)
  const along = $derived(scaleLinear([0, last], [0, 1]))
</script>

<Plot
  x={along}
  y={scaleLog([floor, MOST], [0, 1])}
  xTicks={along.ticks(6).map((at) => [at, `${at}`] as const)}
  yTicks={ticks.map((at) => [at, `${at}`] as const)}
  left={36}
  class="h-full"
>
  {#snippet children(x, y)}
    {#each bands as [from, to], i (i)}
      <rect
        fill="currentColor"
        opacity="0.1"
        x={x(from)}
        width={Math.max(0, x(Math.min(to, last)) - x(from))}
        y={y(limit * BAND_HEIGHT)}
        height={y(limit / BAND_HEIGHT) - y(limit * BAND_HEIGHT)}
      />
    {/each}
    <line stroke="currentColor" x1={x(0)} x2={x(last)} y1={y(limit)} y2={y(limit)} />
    <line stroke="currentColor" stroke-dasharray="2 2" x1={x(here)} x2={x(here)} y1={y(floor)} y2={y(MOST)} />
    {#each curves as curve, i (i)}
      <Line
        points={curve.values.map((value, k) => [x(distances[k] ?? 0), y(Math.max(floor, value))] as const)}
        dashes={curve.dashes}
      />
    {/each}
    {#each crossings as crossing, i (i)}
      <circle cx={x(crossing)} cy={y(limit)} r="4" fill="currentColor" />
    {/each}
  {/snippet}
</Plot>
