<script lang="ts">
  import type { Reading } from '../../words/documents'
  import { TINT_HEX } from '../../words/tints'

  /** A white bead going down in a water of this tint. */
  let { tint }: { tint: Reading['tint'] } = $props()
  const BEADS = [0.95, 0.6, 0.32, 0.12]
  const name = $props.id()
</script>

<svg viewBox="0 0 100 28" class="h-7 w-full" preserveAspectRatio="none" aria-hidden="true">
  <linearGradient id={name}>
    <stop offset="0" stop-color={TINT_HEX[tint].near} />
    <stop offset="1" stop-color={TINT_HEX[tint].deep} />
  </linearGradient>
  <rect width="100" height="28" fill="url(#{name})" />
  {#each BEADS as share, i (share)}<ellipse
      cx={17 + 22 * i}
      cy="14"
      rx="6"
      ry="6.5"
      fill="#fff"
      opacity={share}
    />{/each}
</svg>
