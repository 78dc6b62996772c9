<script lang="ts">
  import { settings } from '../stores/settings.svelte'
  import { PER_INCH } from './units'

  /** A ruler under the lure, from its nose: inches in eighths, or centimetres in millimetres. */
  interface Props {
    x: number
    y: number
    length: number
  }
  let { x, y, length }: Props = $props()

  const metric = $derived(settings.metric)
  const step = $derived(metric ? PER_INCH / 25.4 : PER_INCH / 8)
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
  <line x1={x} y1={y} x2={last} y2={y} />
  {#each ticks as tick (tick.x)}<line x1={tick.x} y1={y} x2={tick.x} y2={y + tick.size} />{/each}
</g>
<g fill="currentColor" font-size="16" text-anchor="start">
  {#each ticks as tick (tick.x)}
    {#if tick.label && (tick.x + 20 < last || tick.x === x)}<text x={tick.x + 4} y={y + 25}
        >{tick.label}{tick.x === x ? (metric ? ' cm' : ' in') : ''}</text
      >{/if}
  {/each}
</g>
