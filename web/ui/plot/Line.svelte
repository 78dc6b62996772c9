<script lang="ts">
  /** A line through points, px, in the ink of its plot or in a color. */
  interface Props {
    points: readonly (readonly [number, number])[]
    dashes?: string
    width?: number
    color?: string
  }
  let { points, dashes, width = 2, color = 'currentColor' }: Props = $props()
  const path = $derived(points.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L'))
</script>

<path d="M{path}" fill="none" stroke={color} stroke-width={width} stroke-dasharray={dashes} />
