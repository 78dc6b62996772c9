<script lang="ts">
  import Tabbed from '../../ui/Tabbed.svelte'
  import Bench from './Bench.svelte'

  /** One build: put together and judged, and what is made of it. */
  let { params }: { params?: { tab?: string } | undefined } = $props()
  const OTHERS = [
    { at: 'sheet', name: 'Build sheet', load: () => import('./BuildSheet.svelte') },
    { at: 'batch', name: 'Batch', load: () => import('./Batch.svelte') },
    { at: 'saved', name: 'Saved', load: () => import('./SavedBuilds.svelte') },
    { at: 'depths', name: 'Colors by depth', load: () => import('./Depths.svelte') },
  ]
</script>

<Tabbed label="Tie" path="/tie" at={params?.tab} first={{ name: 'Build', content: Bench }} others={OTHERS} />
