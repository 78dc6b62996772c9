<script lang="ts">
  import type { Cover } from '../../words/vocabulary'

  /** What the bass lie at, between the surface and the bottom. */
  let { cover }: { cover: Cover } = $props()
  const LINES: Record<Cover, string> = {
    open: '',
    wood: 'M6 26L40 13M14 23L11 12M22 20L27 9M31 16L38 8M18 21L24 26',
    grass: [7, 13, 19, 25, 31, 37]
      .map((x, i) => `M${x} 27C${x + (i % 2)} 20 ${x + 2 - 3 * (i % 2)} 16 ${x + 1} ${9 + (i % 3)}`)
      .join(''),
    rock: 'M4 27L9 19L17 18L21 27M18 20L26 13L33 17L36 27M33 19L41 21L44 27',
    dock: 'M4 6H44M10 6V27M24 6V27M38 6V27',
    pads: 'M5 7C9 5 14 5 17 7M20 7C24 5 30 5 33 7M35 7C38 6 42 6 45 7M11 7C11 14 13 20 12 27M27 7C26 14 28 20 27 27M40 7C40 15 39 20 40 27',
    flooded_brush: 'M12 27L14 6M14 18L8 10M13 14L20 8M30 27L28 5M29 19L36 11M29 14L22 10M20 27L21 14M38 27L40 15',
  }
</script>

<svg viewBox="0 0 48 30" class="h-8" fill="none" stroke="currentColor" stroke-width="1.5" aria-hidden="true">
  <path d="M2 7q3-2 6 0t6 0t6 0t6 0t6 0t6 0t6 0M2 27.5H46" opacity="0.5" />
  <path d={LINES[cover]} stroke-width="1.9" />
</svg>
