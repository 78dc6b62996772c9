<script lang="ts">
  import type { Bench, TraitScore, Reading, SavedBuild } from '../../words/documents'
  import { adviceFor } from '../../data/advice'
  import { verdictFor } from '../../data/builds'
  import TwoInOneWater from '../../preview/TwoInOneWater.svelte'
  import { settings } from '../../data/settings.svelte'
  import Answer from '../../ui/Answer.svelte'
  import { TRAIT_LABELS } from '../../words/vocabulary'
  import { round } from '../../words/round'
  import { findingWords } from './traitWords'

  /** Two builds compared for the reading of the day; on a phone one is swiped to after the other. */
  interface Props {
    left: SavedBuild
    right: SavedBuild
    reading: Reading
  }
  let { left, right, reading }: Props = $props()
  /** A copy of the water, to look at both in another light or deeper down; the scores are of the reading itself. */
  let changed = $state.raw<Reading | null>(null)
  const water = $derived(changed ?? reading)
  const judged = (saved: () => SavedBuild, inWater: () => Reading) =>
    verdictFor(() => ({ reading: { ...inWater(), lure: saved().build.lure }, build: saved().build, from: 'side' }))
  const one = judged(
    () => left,
    () => reading,
  )
  const other = judged(
    () => right,
    () => reading,
  )
  const oneThere = judged(
    () => left,
    () => water,
  )
  const otherThere = judged(
    () => right,
    () => water,
  )
  const pace = adviceFor(() => reading)
  const sides = $derived([
    { saved: left, verdict: one },
    { saved: right, verdict: other },
  ])
  /** Only where both belong to what is compared now. */
  const both = $derived(one.current && other.current ? ([one.current, other.current] as const) : null)
  const points = (side: Bench, trait: TraitScore['trait']) => side.marks.find((mark) => mark.trait === trait)
  const differing = $derived(
    both
      ? [...new Set(both.flatMap((side) => side.marks.map((mark) => mark.trait)))].filter(
          (trait) => Math.abs((points(both[0], trait)?.points ?? 0) - (points(both[1], trait)?.points ?? 0)) > 0.05,
        )
      : [],
  )
</script>

<section class="pt-4" aria-label="Compared">
  {#if oneThere.shown && otherThere.shown}
    <TwoInOneWater
      sides={[
        { name: left.name, verdict: oneThere.shown.value },
        { name: right.name, verdict: otherThere.shown.value },
      ]}
      reading={water}
      onreading={(next) => (changed = next)}
      pace={pace.shown?.value.retrieve.pace ?? 'medium'}
    />
  {/if}
  <!-- svelte-ignore a11y_no_noninteractive_tabindex (what scrolls has to be reached by keyboard) -->
  <div
    class="flex snap-x snap-mandatory gap-4 overflow-x-auto pt-3 sm:grid sm:grid-cols-2 sm:overflow-visible"
    tabindex="0"
    role="group"
    aria-label="The two builds"
  >
    {#each sides as { saved, verdict } (saved.id)}
      <figure class="w-[88%] shrink-0 snap-center sm:w-auto">
        <Answer question={verdict} waiting="Judging {saved.name}…">
          {#snippet children(side)}
            {#if verdict.isCurrent}
              <figcaption class="flex items-baseline justify-between gap-2 text-sm">
                <span class="font-bold">{saved.name}</span>
                <span class="text-base font-extrabold">{round(side.score, 1)}</span>
              </figcaption>
              <ul class="pt-1 text-[0.8125rem] leading-snug">
                {#each side.findings as finding (finding.text)}<li class={finding.as_wanted ? '' : 'font-semibold'}>
                    {findingWords(finding, settings.metric)}
                  </li>{/each}
              </ul>
            {:else}<p role="status" class="text-sm">Judging {saved.name}…</p>{/if}
          {/snippet}
        </Answer>
      </figure>
    {/each}
  </div>
  {#if both}
    <table class="mt-2 w-full table-fixed text-left text-[0.8125rem]">
      <thead class="text-faint text-xs">
        <tr
          ><th class="font-normal">Where they differ</th><th class="font-normal">{left.name}</th><th class="font-normal"
            >{right.name}</th
          ></tr
        >
      </thead>
      <tbody>
        {#each differing as trait (trait)}
          <tr class="border-rule border-t align-top">
            <th class="py-1 pr-2 font-semibold" scope="row">{TRAIT_LABELS[trait]}</th>
            {#each both as side, i (i)}
              {@const mark = points(side, trait)}
              <td class="py-1 pr-2">{mark ? `${round(mark.points, 1)} of ${mark.of}` : '—'}</td>
            {/each}
          </tr>
        {/each}
      </tbody>
    </table>
    {#if differing.length === 0}<p class="pt-1 text-sm">They score the same on everything.</p>{/if}
  {/if}
</section>
