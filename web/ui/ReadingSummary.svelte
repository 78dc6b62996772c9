<script lang="ts">
  import type { Reading } from '../api/client'
  import { settings } from '../stores/settings.svelte'
  import { capital, depth, show, temperature, tintWords, waterLength } from '../words/words'

  /** The reading in one line. */
  let { reading }: { reading: Reading } = $props()
  const metric = $derived(settings.metric)
  const words = $derived([
    `${waterLength(reading.visibility_in, metric)} visibility`,
    tintWords(reading.tint),
    show(reading.sky),
    reading.wind === 'calm' ? 'calm' : show(reading.wind),
    ...(reading.surface_f != null ? [temperature(reading.surface_f, metric)] : []),
    `${depth(reading.depth_ft, metric)} deep`,
    show(reading.cover),
    show(reading.season),
    show(reading.forage),
  ])
</script>

<p class="text-sm">{capital(words.join(' · '))}</p>
