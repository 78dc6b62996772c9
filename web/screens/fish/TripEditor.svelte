<script lang="ts">
  import type { SavedTrip, TripRequest, Water } from '../../words/documents'
  import { untrack } from 'svelte'
  import { forecastOf, likelySeasonFor } from '../../data/trips'
  import { readProbe } from '../../data/probe'
  import { currentReading } from '../../data/currentReading.svelte'
  import { notices } from '../../data/notices.svelte'
  import { unitsOf } from '../../words/quantity'
  import { settings } from '../../data/settings.svelte'
  import Button from '../../ui/Button.svelte'
  import Choice from '../../ui/Choice.svelte'
  import Field from '../../ui/Field.svelte'
  import Gauge from '../../ui/Gauge.svelte'
  import NumberBox from '../../ui/NumberBox.svelte'
  import ReadingSummary from '../../ui/ReadingSummary.svelte'
  import Several from '../../ui/Several.svelte'
  import {
    BITES,
    BOUNDS,
    COVERS,
    FORAGES,
    LURE_KINDS,
    SEASONS,
    USUAL_MOODS,
    WINDS,
    type Bite,
  } from '../../words/vocabulary'
  import { round } from '../../words/round'
  import { capital, change as changeWords, show, temperature } from '../../words/words'
  import { atWater, CARRY, renamed } from './newTrip'
  import PlaceBoxes from '../../ui/PlaceBoxes.svelte'
  import TimeField from '../../ui/TimeField.svelte'
  import Shares from './Shares.svelte'
  import SkyRows from './SkyRows.svelte'

  /** A trip as it is written, from top to bottom as one thinks of it. */
  interface Props {
    trip: SavedTrip
    waters: readonly Water[]
    /** What is wrong, by the path of the field. */
    faults: Record<string, string>
    onchange: (trip: SavedTrip) => void
    onsave: (trip: SavedTrip) => void
    oncancel: () => void
  }
  let { trip, waters, faults, onchange, onsave, oncancel }: Props = $props()
  const day = $derived(trip.trip)
  const metric = $derived(settings.metric)
  const units = $derived(unitsOf(metric))
  const change = (now: SavedTrip) => onchange(renamed(trip, now, waters))
  const set = (part: Partial<TripRequest>) => change({ ...trip, trip: { ...day, ...part } })
  const carry = $derived({ ...CARRY, ...day.carry })
  const moods = $derived(
    BITES.map((word) => ({ word, share: (day.moods ?? USUAL_MOODS)[word] })).filter((one) => one.share > 0),
  )
  const DEPTHS_FT = [2, 4, 6, 8, 10, 12, 15, 20, 25, 30]
  const depths = $derived(
    [...new Set([...DEPTHS_FT, ...(day.depths_ft ?? []).map((one) => one.depth_ft)])]
      .toSorted((a, b) => a - b)
      .map(String),
  )
  const setReading = (part: Partial<TripRequest['reading']>) => set({ reading: { ...day.reading, ...part } })
  const fault = (field: string) => faults[field] ?? ''
  /** Faults that no field below shows by itself. */
  const others = $derived(
    Object.entries(faults).filter(
      ([field]) =>
        !['name', 'trip.date', 'trip.from', 'trip.to', 'trip.place', 'trip.sky', 'trip.visibility_in'].includes(field),
    ),
  )
  /** The season that is likely on the day, by its latitude. */
  const likely = likelySeasonFor(() => (day.date === '' ? null : { date: day.date, place: day.place }))
  const proposal = $derived(likely.shown?.value)
  const likelyOn = ({ date, place }: Pick<TripRequest, 'date' | 'place'>) => `${date} ${place.latitude}`
  /** What the season was last taken over for: one that is stored, or was chosen by hand, stays until the day or the place changes. */
  let takenFor = untrack(() => (trip.id ? likelyOn(day) : ''))

  $effect(() => {
    if (!likely.shown) return
    const { input, value } = likely.shown
    if (likelyOn(input) === takenFor) return
    takenFor = likelyOn(input)
    setReading({ season: value.season })
  })
  const CLARITY = ['Low', 'Likely', 'High'] as const

  function seeTo(index: number, inches: number | null) {
    set({ visibility_in: day.visibility_in.map((was, i) => (i === index ? (inches ?? was) : was)) })
  }

  const isAsking = $derived(forecastOf.isUnderWay || readProbe.isUnderWay)

  const forecast = () =>
    forecastOf(day, ({ sky, hours }) => {
      const noon = hours[12]
      set({ sky, reading: { ...day.reading, wind: noon?.wind ?? day.reading.wind } })
      notices.say(
        noon
          ? `Forecast at noon: air ${temperature(noon.air_low_f, metric)} to ${temperature(noon.air_high_f, metric)}, wind ` +
              `${noon.wind}. Sky and wind are filled in. The water’s temperature is not known until you measure it.`
          : 'The sky is filled in.',
      )
    })

  const probe = () =>
    readProbe(undefined, (water) => {
      const [low, likely, high] = day.visibility_in as [number, number, number]
      const by = water.visibility_in / likely
      set({
        visibility_in: [round(low * by, 1), water.visibility_in, round(high * by, 1)],
        reading: { ...day.reading, surface_f: water.surface_f },
      })
      notices.say('Measured by the probe: surface temperature and visibility are filled in.')
    })
</script>

<form
  class="flex max-w-3xl flex-col gap-5"
  onsubmit={(event) => {
    event.preventDefault()
    onsave(trip)
  }}
  novalidate
>
  <div class="grid gap-4 sm:grid-cols-2">
    <Field label="Name" fault={fault('name')}>
      {#snippet children(attributes)}<input
          class="input w-full"
          value={trip.name}
          oninput={(event) => onchange({ ...trip, name: event.currentTarget.value })}
          {...attributes}
        />{/snippet}
    </Field>
    <Field label="Water" note="Fills in the place, tint and forage">
      {#snippet children(attributes)}<select
          class="select w-full"
          value={trip.water_id ?? ''}
          onchange={(event) =>
            change(atWater(trip, waters.find((water) => water.id === event.currentTarget.value) ?? null))}
          {...attributes}
        >
          <option value="">no named water</option>
          {#each waters as water (water.id)}<option value={water.id}>{water.name}</option>{/each}
        </select>{/snippet}
    </Field>
  </div>
  <div class="grid grid-cols-2 gap-4 sm:grid-cols-3">
    <Field label="Date" fault={fault('trip.date')} class="col-span-2 sm:col-span-1">
      {#snippet children(attributes)}<input
          class="input w-full min-w-0 px-2"
          type="date"
          value={day.date}
          oninput={(event) => set({ date: event.currentTarget.value })}
          {...attributes}
        />{/snippet}
    </Field>
    <Field label="From" fault={fault('trip.from')}>
      {#snippet children(attributes)}<TimeField
          class="w-full"
          value={day.from}
          onset={(from) => set({ from })}
          {...attributes}
        />{/snippet}
    </Field>
    <Field label="To" fault={fault('trip.to')}>
      {#snippet children(attributes)}<TimeField
          class="w-full"
          value={day.to}
          isEnd
          onset={(to) => set({ to })}
          {...attributes}
        />{/snippet}
    </Field>
  </div>
  <div>
    <Choice
      label="Season"
      options={SEASONS}
      value={day.reading.season}
      onpick={(season) => setReading({ season })}
      columns="grid-cols-3 sm:grid-cols-6"
    />
    <p class="text-faint my-1 min-h-5 text-xs">
      {proposal ? `${capital(show(proposal.season))} is likely on this day at this latitude.` : ''}
    </p>
    {#if proposal?.caution}<p class="border-base-content border-2 p-2 text-sm font-semibold">{proposal.caution}</p>{/if}
  </div>
  <PlaceBoxes place={day.place} fault={fault('trip.place')} onset={(place) => set({ place })} />
  <SkyRows sky={day.sky ?? []} fault={fault('trip.sky')} onset={(sky) => set({ sky })}>
    {#snippet action()}<Button disabled={isAsking} onclick={forecast}
        >{forecastOf.isUnderWay ? 'Asking…' : 'Get the forecast'}</Button
      >{/snippet}
  </SkyRows>
  <fieldset class="min-w-0">
    <legend class="mb-1.5 text-[0.8125rem] font-bold">Visibility, as it may turn out</legend>
    <div class="flex flex-wrap items-center gap-x-5 gap-y-2">
      {#each CLARITY as name, i (name)}
        <span class="flex items-center gap-1.5 text-sm"
          >{name}
          <NumberBox
            label="Visibility, {name.toLowerCase()}, {units.water.unit}"
            value={units.water.toShown(day.visibility_in[i] ?? 0)}
            unit={units.water.unit}
            min={0.1}
            max={3000}
            onset={(shown) => seeTo(i, shown === null ? null : units.water.fromShown(shown))}
          /></span
        >
      {/each}
      <Button disabled={isAsking} onclick={probe}>{readProbe.isUnderWay ? 'Measuring…' : 'Read the water probe'}</Button
      >
    </div>
    {#if fault('trip.visibility_in')}<p class="text-error text-sm" role="alert">{fault('trip.visibility_in')}</p>{/if}
  </fieldset>
  <div class="grid gap-5 sm:grid-cols-2">
    <Gauge
      label="Surface temperature"
      value={day.reading.surface_f ?? null}
      min={BOUNDS.leastSurfaceF}
      max={BOUNDS.mostSurfaceF}
      step={1}
      start={60}
      {...units.warmth}
      words={(f) => temperature(f, metric)}
      onset={(surface_f) => setReading({ surface_f })}
      optional
    />
    <Gauge
      label="Three-day change"
      value={day.reading.trend_f ?? null}
      min={-15}
      max={15}
      step={1}
      start={0}
      {...units.rise}
      words={(f) => changeWords(f, metric)}
      onset={(trend_f) => setReading({ trend_f })}
      optional
      unset="steady"
    />
  </div>
  <Choice label="Wind" options={WINDS} value={day.reading.wind} onpick={(wind) => setReading({ wind })} />
  <div class="grid gap-5 sm:grid-cols-2">
    <Shares
      label="Covers you will fish"
      one="cover"
      options={COVERS}
      shares={(day.covers ?? []).map((one) =>
        typeof one === 'string' ? { word: one, share: 1 } : { word: one.cover, share: one.share ?? 1 },
      )}
      next={1}
      onset={(shares) => set({ covers: shares.map(({ word, share }) => ({ cover: word, share })) })}
    />
    <Shares
      label="Forage and its shares"
      one="forage"
      options={FORAGES}
      shares={(day.forage ?? []).map((one) => ({ word: one.forage, share: one.share }))}
      onset={(shares) => set({ forage: shares.map(({ word, share }) => ({ forage: word, share })) })}
    />
  </div>
  <Several
    label="Lure kinds"
    note="none checked: any"
    options={LURE_KINDS}
    value={day.lures ?? []}
    onset={(lures) => set({ lures })}
  />
  <div class="grid gap-5 sm:grid-cols-2">
    <Gauge
      label="Lures to carry"
      value={carry.lures}
      min={1}
      max={10}
      step={1}
      start={4}
      unit=""
      words={String}
      onset={(lures) => set({ carry: { ...carry, lures: lures ?? CARRY.lures } })}
    />
    <Gauge
      label="Trailers to carry"
      value={carry.trailers}
      min={0}
      max={20}
      step={1}
      start={6}
      unit=""
      words={String}
      onset={(trailers) => set({ carry: { ...carry, trailers: trailers ?? CARRY.trailers } })}
    />
  </div>
  <details class="text-sm">
    <summary class="flex min-h-11 cursor-pointer items-center font-bold"
      >How they may bite, how deep, and how many kinds</summary
    >
    <div class="grid gap-5 py-2 sm:grid-cols-2">
      <Shares
        label="How they may bite"
        one="bite"
        options={BITES}
        shares={moods}
        next={0.2}
        onset={(shares) => {
          const sum = shares.reduce((all, one) => all + one.share, 0)
          const of = (bite: Bite) => (shares.find((one) => one.word === bite)?.share ?? 0) / sum
          set({ moods: { normal: of('normal'), tough: of('tough'), active: of('active') } })
        }}
      />
      <Shares
        label="How deep"
        one="depth"
        options={depths}
        shares={(day.depths_ft ?? []).map((one) => ({ word: String(one.depth_ft), share: one.share ?? 1 }))}
        next={1}
        called={(feet) => `${units.depth.toShown(Number(feet))} ${units.depth.unit}`}
        onset={(shares) => set({ depths_ft: shares.map(({ word, share }) => ({ depth_ft: Number(word), share })) })}
      />
      <Gauge
        label="Kinds of lure, at least"
        value={day.carry?.kinds ?? 0}
        min={0}
        max={Math.min(LURE_KINDS.length, carry.lures)}
        step={1}
        start={0}
        unit=""
        words={(kinds) => (kinds === 0 ? 'any' : String(kinds))}
        onset={(kinds) => set({ carry: { ...carry, kinds: kinds ?? 0 } })}
      />
    </div>
  </details>
  <div class="border-rule flex flex-wrap items-center gap-x-4 gap-y-2 border-t pt-3">
    <div class="min-w-60 flex-1">
      <p class="text-[0.8125rem] font-bold">The rest as in this reading</p>
      <ReadingSummary reading={day.reading} />
    </div>
    <Button onclick={() => setReading({ ...$state.snapshot(currentReading.asked), lure: 'any' })}
      >Use the current reading</Button
    >
  </div>
  {#each others as [field, message] (field)}<p class="text-error text-sm" role="alert">{message}</p>{/each}
  <div class="bg-base-100 sticky bottom-14 z-10 flex gap-2 py-2 sm:static">
    <Button look="primary" type="submit">Save and plan</Button>
    <Button onclick={oncancel}>Cancel</Button>
  </div>
</form>
