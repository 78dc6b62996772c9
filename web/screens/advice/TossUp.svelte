<script lang="ts">
  import type { Reason } from '../../api/client'
  import { settings } from '../../stores/settings.svelte'
  import { capital } from '../../words/words'
  import { pickWords, valueWords } from '../../words/adviceParts'
  import { COLOUR_HEX, FINISH_HEX, type Colour, type Finish } from '../../words/vocabulary'

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
  <div class="my-1.5 text-sm">
    <p class="mb-1"><span class="font-semibold">Toss-up:</span> {pickWords(reason.pick)}, equally good either way</p>
    <div class="grid grid-cols-2 gap-2">
      {#each [reason.value, reason.runner_up] as value, i (i)}
        {@const colour = hex(value)}
        <div class="border-rule flex min-h-11 items-center gap-2 border px-2">
          {#if colour}
            <span class="bg-proof p-1"><span class="block h-6 w-6" style:background-color={colour}></span></span>
          {/if}
          <span class="leading-tight font-semibold">{capital(valueWords(reason.pick, value, settings.metric))}</span>
        </div>
      {/each}
    </div>
  </div>
{/if}
