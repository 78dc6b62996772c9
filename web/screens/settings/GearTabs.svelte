<script lang="ts">
  import TabLinks from '../../ui/TabLinks.svelte'
  import { GEAR, type GearPart } from './gear'

  /** What lies behind the gear. */
  let { part }: { part: GearPart } = $props()
</script>

<TabLinks
  label="Settings"
  tabs={GEAR.map((one) => ({ href: `#${one.path}`, name: one.name, isCurrent: one.part === part }))}
/>
