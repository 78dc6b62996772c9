<script lang="ts">
  import type { BuildSheet } from '../../words/documents'
  import Lure from '../../lure/Lure.svelte'
  import { inTheirColours } from '../../lure/paint'
  import { upTo, WIRE } from './steps'
  import WireDrawing from './WireDrawing.svelte'

  /** The lure as it is once a step is done. */
  interface Props {
    sheet: BuildSheet
    step: number
    small?: boolean
    class?: string
  }
  let { sheet, step, small = false, class: classes = '' }: Props = $props()
  const task = $derived(sheet.steps[step]?.task ?? 'check')
  const build = $derived(upTo(sheet, step))
</script>

{#if WIRE.includes(task)}
  <WireDrawing {sheet} {task} class={classes} />
{:else}
  <div class="bg-proof p-1 text-[#1a1a1a] {classes}">
    <Lure {build} paint={inTheirColours(build, sheet.look_parts)} ruler={false} span={5.2} {small} class="h-full" />
  </div>
{/if}
