<script lang="ts">
  import { loaded } from '../data/busy'
  import type { ComponentProps } from 'svelte'
  import InView from '../ui/InView.svelte'
  import type Figures from './Figures.svelte'

  /** The plots, loaded and built when they are scrolled to. */
  let figures: ComponentProps<typeof Figures> = $props()
</script>

<div class="min-h-96">
  <InView height="24rem">
    {#await loaded(import('./Figures.svelte'))}
      <p role="status" class="min-h-96 text-sm">Loading plots…</p>
    {:then { default: Loaded }}
      <Loaded {...figures} />
    {/await}
  </InView>
</div>
