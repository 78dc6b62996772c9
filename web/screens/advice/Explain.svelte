<script lang="ts">
  import type { Palette, Reading } from '../../api/client'
  import { explanationFor } from '../../api/adviceQueries.svelte'
  import { settings } from '../../stores/settings.svelte'
  import Facts from '../../ui/Facts.svelte'
  import Trouble from '../../ui/Trouble.svelte'
  import { pickWords, valueWords } from '../../words/adviceParts'
  import { fieldValue, fieldWords } from '../../words/words'
  import type { Pick } from '../../words/vocabulary'

  /** One pick explained: every rule that voted, how much it counted, and the one change that would make the runner-up win. */
  interface Props {
    reading: Reading
    pick: Pick
    palette: Palette
  }
  let { reading, pick, palette }: Props = $props()

  const explanation = explanationFor(
    () => reading,
    () => pick,
  )
  const words = (value: Parameters<typeof valueWords>[1]) => valueWords(pick, value, settings.metric)
  const most = $derived(Math.max(1, ...(explanation.data?.votes ?? []).map((vote) => Math.abs(vote.count))))
</script>

{#if explanation.isError}
  <Trouble error={explanation.error} />
{:else if explanation.data}
  {@const { votes, turn, firmness } = explanation.data}
  <table class="mt-1 w-full text-left text-xs leading-snug">
    <caption class="sr-only">Rules that voted on the {pickWords(pick)}</caption>
    <thead>
      <tr class="text-faint"
        ><th class="font-normal">Rule</th><th class="font-normal">For</th><th class="font-normal">Weight</th></tr
      >
    </thead>
    <tbody>
      {#each votes as vote (vote.rule + String(vote.value))}
        <tr class="border-rule border-t align-top">
          <td class="py-1 pr-2">{vote.because} <Facts ids={vote.facts} {palette} rule={vote.rule} /></td>
          <td class="w-24 py-1 pr-2">{vote.count < 0 ? 'against ' : ''}{words(vote.value)}</td>
          <td class="w-20 py-1">
            <span class="flex items-center gap-1"
              ><span class="bg-base-content h-1.5" style:width="{(36 * Math.abs(vote.count)) / most}px"
              ></span>{Math.round(vote.count * 10) / 10}</span
            >
          </td>
        </tr>
      {/each}
    </tbody>
  </table>
  <p class="mt-1 text-xs">
    {#if firmness.runner_up === null}
      Nothing else was voted for.
    {:else if turn === null}
      The runner-up is {words(firmness.runner_up)}; no change of one thing in the reading makes it win.
    {:else}
      The runner-up, {words(firmness.runner_up)}, wins if {fieldWords(turn.field)} is
      {fieldValue(turn.field, turn.to, settings.metric)} instead of {fieldValue(
        turn.field,
        turn.from,
        settings.metric,
      )}.
    {/if}
  </p>
{:else}
  <p class="text-faint text-xs" role="status">Counting votes…</p>
{/if}
