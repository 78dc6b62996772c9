<script lang="ts">
  import type { Reading } from '../../words/documents'
  /** The lure in a few strokes. */
  let { lure }: { lure: Reading['lure'] } = $props()
  const BODY = 'M14 22c-3-4-9-3-9 0s6 4 9 0M14 22h20c5 0 5-8-1-8M14 22l14 4M14 22l15 1M14 22l13-4'
  const MARKS: Record<Reading['lure'], string> = {
    jig: `${BODY}M9 18l-1-3M12 19l8-8`,
    swim_jig: `${BODY}M5 21l-3-2M30 24c5 4 8 3 12 0c-3 5-8 6-12 2`,
    spinnerbait: `${BODY}M5 21L1 17L26 5M27 5c4-5 12-5 13 0c-1 5-9 5-13 0`,
    bladed_jig: `${BODY}M6 23L1 14l3-6l5 3l1 8`,
    any: 'M16 10c0-5 12-5 12 1c0 4-6 4-6 9M22 24v1',
  }
</script>

<svg
  viewBox="0 0 44 30"
  class="h-7"
  fill="none"
  stroke="currentColor"
  stroke-width="1.7"
  stroke-linejoin="round"
  aria-hidden="true"><path d={MARKS[lure]} /></svg
>
