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
  import { useQueryClient } from '@tanstack/svelte-query'
  import { answer, api } from '../../api/client'
  import Choice from '../../ui/Choice.svelte'
  import Gauge from '../../ui/Gauge.svelte'
  import Several from '../../ui/Several.svelte'
  import Swatches from '../../ui/Swatches.svelte'
  import Toggle from '../../ui/Toggle.svelte'
  import { currentReading } from '../../stores/currentReading.svelte'
  import { notices } from '../../stores/notices.svelte'
  import { settings } from '../../stores/settings.svelte'
  import { change, depth, partLength, temperature } from '../../words/words'
  import { paletteQuery } from '../../api/adviceQueries.svelte'
  import { watersQuery } from '../../api/logbookQueries.svelte'
  import AdviceSummary from './AdviceSummary.svelte'
  import LureMark from './LureMark.svelte'
  import TintSample from './TintSample.svelte'
  import VisibilityStick from './VisibilityStick.svelte'
  import WindMark from './WindMark.svelte'

  const palette = paletteQuery()
  const waters = watersQuery()
  const client = useQueryClient()
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
      const kept = await answer(
        api.POST('/api/readings', {
          body: { reading: currentReading.reading, water_id: currentReading.waterId, note: '' },
        }),
      )
      await client.invalidateQueries({ queryKey: ['readings'] })
      notices.say('Reading put away.', async () => {
        await answer(api.DELETE('/api/readings/{id}', { params: { path: { id: kept.id ?? '' } } }))
        await client.invalidateQueries({ queryKey: ['readings'] })
      })
    } catch (error) {
      notices.problem(error)
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
            class="select border-rule h-11 w-44"
            aria-label="Water"
            value={currentReading.waterId ?? ''}
            onchange={(event) => goTo(event.currentTarget.value)}
          >
            <option value="">no named water</option>
            {#each waters.data ?? [] as water (water.id)}<option value={water.id}>{water.name}</option>{/each}
          </select>
        </label>
        <button class="btn btn-outline border-rule h-11" onclick={keep}>Put away</button>
      </div>
    </header>

    <Choice
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
        start={60}
        shown={(v) => temperature(v, metric)}
        onset={(surface_f) => currentReading.change({ surface_f })}
        optional
      />
      <Gauge
        label="Change in three days"
        value={r.trend_f ?? null}
        min={-15}
        max={15}
        step={1}
        start={0}
        shown={(v) => change(v, metric)}
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
        shown={(v) => depth(v, metric)}
        onset={(depth_ft) => currentReading.change({ depth_ft: depth_ft ?? 5 })}
      />
      <Gauge
        label="Sun above the horizon"
        value={r.sun_elevation_deg ?? null}
        min={0}
        max={BOUNDS.mostSunElevationDeg}
        step={5}
        start={50}
        shown={(v) => `${v}°`}
        onset={(sun_elevation_deg) => currentReading.change({ sun_elevation_deg })}
        optional
        unset="taken as 50°"
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
      label="Also there"
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
      shown={(v) => partLength(v, metric)}
      onset={(forage_in) => currentReading.change({ forage_in })}
      optional
      unset="not measured"
    />
    {#if palette.data}
      <Swatches
        label="Forage colors"
        note="strongest first"
        palette={palette.data}
        value={r.forage_colours ?? []}
        onset={(forage_colours) => currentReading.change({ forage_colours: forage_colours as typeof r.forage_colours })}
      />
    {/if}
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
