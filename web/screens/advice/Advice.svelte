<script lang="ts">
  import Trouble from '../../ui/Trouble.svelte'
  import { desk } from '../../stores/currentReading.svelte'
  import LedgerPage from './AdvicePage.svelte'
  import { adviceFor, paletteQuery } from '../../api/adviceQueries.svelte'

  const advice = adviceFor(() => desk.asked)
  const palette = paletteQuery()
</script>

{#if advice.isError}
  <Trouble error={advice.error} />
{:else if advice.data && palette.data}
  <LedgerPage advice={advice.data} palette={palette.data} reading={desk.asked} />
{:else}
  <p role="status">Reading the rules…</p>
{/if}
