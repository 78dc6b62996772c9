<script lang="ts">
  import { settings } from '../data/settings.svelte'
  import { unitsOf } from '../words/quantity'
  import { path, PER_INCH } from './units'

  /** A ruler under the lure, from its nose: inches in eighths, or centimetres in millimetres. */
  interface Props {
    x: number
    y: number
    length: number
  }
  let { x, y, length }: Props = $props()

  const metric = $derived(settings.metric)
  const step = $derived(metric ? PER_INCH / unitsOf(true).part.per : PER_INCH / 8)
  const major = $derived(metric ? 10 : 8)
  const ticks = $derived(
    Array.from({ length: Math.ceil(length / step) + 1 }, (_, i) => ({
      x: x + i * step,
      size: i % major === 0 ? 16 : i % (major / 2) === 0 ? 10 : metric || i % 2 === 1 ? 5 : 7,
      label: i % major === 0 ? `${i / major}` : null,
    })),
  )
  const last = $derived(ticks.at(-1)?.x ?? x)
</script>

<g stroke="currentColor" stroke-width="1.1">
  <path fill="none" d={path`M${x} ${y}H${last}` + ticks.map((tick) => path`M${tick.x} ${y}v${tick.size}`).join('')} />
</g>
<g fill="currentColor" font-size="16" text-anchor="start">
  {#each ticks.filter((tick) => tick.label && (tick.x + 20 < last || tick.x === x)) as tick (tick.x)}
    <text x={tick.x + 4} y={y + 25}>{tick.label}{tick.x === x ? (metric ? ' cm' : ' in') : ''}</text>
  {/each}
</g>
