<script lang="ts">
  import type { Opinion } from '../../words/documents'
  import { OPINION_PICKS } from './gists'
  import { settings } from '../../data/settings.svelte'
  import { round } from '../../words/round'
  import { capital, show, waterLengthBand } from '../../words/words'

  /** What the model says of the trade's picks: beside them, never over them. */
  let { opinions }: { opinions: Opinion[] } = $props()

  const VERDICTS: Record<Opinion['verdict'], string> = {
    agrees: 'Agrees',
    no_difference: 'No difference',
    disagrees: 'Disagrees',
    about_even: 'Too close to call',
  }
  const figure = (opinion: Opinion, candidate: Opinion['candidates'][number]) =>
    opinion.pick === 'pairing'
      ? `${show(candidate.reads ?? '')}, ${round(candidate.figure, 1)} times what a bass can just tell apart`
      : candidate.figure === 0
        ? 'not seen by a bass'
        : `a bass sees it from ${waterLengthBand(candidate.figure, candidate.span_in, settings.metric)}`
</script>

<ul>
  {#each opinions as opinion (opinion.pick)}
    <li class="border-rule border-b py-2 text-sm">
      <p>
        <span class="font-semibold">{capital(OPINION_PICKS[opinion.pick] ?? opinion.pick)}:</span>
        <span class="font-bold">{VERDICTS[opinion.verdict].toLowerCase()}.</span>
        {opinion.because}
      </p>
      <ul class="text-faint flex flex-wrap gap-x-4 text-xs">
        {#each opinion.candidates as candidate, i (candidate.value)}
          <li class={i === 0 ? 'font-semibold' : ''}>
            {i === 0 ? 'Advised: ' : ''}{capital(show(candidate.value))}, {figure(opinion, candidate)}
          </li>
        {/each}
      </ul>
    </li>
  {/each}
</ul>
