<script lang="ts">
  import type { ObservedReading } from '../words/documents'
  import { settings } from '../data/settings.svelte'
  import { capital, depth, show, temperature, tintWords, waterLength } from '../words/words'

  /** The reading in one line. */
  let { reading }: { reading: ObservedReading } = $props()
  const metric = $derived(settings.metric)
  /** What of it is known. */
  const words = $derived(
    [
      reading.visibility_in != null && `${waterLength(reading.visibility_in, metric)} visibility`,
      reading.tint != null && tintWords(reading.tint),
      reading.sky != null && show(reading.sky),
      reading.wind != null && show(reading.wind),
      reading.surface_f != null && temperature(reading.surface_f, metric),
      reading.depth_ft != null && `${depth(reading.depth_ft, metric)} deep`,
      reading.cover != null && show(reading.cover),
      reading.season != null && show(reading.season),
      reading.forage != null && show(reading.forage),
    ].filter((one) => one !== false),
  )
</script>

<p class="text-sm">{words.length > 0 ? capital(words.join(' · ')) : 'Nothing noted of the water'}</p>
