<script lang="ts">
  import type { Place } from '../api/client'
  import Field from './Field.svelte'
  import NumberBox from './NumberBox.svelte'

  /** Where a water is, and its clock: what the sun's height needs. */
  interface Props {
    place: Place
    fault?: string
    onset: (place: Place) => void
  }
  let { place, fault = '', onset }: Props = $props()
  const id = $props.id()
  const zones = Intl.supportedValuesOf('timeZone')
</script>

<fieldset class="min-w-0">
  <legend class="mb-1.5 text-[0.8125rem] font-bold">Place</legend>
  <div class="flex flex-wrap items-end gap-x-5 gap-y-2">
    <span class="flex flex-col gap-1 text-[0.8125rem]"
      ><span>Latitude</span><NumberBox
        label="Latitude, degrees north"
        value={place.latitude}
        unit="°N"
        min={-90}
        max={90}
        onset={(latitude) => onset({ ...place, latitude: latitude ?? place.latitude })}
      /></span
    >
    <span class="flex flex-col gap-1 text-[0.8125rem]"
      ><span>Longitude</span><NumberBox
        label="Longitude, degrees east; west is negative"
        value={place.longitude}
        unit="°E"
        min={-180}
        max={180}
        onset={(longitude) => onset({ ...place, longitude: longitude ?? place.longitude })}
      /></span
    >
    <Field label="Time zone" {fault} class="min-w-48 flex-1">
      {#snippet children(attributes)}<input
          class="input border-edge h-11 w-full"
          list={id}
          value={place.time_zone}
          onchange={(event) => onset({ ...place, time_zone: event.currentTarget.value.trim() })}
          {...attributes}
        />{/snippet}
    </Field>
  </div>
  <datalist {id}
    >{#each zones as zone (zone)}<option value={zone}></option>{/each}</datalist
  >
  <p class="text-faint mt-1 text-xs">West and south are negative. The times of the sun follow from this.</p>
</fieldset>
