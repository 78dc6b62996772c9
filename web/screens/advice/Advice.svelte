<script lang="ts">
  import Trouble from '../../controls/Trouble.svelte'
  import { desk } from '../../state/desk.svelte'
  import LedgerPage from './LedgerPage.svelte'
  import { adviceFor, paletteQuery } from './query.svelte'

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
