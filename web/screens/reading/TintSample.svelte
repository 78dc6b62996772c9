<script lang="ts">
  import type { Reading } from '../../api/client'

  /** A jar of the water held to the light. Colours by eye. */
  let { tint }: { tint: Reading['tint'] } = $props()
  const COLOURS: Record<Reading['tint'], string> = {
    none: '#cfd8d8',
    green: '#8fa23f',
    tannic: '#a5652a',
    clay: '#b58f62',
  }
</script>

<span class="bg-proof flex w-full justify-center py-1">
  <svg viewBox="0 0 24 30" class="h-8" aria-hidden="true">
    <path
      d="M5 1h14M7 2v4l-3 4v17a2 2 0 0 0 2 2h12a2 2 0 0 0 2-2V10l-3-4V2"
      fill="#f2f2f2"
      stroke="#333"
      stroke-width="1.4"
    />
    <path d="M4.8 12h14.4v14.6a1.4 1.4 0 0 1-1.4 1.4H6.2a1.4 1.4 0 0 1-1.4-1.4z" fill={COLOURS[tint]} />
  </svg>
</span>
