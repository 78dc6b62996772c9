<script lang="ts">
  import type { Snippet } from 'svelte'
  import type { ClassValue } from 'svelte/elements'
  import type { Tick } from './Plot.svelte'

  /** A scale of one dimension, as wide as there is room: what its parts are called above, its marks with their words below. */
  interface Props {
    /** Percent along it. */
    place: (value: number) => number
    marks?: readonly Tick[]
    /** How far down its marks begin and end, px. */
    ticks: readonly [number, number]
    bands?: readonly { name: string; from: number; to: number }[]
    /** Every second word is left out on a phone. */
    isSparse?: boolean
    /** The part that holds now. */
    band?: string | undefined
    class?: ClassValue
    children?: Snippet
  }
  let { place, marks = [], ticks, bands = [], band, isSparse = false, class: classes = '', children }: Props = $props()
  const [from, to] = $derived(ticks)
  const x = (value: number) => Math.max(0, Math.min(100, place(value)))
  /** A word at an end of the stick stays over it. */
  const anchor = (value: number) => (x(value) < 4 ? 'start' : x(value) > 96 ? 'end' : 'middle')
</script>

<svg class={['block w-full', classes]} font-size="12" aria-hidden="true">
  {#each bands as one, i (one.name)}
    <text
      class={one.name === band ? 'fill-current font-bold' : 'fill-faint'}
      x="{(x(one.from) + x(one.to)) / 2}%"
      y="13"
      text-anchor="middle">{one.name}</text
    >
    {#if i > 0}<line class="stroke-edge" x1="{x(one.from)}%" x2="{x(one.from)}%" y1="4" y2="14" />{/if}
  {/each}
  {@render children?.()}
  {#each marks as [at, words], i (at)}
    <line class="stroke-edge" x1="{x(at)}%" x2="{x(at)}%" y1={from} y2={to} />
    {#if words}<text
        class={['fill-faint', isSparse && i % 2 === 1 && 'max-sm:hidden']}
        x="{x(at)}%"
        y={to + 14}
        text-anchor={anchor(at)}>{words}</text
      >{/if}
  {/each}
</svg>
