<script lang="ts">
  import { currentReading } from '../../data/currentReading.svelte'
  import { settings } from '../../data/settings.svelte'
  import Choice from '../../ui/Choice.svelte'
  import Gauge from '../../ui/Gauge.svelte'
  import { unitsOf } from '../../words/quantity'
  import { RUNS } from '../../words/vocabulary'
  import { depth } from '../../words/words'

  /** How deep is fished, and where in the water the lure runs. */
  const r = $derived(currentReading.reading)
  const metric = $derived(settings.metric)
</script>

<Gauge
  label="Depth fished"
  value={r.depth_ft}
  min={1}
  max={40}
  step={1}
  start={5}
  {...unitsOf(metric).depth}
  words={(v) => depth(v, metric)}
  onset={(depth_ft) => currentReading.change({ depth_ft: depth_ft ?? 5 })}
/>
<Choice
  label="Running depth"
  note="tap again to clear"
  options={RUNS}
  value={r.run}
  onpick={(run) => currentReading.change({ run })}
  optional
  onclear={() => currentReading.change({ run: null })}
/>
