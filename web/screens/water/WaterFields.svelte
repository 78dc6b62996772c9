<script lang="ts">
  import Cloud from '@lucide/svelte/icons/cloud'
  import CloudLightning from '@lucide/svelte/icons/cloud-lightning'
  import CloudRain from '@lucide/svelte/icons/cloud-rain'
  import CloudSun from '@lucide/svelte/icons/cloud-sun'
  import Moon from '@lucide/svelte/icons/moon'
  import Sun from '@lucide/svelte/icons/sun'
  import Sunset from '@lucide/svelte/icons/sunset'
  import type { Reading, SavedReading } from '../../words/documents'
  import { currentReading } from '../../data/currentReading.svelte'
  import { settings } from '../../data/settings.svelte'
  import Choice from '../../ui/Choice.svelte'
  import Folds from '../../ui/Folds.svelte'
  import Gauge from '../../ui/Gauge.svelte'
  import VisibilityStick from '../../ui/VisibilityStick.svelte'
  import { unitsOf } from '../../words/quantity'
  import { SHORT_TINTS } from '../../words/tints'
  import {
    BOUNDS,
    COVERS,
    FORAGES,
    LURE_CHOICES,
    SKYS,
    TINTS,
    WINDS,
    type Forage,
    type Sky,
  } from '../../words/vocabulary'
  import { WARMTH_BANDS } from '../../words/warmth'
  import { capital, depth, show, temperature } from '../../words/words'
  import CoverMark from '../../ui/marks/CoverMark.svelte'
  import ForageMark from '../../ui/marks/ForageMark.svelte'
  import LureMark from '../../ui/marks/LureMark.svelte'
  import TintSample from './TintSample.svelte'
  import WindMark from './WindMark.svelte'

  /** What is said of the water: what matters most stands open, the rest shows its value and opens. */
  interface Props {
    readings: readonly SavedReading[]
    /** At a desk there is room for less, and time for a second tap. */
    isWide: boolean
  }
  let { readings, isWide }: Props = $props()
  const r = $derived(currentReading.reading)
  const metric = $derived(settings.metric)
  const change = (part: Partial<Reading>) => currentReading.change(part)
  /** What is the main forage is no other. */
  const without = (forage: Forage): Partial<Reading> =>
    r.forage_also?.includes(forage) ? { forage_also: r.forage_also.filter((other) => other !== forage) } : {}
  /** The field that was changed last, and what it was. */
  const last = $derived(currentReading.lastChange)
  const wasOf = (field: keyof Reading) => {
    const was = last?.field === field ? last.before[field] : null
    return typeof was === 'number' ? was : null
  }
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
    readings.find(
      (kept) => kept.reading.surface_f != null && (!currentReading.waterId || kept.water_id === currentReading.waterId),
    )?.reading.surface_f ?? 60,
  )

  interface Fact {
    key: string
    title: string
    gist: string
    /** The fields it holds. */
    of: readonly (keyof Reading)[]
    isOpenOnPhone?: boolean
  }
  const facts = $derived<Fact[]>([
    { key: 'wind', title: 'Wind', gist: capital(show(r.wind)), of: ['wind'], isOpenOnPhone: true },
    { key: 'cover', title: 'Cover', gist: capital(show(r.cover)), of: ['cover'], isOpenOnPhone: true },
    { key: 'density', title: 'Cover density', gist: capital(show(r.cover_density)), of: ['cover_density'] },
    { key: 'depth', title: 'Depth', gist: depth(r.depth_ft, metric), of: ['depth_ft', 'run'] },
    { key: 'forage', title: 'Forage', gist: capital(show(r.forage)), of: ['forage'], isOpenOnPhone: true },
    { key: 'bite', title: 'Bite', gist: capital(show(r.bite)), of: ['bite', 'goal', 'bass'] },
    { key: 'more', title: 'More', gist: capital(show(r.season)), of: ['season'] },
  ])
  const folds = $derived(
    facts
      .filter((fact) => (isWide ? fact.key !== 'density' : fact.isOpenOnPhone !== true))
      .map((fact) => ({ ...fact, isChanged: last !== null && fact.of.includes(last.field) })),
  )
  let open = $state<string | null>(null)
</script>

{#snippet wind()}
  <Choice label="Wind" options={WINDS} value={r.wind} onpick={(wind) => change({ wind })}>
    {#snippet picture(wind)}<WindMark {wind} />{/snippet}
  </Choice>
{/snippet}
{#snippet forage()}
  <Choice
    label="Forage"
    options={FORAGES}
    value={r.forage}
    onpick={(forage) => change({ forage, ...without(forage) })}
    columns="grid-cols-4 sm:grid-cols-7"
  >
    {#snippet picture(forage)}<ForageMark {forage} />{/snippet}
  </Choice>
{/snippet}
{#snippet cover()}
  <Choice
    label="Cover"
    options={COVERS}
    value={r.cover}
    onpick={(cover) => change({ cover })}
    columns="grid-cols-4 sm:grid-cols-7"
  >
    {#snippet picture(cover)}<CoverMark {cover} />{/snippet}
  </Choice>
{/snippet}

<Choice
  label="Lure"
  isQuiet
  columns="grid-cols-5"
  options={LURE_CHOICES}
  value={r.lure}
  shown={{ any: 'Best here' }}
  onpick={(lure) => change({ lure })}
>
  {#snippet picture(lure)}<LureMark {lure} />{/snippet}
</Choice>
<VisibilityStick
  value={r.visibility_in}
  tint={r.tint}
  was={wasOf('visibility_in')}
  onset={(visibility_in) => change({ visibility_in })}
/>
<Choice label="Tint" options={TINTS} value={r.tint} onpick={(tint) => change({ tint })} shown={SHORT_TINTS}>
  {#snippet picture(tint)}<TintSample {tint} />{/snippet}
</Choice>
<Choice label="Sky" options={SKYS} value={r.sky} onpick={(sky) => change({ sky })} columns="grid-cols-4 sm:grid-cols-7">
  {#snippet picture(sky)}{@const Picture = SKIES[sky]}<Picture size={22} aria-hidden="true" />{/snippet}
</Choice>
{#if !isWide}{@render wind()}{/if}
<Gauge
  label="Surface temperature"
  value={r.surface_f ?? null}
  min={BOUNDS.leastSurfaceF}
  max={BOUNDS.mostSurfaceF}
  step={1}
  start={lastSurface}
  {...unitsOf(metric).warmth}
  words={(v) => temperature(v, metric)}
  onset={(surface_f) => change({ surface_f })}
  optional
  bands={WARMTH_BANDS}
  was={wasOf('surface_f')}
/>
{#if !isWide}{@render forage()}{@render cover()}{/if}
<Folds label="More about the water" {folds} {open} onopen={(key) => (open = key)} class={isWide ? '' : '-mx-1'}>
  {#snippet children(key)}
    <div class="flex flex-col gap-4 pt-3">
      {#if key === 'wind'}{@render wind()}
      {:else if key === 'cover' || key === 'density'}
        {#if isWide}{@render cover()}{/if}
        {#await import('./CoverFields.svelte') then { default: CoverFields }}<CoverFields />{/await}
      {:else if key === 'depth'}
        {#await import('./DepthFields.svelte') then { default: DepthFields }}<DepthFields />{/await}
      {:else if key === 'forage'}
        {@render forage()}
        {#await import('./ForageFields.svelte') then { default: ForageFields }}<ForageFields />{/await}
      {:else if key === 'bite'}
        {#await import('./FishFields.svelte') then { default: FishFields }}<FishFields />{/await}
      {:else}
        {#await import('./MoreFields.svelte') then { default: MoreFields }}<MoreFields {isWide} />{/await}
      {/if}
    </div>
  {/snippet}
</Folds>
