<script lang="ts">
  import type { Reason } from '../../api/client'
  import { settings } from '../../stores/settings.svelte'
  import { pickWords, valueWords } from '../../words/adviceParts'
  import { COLOUR_HEX, FINISH_HEX, type Colour, type Finish } from '../../words/vocabulary'
  import Term from '../../ui/Term.svelte'
  import { capital } from '../../words/words'

  /** A pick that could as well be another: both side by side, equal in size. */
  let { reason }: { reason: Reason } = $props()

  const hex = (value: Reason['value']) =>
    typeof value !== 'string'
      ? null
      : reason.pick.endsWith('finish')
        ? (FINISH_HEX[value as Finish] ?? null)
        : (COLOUR_HEX[value as Colour] ?? null)
</script>

{#if reason.runner_up !== null}
  <p class="my-0.5 grid grid-cols-[auto_1fr_1fr] gap-1.5 text-[0.8125rem] leading-tight">
    <span class="self-center"
      ><span class="font-semibold"><Term of="firmness" shown="Toss-up" /></span>, {pickWords(reason.pick)}:</span
    >
    {#each [reason.value, reason.runner_up] as value, i (i)}
      {@const colour = hex(value)}
      <span class="border-rule flex min-w-0 items-center gap-1.5 border px-1 py-0.5 font-semibold">
        {#if colour}<span class="bg-proof shrink-0 p-0.5" aria-hidden="true"
            ><span class="block h-3 w-4" style:background-color={colour}></span></span
          >{/if}
        {capital(valueWords(reason.pick, value, settings.metric))}
      </span>
    {/each}
  </p>
{/if}
