<script lang="ts">
  /** What a place holds, side by side: each with an address of its own. */
  interface Props {
    /** What they are of, for those who cannot see where they stand. */
    label: string
    tabs: readonly { href: string; name: string; isCurrent: boolean }[]
  }
  let { label, tabs }: Props = $props()
</script>

<nav aria-label={label} class="flex flex-wrap print:hidden">
  {#each tabs as tab (tab.href)}
    <a
      class="place border-edge text-faint min-h-11 border-b !px-4 text-sm font-semibold"
      href={tab.href}
      aria-current={tab.isCurrent ? 'page' : undefined}>{tab.name}</a
    >
  {/each}
</nav>
