<script lang="ts">
  import { readProbe } from '../../data/probe'
  import { currentReading } from '../../data/currentReading.svelte'
  import { notices } from '../../data/notices.svelte'
  import { settings } from '../../data/settings.svelte'
  import Button from '../../ui/Button.svelte'
  import Choice from '../../ui/Choice.svelte'
  import Gauge from '../../ui/Gauge.svelte'
  import Toggle from '../../ui/Toggle.svelte'
  import { unitsOf } from '../../words/quantity'
  import { ARMS, BOUNDS, SEASONS } from '../../words/vocabulary'
  import { change, temperature } from '../../words/words'
  import ForageFields from './ForageFields.svelte'

  /** What is seldom said of a water, and what measures it. */
  let { isWide }: { isWide: boolean } = $props()
  const r = $derived(currentReading.reading)
  const metric = $derived(settings.metric)
  const units = $derived(unitsOf(metric))

  const probe = () =>
    readProbe(undefined, (measured) => {
      const { reading: before, waterId } = currentReading
      currentReading.change(measured)
      notices.say('The probe measured surface temperature and visibility.', () =>
        currentReading.reopen(before, waterId),
      )
    })
</script>

<Choice
  label="Season"
  options={SEASONS}
  value={r.season}
  onpick={(season) => currentReading.change({ season })}
  columns="grid-cols-3 sm:grid-cols-6"
/>
<div class="grid gap-4 sm:grid-cols-2">
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
{#if !isWide}<ForageFields />{/if}
{#if r.lure === 'spinnerbait'}
  <Choice
    label="Spinnerbait arm"
    options={ARMS}
    value={r.arm ?? 'long'}
    onpick={(arm) => currentReading.change({ arm })}
  />
{/if}
<Toggle
  label="They school"
  note="Bass chase bait in groups, often at the surface."
  value={r.schooling ?? false}
  onset={(schooling) => currentReading.change({ schooling })}
/>
<Toggle
  label="Crawfish turn red here"
  note="In spring, from about {temperature(50, metric)}; not in the far south."
  value={r.red_crawfish}
  onset={(red_crawfish) => currentReading.change({ red_crawfish })}
/>
<p class="flex flex-wrap gap-2">
  <Button disabled={readProbe.isUnderWay} onclick={probe}
    >{readProbe.isUnderWay ? 'Measuring…' : 'Read the water probe'}</Button
  >
  <Button href="#/visibility">How to measure visibility</Button>
</p>
