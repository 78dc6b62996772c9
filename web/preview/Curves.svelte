<script lang="ts">
  import { scaleLinear, scaleLog } from 'd3-scale'
  import { Axis, Chart, Svg } from 'layerchart/svg'

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
  const PADDING = { left: 36, bottom: 20, top: 4, right: 4 }
  const last = $derived(distances.at(-1) ?? 1)
  const xDomain = $derived([0, last])
  const yDomain = $derived([floor, MOST])
  // The scales are kept as long as nothing but the curves changes.
  const x = scaleLinear()
  const y = scaleLog()

  type Scale = (value: number) => number
  const pathOf = (values: readonly number[], xScale: Scale, yScale: Scale) =>
    values
      .map((value, i) => {
        const at = `${xScale(distances[i] ?? 0).toFixed(1)} ${yScale(Math.max(floor, value)).toFixed(1)}`
        return `${i === 0 ? 'M' : 'L'}${at}`
      })
      .join('')
</script>

<Chart data={[]} {xDomain} {yDomain} xScale={x} yScale={y} padding={PADDING}>
  {#snippet children({ context })}
    {@const xScale = context.xScale as unknown as Scale}
    {@const yScale = context.yScale as unknown as Scale}
    <Svg>
      <Axis placement="left" ticks={[...ticks]} format={(value: number) => `${value}`} grid rule={false} />
      <Axis placement="bottom" ticks={6} rule />
      {#each bands as [from, to], i (i)}
        <rect
          class="plot-band"
          x={xScale(from)}
          width={Math.max(0, xScale(Math.min(to, last)) - xScale(from))}
          y={yScale(limit * BAND_HEIGHT)}
          height={yScale(limit / BAND_HEIGHT) - yScale(limit * BAND_HEIGHT)}
        />
      {/each}
      <line class="plot-limit" x1={xScale(0)} x2={xScale(last)} y1={yScale(limit)} y2={yScale(limit)} />
      <line class="plot-here" x1={xScale(here)} x2={xScale(here)} y1={yScale(floor)} y2={yScale(MOST)} />
      {#each curves as curve, i (i)}
        <path
          class="plot-line"
          d={pathOf(curve.values, xScale, yScale)}
          stroke="currentColor"
          stroke-dasharray={curve.dashes}
        />
      {/each}
      {#each crossings as crossing, i (i)}
        <circle cx={xScale(crossing)} cy={yScale(limit)} r="4" fill="currentColor" />
      {/each}
    </Svg>
  {/snippet}
</Chart>
