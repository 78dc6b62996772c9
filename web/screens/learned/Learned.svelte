<script lang="ts">
  import { loaded } from '../../api/busy'
  import TabLinks from '../../ui/TabLinks.svelte'
  import FirstLesson from './FirstLesson.svelte'

  /** What was learned: the best lesson and the last outing first, and everything that they come from. */
  let { params }: { params?: { part?: string } | undefined } = $props()
  const PARTS = [
    { path: '', name: 'Learned', load: () => Promise.resolve({ default: FirstLesson }) },
    { path: '/log', name: 'Ask the log', load: () => import('./Shown.svelte') },
    { path: '/outings', name: 'Outings', load: () => import('./Outings.svelte') },
    { path: '/trials', name: 'Fair trials', load: () => import('./Trials.svelte') },
    { path: '/season', name: 'Season', load: () => import('./Season.svelte') },
  ] as const
  const part = $derived(PARTS.find(({ path }) => path === `/${params?.part ?? ''}`) ?? PARTS[0])
</script>

<div class="flex flex-col gap-4">
  <TabLinks
    label="Learned"
    tabs={PARTS.map((one) => ({ href: `#/learned${one.path}`, name: one.name, isCurrent: one === part }))}
  />
  {#if part.path === ''}<FirstLesson />{:else}
    {#await loaded<{ default: import('svelte').Component }>(part.load()) then { default: Content }}<Content />{/await}
  {/if}
</div>
