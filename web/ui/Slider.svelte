<script lang="ts">
  import type { Snippet } from 'svelte'
  import type { ClassValue } from 'svelte/elements'
  import { dragging } from './dragging'

  /**
   * A slider for a thumb: a tap sets it, a drag along it moves it, a finger that rests on it gets a finer scale, and a swipe up or down
   * scrolls the page and changes nothing. A native slider underneath, so keys and screen readers work as ever.
   */
  interface Props {
    id?: string
    label: string
    /** The place on the scale: a whole number from 0. */
    value: number
    last: number
    shown: string
    onset: (value: number) => void
    /** Where a place lies along the slider, 0 to 1; even steps where it is left out. */
    at?: (value: number) => number
    /** The places a tap goes to, where not to any. */
    marks?: readonly number[]
    disabled?: boolean
    /** What is drawn in place of a line and a thumb. */
    children?: Snippet<[{ fine: number | null }]>
    class?: ClassValue
  }
  let {
    id,
    label,
    value,
    last,
    shown,
    onset,
    at = (place: number) => (last === 0 ? 0 : place / last),
    marks,
    disabled = false,
    children,
    class: classes = '',
  }: Props = $props()

  /** On the finer scale so many places fill the width. */
  const FINE_PLACES = 14
  /** The place in the middle of the finer scale, while it is shown. */
  let fine = $state<number | null>(null)
  let began = 0

  function nearest(share: number, among?: readonly number[]): number {
    const places = among ?? Array.from({ length: last + 1 }, (_, place) => place)
    return places.reduce(
      (best, place) => (Math.abs(at(place) - share) < Math.abs(at(best) - share) ? place : best),
      places[0] ?? 0,
    )
  }

  const set = (place: number) => {
    const to = Math.max(0, Math.min(last, place))
    if (to !== value) onset(to)
  }

  const attach = (element: HTMLElement) =>
    dragging(element, {
      tap: (share) => set(nearest(share, marks)),
      begin: () => (began = value),
      move: (share, moved, isFine) => set(isFine ? Math.round(began + moved * FINE_PLACES) : nearest(share)),
      rest: () => (fine = value),
      end: () => (fine = null),
    })
</script>

<div class={['slider focus-ring relative touch-pan-y select-none', classes]} {@attach attach}>
  {#if children}{@render children({ fine })}{:else}
    <span class="absolute inset-x-0 top-1/2 h-0.5 -translate-y-1/2 bg-current" aria-hidden="true"></span>
    <span
      class="border-base-100 absolute top-1/2 h-8 w-4 -translate-x-1/2 -translate-y-1/2 border-2 bg-current"
      style:left="{at(value) * 100}%"
      aria-hidden="true"
    ></span>
  {/if}
  {#if fine !== null}
    <span
      class={[
        'bg-neutral text-neutral-content pointer-events-none absolute -top-14 left-1/2 z-30',
        '-translate-x-1/2 px-3 py-1 text-center text-xs whitespace-nowrap',
      ]}><span class="block text-lg font-bold">{shown}</span>slide to change by single steps</span
    >
  {/if}
  <input
    {id}
    class="pointer-events-none absolute inset-0 h-full w-full appearance-none opacity-0"
    type="range"
    aria-label={label}
    min="0"
    max={last}
    step="1"
    {value}
    {disabled}
    aria-valuetext={shown}
    oninput={(event) => set(Number(event.currentTarget.value))}
  />
</div>
