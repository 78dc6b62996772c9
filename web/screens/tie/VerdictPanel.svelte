<script lang="ts">
  import type { Bench, Composition, Reading } from '../../words/documents'
  import { swapsFor } from '../../data/builds'
  import { SLOT_WORDS } from '../../words/slots'
  import { bench } from '../../data/bench.svelte'
  import { settings } from '../../data/settings.svelte'
  import Answer from '../../ui/Answer.svelte'
  import Button from '../../ui/Button.svelte'
  import Panel from '../../ui/Panel.svelte'
  import Term from '../../ui/Term.svelte'
  import { TRAIT_LABELS } from '../../words/vocabulary'
  import { round } from '../../words/round'
  import { capital } from '../../words/words'
  import { findingWords, SIDES, sideOf } from './traitWords'

  /** How good a build is here: the score, what speaks most against it or for it, and the single parts that would be better. */
  interface Props {
    verdict: Bench
    reading: Reading
    build: Composition
    /** Whether the verdict is of this build. */
    isCurrent: boolean
  }
  let { verdict, reading, build, isCurrent }: Props = $props()
  const amiss = $derived(verdict.findings.filter((finding) => !finding.as_wanted))
  const well = $derived(verdict.findings.filter((finding) => finding.as_wanted))
  const first = $derived(amiss[0] ?? well[0])
  const lost = $derived(
    verdict.marks.filter((mark) => mark.of - mark.points > 0.05).sort((a, b) => b.of - b.points - (a.of - a.points)),
  )
  const sides = $derived(
    SIDES.map(([side, words]) => {
      const marks = verdict.marks.filter((mark) => sideOf(mark.trait) === side)
      const sum = (of: 'points' | 'of') => marks.reduce((all, mark) => all + mark[of], 0)
      return { side, words, points: sum('points'), of: sum('of') }
    }).filter(({ of }) => of > 0),
  )
  /** So many better parts are shown at first. */
  const FIRST = 3
  let isAll = $state(false)
  const swaps = swapsFor(() => ({ reading, build }))
</script>

<section aria-labelledby="verdict" class={['flex flex-col gap-2', !isCurrent && 'opacity-60']} aria-busy={!isCurrent}>
  <h2 id="verdict" class="sr-only">Verdict</h2>
  <p class="flex items-end gap-2">
    <span class="text-6xl leading-none font-extrabold" data-score>{round(verdict.score, 1)}</span>
    <span class="pb-1 text-sm"><Term of="score" shown="of 100" /> in this water</span>
  </p>
  {#if first}<p class="min-h-12 text-lg leading-snug font-semibold">{findingWords(first, settings.metric)}</p>{/if}
  <dl class="text-sm">
    {#each sides as { side, words, points, of } (side)}
      <div class="flex items-center gap-3 py-1">
        <dt class="flex-1">{words}</dt>
        <dd class="flex items-center gap-3">
          <span class="border-edge relative block h-2 w-28 border-b border-l" aria-hidden="true"
            ><span class="bg-base-content absolute bottom-0 left-0 h-1" style:width="{(100 * points) / of}%"
            ></span></span
          >
          <span class="w-16 text-right font-semibold">{round(points, 0)} of {round(of, 0)}</span>
        </dd>
      </div>
    {/each}
  </dl>
  <h3 class="border-base-content border-b pb-1 text-sm font-bold">Better by one part</h3>
  <Answer question={swaps} waiting="Trying each single change…">
    {#snippet children(data)}
      {#if data.length === 0}
        <p class="text-sm">No single change with your parts improves this build in this water.</p>
      {/if}
      <ol>
        {#each isAll ? data : data.slice(0, FIRST) as swap, i (i)}
          <li class="border-rule flex items-center gap-3 border-b text-sm">
            <span class="min-w-0 flex-1 py-1 leading-tight"
              ><span class="font-bold">{SLOT_WORDS[swap.slot]}:</span>
              {swap.kind === 'another' ? `to ${swap.what}` : capital(swap.what)}</span
            >
            <span class="text-base font-extrabold">+{round(swap.gain, 1)}</span>
            <Button label="Do it: {swap.what}" onclick={() => bench.replace(swap.parts)}>Do it</Button>
          </li>
        {/each}
      </ol>
      {#if data.length > FIRST}
        <button class="min-h-11 text-sm underline underline-offset-2" onclick={() => (isAll = !isAll)}
          >{isAll ? 'Only the best three' : `All ${data.length} changes`}</button
        >
      {/if}
    {/snippet}
  </Answer>
  <Panel title="Why {round(verdict.score, 1)}" gist="{well.length} for, {amiss.length} against" folds level={2}>
    <ul class="py-1 text-sm leading-snug">
      {#each amiss as finding (finding.text)}
        <li class="border-base-content mb-1 border-l-4 pl-2 font-semibold">{findingWords(finding, settings.metric)}</li>
      {/each}
      {#each well as finding (finding.text)}
        <li class="border-rule mb-1 border-l-4 pl-2">{findingWords(finding, settings.metric)}</li>
      {/each}
    </ul>
    {#if lost.length > 0}
      <table class="w-full text-left text-sm">
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
    <p class="text-faint pt-2 text-xs">
      A score tells how close a build comes to what the rules and the model want for this reading. It is a place to
      start from; the fish decide.
    </p>
  </Panel>
</section>
