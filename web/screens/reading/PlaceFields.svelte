<script lang="ts">
  import { currentReading } from '../../stores/currentReading.svelte'
  import Choice from '../../ui/Choice.svelte'
  import { COVER_DENSITYS, COVERS, RUNS, SEASONS } from '../../words/vocabulary'

  /** The season, the cover, and where in the water the lure runs. */
  const r = $derived(currentReading.reading)
</script>

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
    note="tap again to clear"
    options={RUNS}
    value={r.run}
    onpick={(run) => currentReading.change({ run })}
    optional
    onclear={() => currentReading.change({ run: null })}
  />
</div>
