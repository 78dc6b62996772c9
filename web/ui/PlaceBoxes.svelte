<script lang="ts">
  import type { Place } from '../words/documents'
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

{#snippet degrees(name: string, label: string, unit: string, most: number, of: 'latitude' | 'longitude')}
  <span class="flex flex-col gap-1 text-[0.8125rem]"
    ><span>{name}</span><NumberBox
      {label}
      value={place[of]}
      {unit}
      min={-most}
      max={most}
      onset={(value) => onset({ ...place, [of]: value ?? place[of] })}
    /></span
  >
{/snippet}

<fieldset class="min-w-0">
  <legend class="mb-1.5 text-[0.8125rem] font-bold">Place</legend>
  <div class="flex flex-wrap items-end gap-x-5 gap-y-2">
    {@render degrees('Latitude', 'Latitude, degrees north', '°N', 90, 'latitude')}
    {@render degrees('Longitude', 'Longitude, degrees east; west is negative', '°E', 180, 'longitude')}
    <Field label="Time zone" {fault} class="min-w-48 flex-1">
      {#snippet children(attributes)}<input
          class="input w-full"
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
