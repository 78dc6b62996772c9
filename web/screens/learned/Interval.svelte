<script lang="ts">
  /** A stick with where a figure may lie, and where it most likely lies. What it says stands beside it in numbers. */
  interface Props {
    low: number
    at: number
    high: number
    /** 0 to 1 along the width. */
    place: (value: number) => number
    /** A line to hold it against. */
    mark?: number | undefined
    /** What is written under it. */
    marks?: readonly (readonly [number, string])[]
  }
  let { low, at, high, place, mark, marks = [] }: Props = $props()
  const share = (value: number) => Math.max(0, Math.min(1, place(value)))
  const x = (value: number) => `${100 * share(value)}%`
  /** A word at an end of the stick stays over it. */
  const anchor = (value: number) => (share(value) < 0.1 ? 'start' : share(value) > 0.9 ? 'end' : 'middle')
</script>

<svg class={['block w-full min-w-24', marks.length > 0 ? 'h-11' : 'h-6']} aria-hidden="true">
  <line x1="0" x2="100%" y1="12" y2="12" stroke="var(--edge)" />
  {#if mark !== undefined}<line x1={x(mark)} x2={x(mark)} y1="2" y2="22" stroke="currentColor" stroke-width="2" />{/if}
  <line x1={x(low)} x2={x(high)} y1="12" y2="12" stroke="currentColor" stroke-width="6" opacity="0.55" />
  <circle cx={x(at)} cy="12" r="5" fill="var(--sheet)" stroke="currentColor" stroke-width="2.5" />
  {#each marks as [value, words], i (value)}
    <line x1={x(value)} x2={x(value)} y1="12" y2="18" stroke="var(--edge)" />
    <text
      x={x(value)}
      y="38"
      font-size="12"
      fill="var(--faint)"
      text-anchor={anchor(value)}
      class={i % 2 === 1 ? 'max-sm:hidden' : ''}>{words}</text
    >
  {/each}
</svg>
