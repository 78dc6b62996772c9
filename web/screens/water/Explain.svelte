<script lang="ts">
  import type { Reading } from '../../words/documents'
  import { explanationFor } from '../../data/rules'
  import { settings } from '../../data/settings.svelte'
  import Facts from '../../ui/Facts.svelte'
  import Answer from '../../ui/Answer.svelte'
  import { pickWords, valueWords } from '../../words/adviceParts'
  import { fieldValue, fieldWords } from '../../words/words'
  import type { Pick } from '../../words/vocabulary'

  /** One pick explained: every rule that voted, how much it counted, and the one change that would make the runner-up win. */
  interface Props {
    reading: Reading
    pick: Pick
  }
  let { reading, pick }: Props = $props()

  const explanation = explanationFor(() => ({ reading, pick }))
  const words = (value: Parameters<typeof valueWords>[1]) => valueWords(pick, value, settings.metric)
</script>

<Answer question={explanation} waiting="Counting votes…">
  {#snippet children({ votes, turn, firmness })}
    {@const most = Math.max(1, ...votes.map((vote) => Math.abs(vote.count)))}
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
            <td class="py-1 pr-2">{vote.because} <Facts ids={vote.facts} rule={vote.rule} /></td>
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
        No other choice got votes.
      {:else if turn === null}
        The runner-up is {words(firmness.runner_up)}; no single change in the reading makes it win.
      {:else}
        The runner-up, {words(firmness.runner_up)}, wins if {fieldWords(turn.field)} is
        {fieldValue(turn.field, turn.to, settings.metric)} instead of {fieldValue(
          turn.field,
          turn.from,
          settings.metric,
        )}.
      {/if}
    </p>
  {/snippet}
</Answer>
