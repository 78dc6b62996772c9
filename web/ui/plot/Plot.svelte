<script lang="ts" module>
  import type { ScaleContinuousNumeric } from 'd3-scale'

  export type Scale = ScaleContinuousNumeric<number, number>
  /** Where a mark stands on a scale, and what is written there. */
  export type Tick = readonly [at: number, words: string]
</script>

<script lang="ts">
  import type { Snippet } from 'svelte'

  /** A plot of two scales, with their marks; what lies in it is drawn by whoever uses it, at the places the scales say. */
  interface Props {
    /** With their domains; the plot gives them their room. */
    x: Scale
    y: Scale
    xTicks?: readonly Tick[]
    yTicks?: readonly Tick[]
    /** Room for what is written beside the upright scale, px. */
    left?: number
    /** What it shows, where nothing else says it. */
    label?: string
    class?: string
    children: Snippet<[Scale, Scale]>
  }
  let { x, y, xTicks = [], yTicks = [], left = 0, label, class: classes = 'h-56', children }: Props = $props()
  const EDGE = 5
  const WORDS = 20
  let width = $state(0)
  let height = $state(0)
  const bottom = $derived(height - (xTicks.length > 0 ? WORDS : EDGE))
  const across = $derived(x.copy().range([left, width - EDGE]))
  const up = $derived(y.copy().range([bottom, EDGE]))
</script>

<div
  class={['relative', classes]}
  role={label ? 'img' : undefined}
  aria-label={label}
  bind:clientWidth={width}
  bind:clientHeight={height}
>
  {#if width > 0}
    <svg class="absolute inset-0 overflow-visible" {width} {height} font-size="12" aria-hidden="true">
      {#each yTicks as [at, words] (at)}
        <line class="stroke-rule" x1={left} x2={width - EDGE} y1={up(at)} y2={up(at)} />
        <text class="fill-faint" x="0" y={up(at) + 4}>{words}</text>
      {/each}
      {#if xTicks.length > 0}<line class="stroke-current" x1={left} x2={width - EDGE} y1={bottom} y2={bottom} />{/if}
      {#each xTicks as [at, words] (at)}
        <line class="stroke-current" x1={across(at)} x2={across(at)} y1={bottom} y2={bottom + 4} />
        <text class="fill-faint" x={across(at)} y={height - 3} text-anchor="middle">{words}</text>
      {/each}
      {@render children(across, up)}
    </svg>
  {/if}
</div>
