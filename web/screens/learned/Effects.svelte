<script lang="ts">
  import type { Analysis } from '../../words/documents'
  import Button from '../../ui/Button.svelte'
  import { number } from '../../words/numbers'
  import { FACTOR_LABELS } from '../../words/logbook'
  import { round } from '../../words/round'
  import { capital, show } from '../../words/words'
  import Interval from './Interval.svelte'
  import { placeOfRatio } from './ratio'

  /** What each part is worth, all else being equal: the surest pairs in plain words and drawn. */
  let { shown }: { shown: Analysis } = $props()
  const FIRST = 8
  const WIDER = 1.05
  let isAll = $state(false)
  const settled = $derived(shown.effects.filter((one) => one.hours_to_settle === 0))
  const sure = $derived(shown.effects.filter((one) => one.sure))
  const rows = $derived(isAll ? shown.effects : shown.effects.slice(0, FIRST))
</script>

{#if shown.effects.length === 0}
  <p class="text-sm">
    Nothing to compare yet: fish two blades, skirts, trailers or lures for two hours each, on the same days.
  </p>
{:else}
  <p class="max-w-prose pb-2 text-sm">
    Worked out from all notes at once: each day by itself, and no part takes the credit of what was tied with it. Of
    {shown.effects.length} pairs {settled.length === 0
      ? 'none is'
      : settled.length === 1
        ? 'one is'
        : `${settled.length} are`}
    settled{sure.length === 0 ? '' : `, ${sure.length === 1 ? 'one' : sure.length} of them for sure`}.
    {#if shown.dispersion > WIDER}
      Your fish bite in flurries, {number(round(shown.dispersion, 1))} at a time; every interval allows for that.
    {/if}
  </p>
  <table class="w-full max-w-5xl text-sm">
    <caption class="sr-only">Pairs, the surest first</caption>
    <thead class="hidden sm:table-header-group">
      <tr class="border-base-content border-b text-left text-xs">
        <th class="py-1 pr-3 font-bold" scope="col">What the notes say</th>
        <th class="pr-3 text-right font-bold" scope="col">Better</th>
        <th class="w-1/4 font-bold" scope="col"><span class="sr-only">Drawn, </span>a third · equal · three times</th>
      </tr>
    </thead>
    <tbody>
      {#each rows as one (one.factor + one.where + one.a + one.b)}
        <tr class="border-rule border-b align-top">
          <td class="py-1.5 pr-3 leading-snug">
            <span class="font-semibold"
              >{capital(show(one.a))} or {show(one.b)}{one.where ? `, ${show(one.where)} water` : ''}</span
            >
            <span class="text-faint text-xs"
              >({FACTOR_LABELS[one.factor]}, {number(round(one.hours, 0))} h fished with either)</span
            ><br />
            {one.words}
          </td>
          <td class={['py-1.5 pr-3 text-right whitespace-nowrap', one.sure && 'font-bold']}>{one.certainty}</td>
          <td class="hidden py-1.5 sm:table-cell"
            ><Interval low={one.low} at={one.ratio} high={one.high} place={placeOfRatio} mark={1} /></td
          >
        </tr>
      {/each}
    </tbody>
  </table>
  {#if shown.effects.length > FIRST}
    <Button class="mt-2" onclick={() => (isAll = !isAll)}
      >{isAll ? 'Only the surest' : `Show all ${shown.effects.length} pairs`}</Button
    >
  {/if}
{/if}
