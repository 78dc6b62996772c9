<script lang="ts">
  import type { Reading } from '../../words/documents'
  let { wind }: { wind: Reading['wind'] } = $props()
  const LINES: Record<Reading['wind'], string> = {
    calm: 'M2 9h28M6 15h20',
    ripple: 'M2 9q3.5-4 7 0t7 0t7 0t7 0M6 16q3-3 6 0t6 0t6 0',
    chop: 'M2 11l5-7 3 7 5-7 3 7 5-7 3 7 4-6M3 18l5-5 3 5 5-5 3 5 5-5 3 5',
  }
</script>

<svg viewBox="0 0 32 20" class="h-5" fill="none" stroke="currentColor" stroke-width="1.8" aria-hidden="true"
  ><path d={LINES[wind]} /></svg
>
