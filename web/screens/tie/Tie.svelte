<script lang="ts">
  import { address } from '../../data/address.svelte'
  import { buildParams } from '../../data/buildAddress'
  import { bench } from '../../data/bench.svelte'
  import { currentReading } from '../../data/currentReading.svelte'
  import Tabbed from '../../ui/Tabbed.svelte'
  import Bench from './Bench.svelte'

  /** One build: put together and judged, and what is made of it. */
  let { params }: { params?: { tab?: string } | undefined } = $props()
  const lure = $derived(currentReading.reading.lure)
  // A link to this page opens the build too.
  $effect(() => {
    const build = lure === 'any' ? null : bench.build(lure)
    address.build = build ? buildParams(build) : []
    return () => (address.build = [])
  })
  const OTHERS = [
    { at: 'sheet', name: 'Build sheet', load: () => import('./BuildSheet.svelte') },
    { at: 'batch', name: 'Batch', load: () => import('./Batch.svelte') },
    { at: 'saved', name: 'Saved', load: () => import('./SavedBuilds.svelte') },
    { at: 'depths', name: 'Colors by depth', load: () => import('./Depths.svelte') },
  ]
</script>

<Tabbed label="Tie" path="/tie" at={params?.tab} first={{ name: 'Build', content: Bench }} others={OTHERS} />
