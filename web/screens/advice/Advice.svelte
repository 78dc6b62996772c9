<script lang="ts">
  import Trouble from '../../ui/Trouble.svelte'
  import { currentReading } from '../../stores/currentReading.svelte'
  import AdvicePage from './AdvicePage.svelte'
  import { adviceFor, paletteQuery } from '../../api/adviceQueries.svelte'

  const advice = adviceFor(() => currentReading.asked)
  const palette = paletteQuery()
</script>

{#if advice.isError}
  <Trouble error={advice.error} />
{:else if advice.data && palette.data}
  <AdvicePage advice={advice.data} palette={palette.data} reading={currentReading.asked} />
{:else}
  <p role="status">Reading the rules…</p>
{/if}
