<script lang="ts">
  import { loaded } from '../../api/busy'
  import TabLinks from '../../ui/TabLinks.svelte'
  import Bench from './Bench.svelte'

  /** One build: put together and judged, and what is made of it. */
  let { params }: { params?: { tab?: string } | undefined } = $props()
  const TABS = [
    { path: '', name: 'Build', load: () => Promise.resolve({ default: Bench }) },
    { path: '/sheet', name: 'Build sheet', load: () => import('./BuildSheet.svelte') },
    { path: '/batch', name: 'Batch', load: () => import('./Batch.svelte') },
    { path: '/saved', name: 'Saved', load: () => import('./SavedBuilds.svelte') },
    { path: '/depths', name: 'Colors by depth', load: () => import('./Depths.svelte') },
  ] as const
  const tab = $derived(TABS.find(({ path }) => path === `/${params?.tab ?? ''}`) ?? TABS[0])
</script>

<div class="flex flex-col gap-3">
  <TabLinks
    label="Tie"
    tabs={TABS.map((one) => ({ href: `#/tie${one.path}`, name: one.name, isCurrent: one === tab }))}
  />
  {#if tab.path === ''}<Bench />{:else}
    {#await loaded<{ default: import('svelte').Component }>(tab.load()) then { default: Content }}<Content />{/await}
  {/if}
</div>
