<script lang="ts">
  import {
    ARMS,
    BOUNDS,
    BASSS,
    BITES,
    COVERS,
    COVER_DENSITYS,
    FORAGES,
    GOALS,
    GOAL_LABELS,
    LURE_CHOICES,
    RUNS,
    SEASONS,
    SKYS,
    type Sky,
    TINTS,
    WINDS,
  } from '../../words/vocabulary'
  import { SHORT_TINTS } from '../../words/tints'
  import Cloud from '@lucide/svelte/icons/cloud'
  import CloudLightning from '@lucide/svelte/icons/cloud-lightning'
  import CloudRain from '@lucide/svelte/icons/cloud-rain'
  import CloudSun from '@lucide/svelte/icons/cloud-sun'
  import Moon from '@lucide/svelte/icons/moon'
  import Sun from '@lucide/svelte/icons/sun'
  import Sunset from '@lucide/svelte/icons/sunset'
  import Choice from '../../ui/Choice.svelte'
  import Gauge from '../../ui/Gauge.svelte'
  import Several from '../../ui/Several.svelte'
  import Swatches from '../../ui/Swatches.svelte'
  import Toggle from '../../ui/Toggle.svelte'
  import Trouble from '../../ui/Trouble.svelte'
  import { currentReading } from '../../stores/currentReading.svelte'
  import { notices } from '../../stores/notices.svelte'
  import { settings } from '../../stores/settings.svelte'
  import { change, depth, fromCelsius, partLength, round, temperature, toCelsius } from '../../words/words'
  import { readingsQuery, watersQuery } from '../../api/queries'
  import { readings as writes } from '../../api/writes'
  import Button from '../../ui/Button.svelte'
  import AdviceSummary from './AdviceSummary.svelte'
  import LureMark from './LureMark.svelte'
  import TintSample from './TintSample.svelte'
  import VisibilityStick from './VisibilityStick.svelte'
  import WindMark from './WindMark.svelte'

  const waters = watersQuery()
  const readings = readingsQuery()
  const r = $derived(currentReading.reading)
  const metric = $derived(settings.metric)
  const SKIES: Record<Sky, typeof Sun> = {
    sun: Sun,
    broken: CloudSun,
    overcast: Cloud,
    rain: CloudRain,
    storm: CloudLightning,
    low_sun: Sunset,
    night: Moon,
  }

  /** Where a temperature starts: the last one measured here, or else anywhere. */
  const lastSurface = $derived(
    (readings.data ?? []).find(
      (kept) => kept.reading.surface_f != null && (!currentReading.waterId || kept.water_id === currentReading.waterId),
    )?.reading.surface_f ?? 60,
  )
  const degrees = $derived(
    metric
      ? { unit: '°C', toShown: (f: number) => round(toCelsius(f), 1), fromShown: fromCelsius }
      : { unit: '°F', toShown: (f: number) => round(f, 0), fromShown: (f: number) => f },
  )
  const difference = $derived(
    metric
      ? { unit: '°C', toShown: (f: number) => round((f * 5) / 9, 1), fromShown: (c: number) => (c * 9) / 5 }
      : { unit: '°F', toShown: (f: number) => f, fromShown: (f: number) => f },
  )
  const feet = $derived(
    metric
      ? { unit: 'm', toShown: (ft: number) => round(ft * 0.3048, 1), fromShown: (m: number) => m / 0.3048 }
      : { unit: 'ft', toShown: (ft: number) => round(ft, 1), fromShown: (ft: number) => ft },
  )
  const inches = $derived(
    metric
      ? { unit: 'mm', toShown: (inch: number) => round(inch * 25.4, 0), fromShown: (mm: number) => mm / 25.4 }
      : { unit: 'in', toShown: (inch: number) => inch, fromShown: (inch: number) => inch },
  )

  /** In the sun a heavy theme of black on white is easier to read; it is offered where the screen is likely in it. */
  const HIGH_SUN_HOURS = [10, 16] as const
  let isDeclined = $state(false)
  const isNoonOffered = $derived.by(() => {
    const hour = new Date().getHours()
    return (
      !isDeclined &&
      r.sky === 'sun' &&
      settings.value?.theme !== 'noon' &&
      hour >= HIGH_SUN_HOURS[0] &&
      hour < HIGH_SUN_HOURS[1] &&
      matchMedia('(pointer: coarse) and (prefers-color-scheme: light)').matches
    )
  })

  function goTo(id: string) {
    const water = waters.data?.find((w) => w.id === id)
    currentReading.at(water?.id ?? null)
    if (water)
      currentReading.change({
        tint: water.tint,
        red_crawfish: water.red_crawfish,
        ...(water.forage ? { forage: water.forage } : {}),
      })
  }

  async function keep() {
    try {
      const kept = await writes.add(currentReading.reading, currentReading.waterId)
      notices.say('Reading saved.', () => writes.remove(kept.id ?? ''))
    } catch (error) {
      notices.problem(error, keep)
    }
  }
</script>

<div class="grid gap-x-8 gap-y-6 lg:grid-cols-[minmax(0,7fr)_minmax(0,5fr)]">
  <div class="flex flex-col gap-5">
    <header class="flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
      <h1>What is the water like?</h1>
      <div class="flex gap-2">
        <label class="flex items-center gap-2 text-sm">
          <span class="sr-only sm:not-sr-only">At</span>
          <select
            class="select border-edge h-11 w-40 sm:w-44"
            aria-label="Water"
            value={currentReading.waterId ?? ''}
            onchange={(event) => goTo(event.currentTarget.value)}
          >
            <option value="">no named water</option>
            {#each waters.data ?? [] as water (water.id)}<option value={water.id}>{water.name}</option>{/each}
          </select>
        </label>
        <Button onclick={keep}>Save reading</Button>
      </div>
    </header>

    {#if waters.error}<Trouble error={waters.error} onretry={() => void waters.refetch()} />{/if}
    {#if isNoonOffered}
      <div class="border-base-content flex flex-wrap items-center gap-2 border-2 p-2 text-sm" role="status">
        <span class="flex-1">In the sun? The noon theme is easier to read.</span>
        <Button onclick={() => settings.change({ theme: 'noon' })}>Switch to noon</Button>
        <Button look="plain" onclick={() => (isDeclined = true)}>Not now</Button>
      </div>
    {/if}
    <Choice
      columns="grid-cols-3 sm:auto-cols-fr sm:grid-flow-col sm:grid-cols-none"
      label="Lure"
      options={LURE_CHOICES}
      value={r.lure}
      shown={{ any: 'Best for this water' }}
      onpick={(lure) => currentReading.change({ lure })}
    >
      {#snippet picture(lure)}<LureMark {lure} />{/snippet}
    </Choice>
    <VisibilityStick value={r.visibility_in} onset={(visibility_in) => currentReading.change({ visibility_in })} />
    <Choice
      label="Tint"
      options={TINTS}
      value={r.tint}
      onpick={(tint) => currentReading.change({ tint })}
      shown={SHORT_TINTS}
    >
      {#snippet picture(tint)}<TintSample {tint} />{/snippet}
    </Choice>
    <Choice
      label="Sky"
      options={SKYS}
      value={r.sky}
      onpick={(sky) => currentReading.change({ sky })}
      columns="grid-cols-4 sm:grid-cols-7"
    >
      {#snippet picture(sky)}{@const Picture = SKIES[sky]}<Picture size={22} aria-hidden="true" />{/snippet}
    </Choice>
    <Choice label="Wind" options={WINDS} value={r.wind} onpick={(wind) => currentReading.change({ wind })}>
      {#snippet picture(wind)}<WindMark {wind} />{/snippet}
    </Choice>
    <div class="grid gap-5 sm:grid-cols-2">
      <Gauge
        label="Surface temperature"
        value={r.surface_f ?? null}
        min={BOUNDS.leastSurfaceF}
        max={BOUNDS.mostSurfaceF}
        step={1}
        start={lastSurface}
        {...degrees}
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
        {...difference}
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
        {...feet}
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
    <Choice
      label="Season"
      options={SEASONS}
      value={r.season}
      onpick={(season) => currentReading.change({ season })}
      columns="grid-cols-3 sm:grid-cols-6"
    />
    <Choice
      label="Cover"
      options={COVERS}
      value={r.cover}
      onpick={(cover) => currentReading.change({ cover })}
      columns="grid-cols-4 sm:grid-cols-7"
    />
    <div class="grid gap-5 sm:grid-cols-2">
      <Choice
        label="Cover density"
        options={COVER_DENSITYS}
        value={r.cover_density}
        onpick={(cover_density) => currentReading.change({ cover_density })}
      />
      <Choice
        label="Running depth"
        note="tap again for anywhere"
        options={RUNS}
        value={r.run}
        onpick={(run) => currentReading.change({ run })}
        optional
        onclear={() => currentReading.change({ run: null })}
      />
    </div>
    <Choice
      label="Forage"
      options={FORAGES}
      value={r.forage}
      onpick={(forage) =>
        currentReading.change({ forage, forage_also: (r.forage_also ?? []).filter((other) => other !== forage) })}
      columns="grid-cols-3 sm:grid-cols-7"
    />
    <Several
      label="Other forage"
      note="tap all that you see"
      options={FORAGES.filter((forage) => forage !== r.forage && forage !== 'unknown')}
      value={r.forage_also ?? []}
      onset={(forage_also) => currentReading.change({ forage_also })}
    />
    <Gauge
      label="Forage length"
      value={r.forage_in ?? null}
      min={1}
      max={10}
      step={0.5}
      start={3}
      {...inches}
      words={(v) => partLength(v, metric)}
      onset={(forage_in) => currentReading.change({ forage_in })}
      optional
      unset="not measured"
    />
    <Swatches
      label="Forage colors"
      note="strongest first"
      value={r.forage_colours ?? []}
      onset={(forage_colours) => currentReading.change({ forage_colours })}
    />
    <div class="grid gap-5 sm:grid-cols-2">
      <Choice label="Bite" options={BITES} value={r.bite} onpick={(bite) => currentReading.change({ bite })} />
      <Choice
        label="Goal"
        options={GOALS}
        value={r.goal ?? 'any'}
        shown={GOAL_LABELS}
        onpick={(goal) => currentReading.change({ goal })}
      />
      <Choice label="Bass" options={BASSS} value={r.bass} onpick={(bass) => currentReading.change({ bass })} />
      {#if r.lure === 'spinnerbait'}
        <Choice
          label="Spinnerbait arm"
          options={ARMS}
          value={r.arm ?? 'long'}
          onpick={(arm) => currentReading.change({ arm })}
        />
      {/if}
      <Toggle
        label="Crawfish turn red here"
        note="In spring, from about {temperature(50, metric)}; not in the far south."
        value={r.red_crawfish}
        onset={(red_crawfish) => currentReading.change({ red_crawfish })}
      />
    </div>
  </div>
  <AdviceSummary />
</div>
