<script lang="ts">
  import { currentReading } from '../../data/currentReading.svelte'
  import Choice from '../../ui/Choice.svelte'
  import { COVER_DENSITYS } from '../../words/vocabulary'

  /** How thick the cover stands. */
</script>

<Choice
  label="Cover density"
  options={COVER_DENSITYS}
  value={currentReading.reading.cover_density}
  onpick={(cover_density) => currentReading.change({ cover_density })}
/>
