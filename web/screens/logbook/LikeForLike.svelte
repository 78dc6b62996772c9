<script lang="ts">
  import type { Analysis } from '../../api/client'
  import Button from '../../ui/Button.svelte'
  import { number } from '../../words/numbers'
  import { FACTOR_LABELS } from '../../words/logbook'
  import { round } from '../../words/round'
  import { capital, show } from '../../words/words'
  import Interval from './Interval.svelte'

  /** One choice beside another on the same days, in the same water and light, in plain words and drawn. */
  let { shown }: { shown: Analysis } = $props()
  const FIRST = 8
  const LEANS = 0.7
  /** Ratios are drawn from a third to three times. */
  const MOST = 3
  const WIDER = 1.05
  let isAll = $state(false)
  const leaning = $derived(shown.comparisons.filter((one) => one.probability_a_better >= LEANS))
  const rows = $derived(isAll ? shown.comparisons : leaning.slice(0, FIRST))
  const place = (ratio: number) => (Math.log(ratio) / Math.log(MOST) + 1) / 2
</script>

{#if shown.comparisons.length === 0}
  <p class="text-sm">
    Nothing to compare yet: fish two blades, skirts, trailers or lures for a quarter of an hour each on the same day.
  </p>
{:else}
  <p class="max-w-prose pb-2 text-sm">
    Of {shown.comparisons.length} comparisons the best one is partly luck, so each is told a little nearer to “no difference”
    than your notes have it. A blade, a skirt and a trailer often change together, so what is named need not be the reason.
    Your notes lean one way in {leaning.length} of them.
    {#if shown.dispersion > WIDER}
      Stints of one day differ {number(round(shown.dispersion, 1))} times as much as chance would have it; the intervals allow
      for that.
    {/if}
  </p>
  {#if rows.length === 0}<p class="text-sm font-semibold">Your notes do not tell any two choices apart yet.</p>{/if}
  <table class="w-full max-w-5xl text-sm">
    <caption class="sr-only">Comparisons, the surest first</caption>
    <thead class="hidden sm:table-header-group">
      <tr class="border-base-content border-b text-left text-xs">
        <th class="py-1 pr-3 font-bold" scope="col">What the notes say</th>
        <th class="pr-3 text-right font-bold" scope="col">Sure</th>
        <th class="w-1/4 font-bold" scope="col"><span class="sr-only">Drawn, </span>a third · equal · three times</th>
      </tr>
    </thead>
    <tbody>
      {#each rows as one (one.factor + one.clarity + one.a + one.b)}
        <tr class="border-rule border-b align-top">
          <td class="py-1.5 pr-3 leading-snug">
            <span class="font-semibold"
              >{capital(show(one.a))} or {show(one.b)}{one.clarity ? `, ${show(one.clarity)} water` : ''}</span
            >
            <span class="text-faint text-xs"
              >({FACTOR_LABELS[one.factor]}, {number(round(one.hours, 0))} h fished; in your notes as they are, {number(
                round(one.seen_ratio, 1),
              )} times the bites)</span
            ><br />
            {one.words}
          </td>
          <td class="py-1.5 pr-3 text-right font-bold whitespace-nowrap">{one.sure}</td>
          <td class="hidden py-1.5 sm:table-cell"
            ><Interval low={one.low} at={one.ratio} high={one.high} {place} mark={1} /></td
          >
        </tr>
      {/each}
    </tbody>
  </table>
  {#if shown.comparisons.length > rows.length || isAll}
    <Button class="mt-2" onclick={() => (isAll = !isAll)}
      >{isAll ? 'Only those that lean one way' : `Show all ${shown.comparisons.length} comparisons`}</Button
    >
  {/if}
{/if}
