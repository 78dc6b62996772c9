<script lang="ts">
  import { TRAIT_LABELS } from '../../words/vocabulary'
  import type { Bench } from '../../api/client'
  import { settings } from '../../stores/settings.svelte'
  import Term from '../../ui/Term.svelte'
  import { round } from '../../words/round'
  import { findingWords } from './traitWords'

  /** What the model sees, in words, and how the build does against the advice, trait by trait. */
  let { verdict }: { verdict: Bench } = $props()
  const amiss = $derived(verdict.findings.filter((finding) => !finding.as_wanted))
  const well = $derived(verdict.findings.filter((finding) => finding.as_wanted))
  const lost = $derived(
    verdict.marks.filter((mark) => mark.of - mark.points > 0.05).sort((a, b) => b.of - b.points - (a.of - a.points)),
  )
</script>

<section aria-labelledby="verdict">
  <div class="border-base-content flex items-baseline justify-between border-b pb-1">
    <h2 id="verdict">Verdict</h2>
    <p class="text-sm">
      <span class="text-lg font-extrabold" data-score>{round(verdict.score, 1)}</span>
      <Term of="score" shown="of 100" /> for this reading
    </p>
  </div>
  <ul class="py-2 text-sm leading-snug">
    {#each amiss as finding (finding.text)}
      <li class="border-base-content mb-1 border-l-4 pl-2 font-semibold">{findingWords(finding, settings.metric)}</li>
    {/each}
    {#each well as finding (finding.text)}
      <li class="border-rule mb-1 border-l-4 pl-2">{findingWords(finding, settings.metric)}</li>
    {/each}
  </ul>
  {#if lost.length > 0}
    <table class="w-full text-left text-[0.8125rem]">
      <caption class="text-faint pb-1 text-left text-xs">Where it loses points, most first</caption>
      <tbody>
        {#each lost as mark (mark.trait)}
          <tr class="border-rule border-t align-top">
            <th class="py-1 pr-2 font-semibold" scope="row">{TRAIT_LABELS[mark.trait]}</th>
            <td class="text-faint py-1 pr-2">{mark.because}</td>
            <td class="py-1 text-right whitespace-nowrap">{round(mark.points, 1)} of {mark.of}</td>
          </tr>
        {/each}
      </tbody>
    </table>
  {/if}
</section>
