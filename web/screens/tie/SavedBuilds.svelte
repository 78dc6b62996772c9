<script lang="ts">
  import { lureShown } from '../../data/lureShown.svelte'
  import { bench } from '../../data/bench.svelte'
  import { startBuild } from '../../data/startBuild.svelte'
  import Trouble from '../../ui/Trouble.svelte'
  import SavedPanel from './SavedPanel.svelte'

  /** The builds under their names, with the one in hand to save beside them. */
  const shown = lureShown()
  const build = $derived(shown.lure && bench.build(shown.lure))
  let loading = $state.raw(bench.load())
  const start = startBuild(shown)
</script>

<h1>Saved builds</h1>
{#await loading catch error}
  <Trouble {error} onretry={() => (loading = bench.load())} />
{/await}
{#if start.error}<Trouble error={start.error} onretry={() => start.retry()} />{/if}
{#if build && shown.reading}<SavedPanel reading={shown.reading} {build} />
{:else if !start.error}<p role="status" class="text-sm">Putting the advised build together…</p>{/if}
