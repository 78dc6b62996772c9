<script lang="ts">
  import AccessPanel from './AccessPanel.svelte'
  import Approaches from './Approaches.svelte'
  import AttentionPanel from './AttentionPanel.svelte'
  import BackupPanel from './BackupPanel.svelte'
  import Choices from './Choices.svelte'
  import { GEAR } from './gear'
  import GearTabs from './GearTabs.svelte'
  import HelpPages from './HelpPages.svelte'
  import Readings from './Readings.svelte'

  /** Everything behind the gear but the rules, which have addresses of their own. */
  let { params }: { params?: { part?: string } | undefined } = $props()
  const part = $derived(GEAR.find((one) => one.part === params?.part && one.part !== 'rules')?.part ?? 'settings')
</script>

<div class="flex flex-col gap-5">
  <GearTabs {part} />
  {#if part === 'approaches'}<Approaches />
  {:else if part === 'waters'}<Readings />
  {:else if part === 'backup'}<BackupPanel />
  {:else if part === 'phones'}<AccessPanel />
  {:else if part === 'help'}<HelpPages />
  {:else}<AttentionPanel /><Choices />{/if}
</div>
