<script lang="ts">
  import type { Advice } from '../../words/documents'
  import { currentReading } from '../../data/currentReading.svelte'
  import Button from '../../ui/Button.svelte'
  import Facts from '../../ui/Facts.svelte'
  import { capital, show } from '../../words/words'

  /** Which of the four kinds suits this water, whichever was asked for. */
  interface Props {
    advice: Advice
  }
  let { advice }: Props = $props()
</script>

<ol class="text-sm leading-snug">
  {#each advice.lure_ranking as ranked (ranked.lure)}
    <li class="border-rule flex items-center gap-3 border-b py-1.5">
      <div class="min-w-0 flex-1">
        <p class="flex items-center gap-3">
          <span class={['w-28 shrink-0', ranked.lure === advice.lure && 'font-bold']}>{capital(show(ranked.lure))}</span
          >
          <span class="bg-base-200 block h-1.5 min-w-0 flex-1"
            ><span class="bg-base-content block h-full" style:width="{ranked.worth}%"></span></span
          >
          <span class="w-8 shrink-0 text-right">{Math.round(ranked.worth)}</span>
        </p>
        <p>{ranked.because} <Facts ids={ranked.facts} /></p>
      </div>
      {#if ranked.lure === advice.lure}
        <span class="text-faint w-20 shrink-0 text-center text-xs">advised here</span>
      {:else}
        <Button
          class="w-20 shrink-0"
          label="Show advice for a {show(ranked.lure)}"
          onclick={() => currentReading.change({ lure: ranked.lure })}>Show</Button
        >
      {/if}
    </li>
  {/each}
</ol>
