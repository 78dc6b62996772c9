<script lang="ts">
  import { currentReading } from '../../data/currentReading.svelte'
  import { settings } from '../../data/settings.svelte'
  import Gauge from '../../ui/Gauge.svelte'
  import Several from '../../ui/Several.svelte'
  import Swatches from '../../ui/Swatches.svelte'
  import { FORAGES } from '../../words/vocabulary'
  import { unitsOf } from '../../words/quantity'
  import { partLength } from '../../words/words'

  /** What else the bass eat here, how long it is, and in which colors. */
  const r = $derived(currentReading.reading)
  const metric = $derived(settings.metric)
</script>

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
  {...unitsOf(metric).part}
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
