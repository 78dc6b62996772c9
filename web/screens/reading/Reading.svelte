<script lang="ts">
  import { loaded } from '../../api/busy'
  import { LURE_CHOICES, SKYS, TINTS, WINDS, type Sky } from '../../words/vocabulary'
  import { SHORT_TINTS } from '../../words/tints'
  import Cloud from '@lucide/svelte/icons/cloud'
  import CloudLightning from '@lucide/svelte/icons/cloud-lightning'
  import CloudRain from '@lucide/svelte/icons/cloud-rain'
  import CloudSun from '@lucide/svelte/icons/cloud-sun'
  import Moon from '@lucide/svelte/icons/moon'
  import Sun from '@lucide/svelte/icons/sun'
  import Sunset from '@lucide/svelte/icons/sunset'
  import Choice from '../../ui/Choice.svelte'
  import Trouble from '../../ui/Trouble.svelte'
  import { currentReading } from '../../stores/currentReading.svelte'
  import { news } from '../../stores/news.svelte'
  import { notices } from '../../stores/notices.svelte'
  import { settings } from '../../stores/settings.svelte'
  import { readingsQuery, watersQuery } from '../../api/queries'
  import { readings as writes } from '../../api/writes'
  import Button from '../../ui/Button.svelte'
  import AdviceSummary from './AdviceSummary.svelte'
  import Later from '../../ui/Later.svelte'
  import ConditionFields from './ConditionFields.svelte'
  import FishFields from './FishFields.svelte'
  import ForageFields from './ForageFields.svelte'
  import PlaceFields from './PlaceFields.svelte'
  import LureMark from './LureMark.svelte'
  import TintSample from './TintSample.svelte'
  import VisibilityStick from '../../ui/VisibilityStick.svelte'
  import WindMark from './WindMark.svelte'

  const waters = watersQuery()
  const readings = readingsQuery()
  const r = $derived(currentReading.reading)
  const SKIES: Record<Sky, typeof Sun> = {
    sun: Sun,
    broken: CloudSun,
    overcast: Cloud,
    rain: CloudRain,
    storm: CloudLightning,
    low_sun: Sunset,
    night: Moon,
  }

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
      if (kept) notices.say('Reading saved.', () => writes.remove(kept.id ?? ''))
      else notices.say('Reading saved on this device. It is sent when Kontrast can be reached.')
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

    {#if currentReading.isFirstRun}{#await loaded(import('./FirstRun.svelte')) then { default: FirstRun }}<FirstRun
          onclose={() => (currentReading.isFirstRun = false)}
        />{/await}{/if}
    {#if news.isThere}{#await loaded(import('./NewsPanel.svelte')) then { default: NewsPanel }}<NewsPanel
        />{/await}{/if}
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
    <Later>
      <Choice label="Wind" options={WINDS} value={r.wind} onpick={(wind) => currentReading.change({ wind })}>
        {#snippet picture(wind)}<WindMark {wind} />{/snippet}
      </Choice>
    </Later>
    <Later><ConditionFields readings={readings.data ?? []} /></Later>
    <Later><PlaceFields /></Later>
    <Later><ForageFields /></Later>
    <Later><FishFields /></Later>
  </div>
  <AdviceSummary />
</div>
