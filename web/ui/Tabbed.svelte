<script lang="ts">
  import type { Component } from 'svelte'
  import { loaded } from '../data/busy'
  import TabLinks from './TabLinks.svelte'

  /** A place that holds several things side by side: the first comes with it, the others are loaded when they are opened. */
  interface Props {
    label: string
    /** The address of the first; the others follow after a slash. */
    path: string
    /** What is open, as the address says; the first where it names none. */
    at: string | undefined
    first: { name: string; content: Component }
    others: readonly { at: string; name: string; load: () => Promise<{ default: Component }> }[]
  }
  let { label, path, at, first, others }: Props = $props()
  const open = $derived(others.find((one) => one.at === at))
</script>

<div class="flex flex-col gap-3">
  <TabLinks
    {label}
    tabs={[
      { href: `#${path}`, name: first.name, isCurrent: !open },
      ...others.map((one) => ({ href: `#${path}/${one.at}`, name: one.name, isCurrent: one === open })),
    ]}
  />
  {#if open}
    {#await loaded(open.load()) then { default: Content }}<Content />{/await}
  {:else}<first.content />{/if}
</div>
