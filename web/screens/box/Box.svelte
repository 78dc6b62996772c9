<script lang="ts">
  import { loaded } from '../../api/busy'
  import TabLinks from '../../ui/TabLinks.svelte'
  import Shelves from './Shelves.svelte'

  /** What is owned, on its shelves and as a list, and what would have to be bought. */
  let { params }: { params?: { tab?: string } | undefined } = $props()
  const TABS = [
    { path: '', name: 'In the box', load: () => Promise.resolve({ default: Shelves }) },
    { path: '/list', name: 'As a list', load: () => import('./Parts.svelte') },
    { path: '/buy', name: 'What to buy', load: () => import('./ToBuy.svelte') },
  ] as const
  const tab = $derived(TABS.find(({ path }) => path === `/${params?.tab ?? ''}`) ?? TABS[0])
</script>

<div class="flex flex-col gap-3">
  <TabLinks
    label="Box"
    tabs={TABS.map((one) => ({ href: `#/box${one.path}`, name: one.name, isCurrent: one === tab }))}
  />
  {#if tab.path === ''}<Shelves />{:else}
    {#await loaded<{ default: import('svelte').Component }>(tab.load()) then { default: Content }}<Content />{/await}
  {/if}
</div>
