<script lang="ts">
  import type { TripPlan } from '../../words/documents'
  import { settings } from '../../data/settings.svelte'
  import Facts from '../../ui/Facts.svelte'
  import { fullPickWords, valuesWords } from '../../words/adviceParts'
  import { capital, waterLength } from '../../words/words'

  /** What changes as the water clears, from the lowest visibility to the highest. */
  let { turns }: { turns: TripPlan['clarity_turns'] } = $props()
  const words = ({ change }: TripPlan['clarity_turns'][number], values: (typeof turns)[number]['change']['before']) =>
    valuesWords(change.pick, values, settings.metric)
</script>

{#if turns.length === 0}<p class="text-sm">
    Nothing changes for this lure between the lowest and the highest visibility.
  </p>{/if}
<ul class="flex flex-col gap-1 text-sm leading-snug">
  {#each turns as turn, i (i)}
    <li>
      <span class="font-semibold">From {waterLength(turn.at_in, settings.metric)} on:</span>
      {capital(fullPickWords(turn.change.pick))}: {words(turn, turn.change.before)} →
      <span class="font-semibold">{words(turn, turn.change.after)}</span>.
      {#if turn.change.because}<span class="text-faint">{turn.change.because}</span>
        <Facts ids={turn.change.facts} rule={turn.change.rule} />{/if}
    </li>
  {/each}
</ul>
