<script lang="ts">
  import type { SavedReading } from '../../api/client'
  import { currentReading } from '../../stores/currentReading.svelte'
  import { readProbe } from '../../api/probe'
  import { notices } from '../../stores/notices.svelte'
  import Button from '../../ui/Button.svelte'
  import { settings } from '../../stores/settings.svelte'
  import Gauge from '../../ui/Gauge.svelte'
  import { BOUNDS } from '../../words/vocabulary'
  import { unitsOf } from '../../words/quantity'
  import { change, depth, temperature } from '../../words/words'

  /** What is measured: temperature and its change, depth, the sun's height. */
  const r = $derived(currentReading.reading)
  let { readings }: { readings: readonly SavedReading[] } = $props()
  const metric = $derived(settings.metric)
  /** Where a temperature starts: the last one measured here, or else anywhere. */
  const lastSurface = $derived(
    readings.find(
      (kept) => kept.reading.surface_f != null && (!currentReading.waterId || kept.water_id === currentReading.waterId),
    )?.reading.surface_f ?? 60,
  )
  const units = $derived(unitsOf(metric))
  let busy = $state(false)

  async function probe() {
    busy = true
    const { reading: before, waterId } = currentReading
    try {
      currentReading.change(await readProbe())
      notices.say('The probe measured surface temperature and visibility.', () =>
        currentReading.reopen(before, waterId),
      )
    } catch (error) {
      notices.problem(error)
    }
    busy = false
  }
</script>

<div class="grid gap-5 sm:grid-cols-2">
  <Gauge
    label="Surface temperature"
    value={r.surface_f ?? null}
    min={BOUNDS.leastSurfaceF}
    max={BOUNDS.mostSurfaceF}
    step={1}
    start={lastSurface}
    {...units.warmth}
    words={(v) => temperature(v, metric)}
    onset={(surface_f) => currentReading.change({ surface_f })}
    optional
  />
  <Gauge
    label="Three-day change"
    value={r.trend_f ?? null}
    min={-15}
    max={15}
    step={1}
    start={0}
    {...units.rise}
    words={(v) => change(v, metric)}
    onset={(trend_f) => currentReading.change({ trend_f })}
    optional
    unset="steady"
  />
  <Gauge
    label="Depth fished"
    value={r.depth_ft}
    min={1}
    max={40}
    step={1}
    start={5}
    {...units.depth}
    words={(v) => depth(v, metric)}
    onset={(depth_ft) => currentReading.change({ depth_ft: depth_ft ?? 5 })}
  />
  <Gauge
    label="Sun height"
    value={r.sun_elevation_deg ?? null}
    min={0}
    max={BOUNDS.mostSunElevationDeg}
    step={5}
    start={50}
    unit="°"
    words={(v) => `${v}°`}
    onset={(sun_elevation_deg) => currentReading.change({ sun_elevation_deg })}
    optional
    unset="assumed 50°"
  />
</div>
<Button class="self-start" disabled={busy} onclick={probe}>{busy ? 'Measuring…' : 'Read the water probe'}</Button>
