<script lang="ts">
  import { TRAIT_LABELS } from '../../words/vocabulary'
  import type { Mark, Reading, SavedBuild } from '../../api/client'
  import Lure from '../../lure/Lure.svelte'
  import { inTheirColours } from '../../lure/paint'
  import { settings } from '../../stores/settings.svelte'
  import { round } from '../../words/words'
  import { findingWords } from './traitWords'
  import { verdictFor } from '../../api/benchQueries.svelte'

  /** Two builds side by side, for the reading of the day. */
  interface Props {
    pair: readonly SavedBuild[]
    reading: Reading
  }
  let { pair, reading }: Props = $props()
  const left = verdictFor(
    () => reading,
    () => pair[0]?.build ?? null,
  )
  const right = verdictFor(
    () => reading,
    () => pair[1]?.build ?? null,
  )
  const traits = $derived([
    ...new Set([left.data, right.data].flatMap((side) => side?.marks.map((mark) => mark.trait) ?? [])),
  ])
  const points = (side: typeof left.data, trait: Mark['trait']) => side?.marks.find((mark) => mark.trait === trait)
  const differing = $derived(
    traits.filter(
      (trait) => Math.abs((points(left.data, trait)?.points ?? 0) - (points(right.data, trait)?.points ?? 0)) > 0.05,
    ),
  )
</script>

<section class="pt-4" aria-label="Side by side">
  <div class="grid gap-4 sm:grid-cols-2">
    {#each [left.data, right.data] as side, i (i)}
      <figure>
        <figcaption class="flex items-baseline justify-between gap-2 text-sm">
          <span class="font-bold">{pair[i]?.name}</span>
          {#if side}<span class="text-base font-extrabold">{round(side.score, 1)}</span>{/if}
        </figcaption>
        <div class="bg-proof flex aspect-[16/9] items-center justify-center p-3 text-[#1a1a1a]">
          {#if side}<Lure
              build={side.build}
              paint={inTheirColours(side.build, side.look_parts)}
              span={5.2}
              class="max-h-full"
            />{/if}
        </div>
        <ul class="pt-1 text-[0.8125rem] leading-snug">
          {#each side?.findings ?? [] as finding (finding.text)}<li class={finding.as_wanted ? '' : 'font-semibold'}>
              {findingWords(finding, settings.metric)}
            </li>{/each}
        </ul>
      </figure>
    {/each}
  </div>
  <table class="mt-2 w-full text-left text-[0.8125rem]">
    <thead class="text-faint text-xs"
      ><tr
        ><th class="font-normal">Where they differ</th><th class="font-normal">{pair[0]?.name}</th><th
          class="font-normal">{pair[1]?.name}</th
        ></tr
      ></thead
    >
    <tbody>
      {#each differing as trait (trait)}
        <tr class="border-rule border-t">
          <th class="py-1 font-semibold" scope="row">{TRAIT_LABELS[trait]}</th>
          <td>{round(points(left.data, trait)?.points ?? 0, 1)}</td>
          <td>{round(points(right.data, trait)?.points ?? 0, 1)}</td>
        </tr>
      {/each}
    </tbody>
  </table>
</section>
