<script lang="ts">
  import type { LevelRate } from '../../words/documents'
  import { settings } from '../../data/settings.svelte'
  import Choice from '../../ui/Choice.svelte'
  import { number } from '../../words/numbers'
  import { FACTOR_LABELS, FACTORS, type Factor } from '../../words/logbook'
  import { round } from '../../words/round'
  import { capital } from '../../words/words'
  import Interval from './Interval.svelte'
  import { levelWords } from './levels'

  /** How often something bit, by what was tied on or by water and light: a forest plot that is a table. */
  let { rates }: { rates: readonly LevelRate[] } = $props()
  let factor = $state<Factor>('finish')
  let of = $state<'bites' | 'fish'>('bites')
  const noted = $derived(FACTORS.filter((one) => rates.some((rate) => rate.factor === one)))
  const rows = $derived(
    rates
      .filter((rate) => rate.factor === factor)
      .map((rate) =>
        of === 'bites'
          ? { rate, count: rate.bites, at: rate.rate_per_hour, low: rate.low, high: rate.high }
          : { rate, count: rate.fish, at: rate.fish_per_hour, low: rate.fish_low, high: rate.fish_high },
      ),
  )
  const most = $derived(Math.max(1, ...rows.map((row) => row.high)))
  /** Below so few hours a rate is drawn faint: small numbers look small. */
  const FEW_HOURS = 5
  const figure = (value: number) => number(round(value, value < 10 ? 1 : 0))
</script>

<div class="flex flex-wrap items-end gap-x-6 gap-y-2 pb-2">
  <label class="flex flex-col gap-1 text-[0.8125rem]"
    ><span class="font-bold">By</span>
    <select class="select w-48" value={factor} onchange={(event) => (factor = event.currentTarget.value as Factor)}>
      {#each noted as one (one)}<option value={one}>{capital(FACTOR_LABELS[one] ?? one)}</option>{/each}
    </select></label
  >
  <Choice
    label="Count"
    options={['bites', 'fish'] as const}
    value={of}
    onpick={(one) => (of = one)}
    shown={{ bites: 'Bites', fish: 'Fish landed' }}
  />
</div>
<table class="w-full max-w-4xl text-sm">
  <caption class="sr-only">{of === 'bites' ? 'Bites' : 'Fish'} an hour by {FACTOR_LABELS[factor]}</caption>
  <thead>
    <tr class="border-base-content border-b text-left text-xs">
      <th class="py-1 pr-2 font-bold" scope="col">{capital(FACTOR_LABELS[factor] ?? factor)}</th>
      <th class="pr-2 text-right font-bold" scope="col">Hours</th>
      <th class="pr-2 text-right font-bold" scope="col">{of === 'bites' ? 'Bites' : 'Fish'}</th>
      <th class="pr-2 text-right font-bold" scope="col">An hour</th>
      <th class="pr-3 text-right font-bold" scope="col">80 % between</th>
      <th class="hidden w-2/5 font-bold sm:table-cell" scope="col"
        ><span class="sr-only">Drawn, </span>0 to {figure(most)}</th
      >
    </tr>
  </thead>
  <tbody>
    {#each rows as row (row.rate.level)}
      <tr class={['border-rule border-b', row.rate.hours < FEW_HOURS && 'text-faint']}>
        <th class="py-1 pr-2 text-left font-semibold" scope="row"
          >{levelWords(factor, row.rate.level, settings.metric)}</th
        >
        <td class="pr-2 text-right">{figure(row.rate.hours)}</td>
        <td class="pr-2 text-right">{row.count}</td>
        <td class={['pr-2 text-right', row.rate.hours >= FEW_HOURS && 'font-bold']}>{figure(row.at)}</td>
        <td class="pr-3 text-right whitespace-nowrap">{figure(row.low)} to {figure(row.high)}</td>
        <td class="hidden sm:table-cell"
          ><Interval low={row.low} at={row.at} high={row.high} place={(value) => value / most} /></td
        >
      </tr>
    {/each}
  </tbody>
</table>
<p class="text-faint max-w-prose pt-1 text-xs">
  These rates mix days, waters and light: a lure fished on good days looks good. What a part is worth by itself is
  above. Faint: under
  {FEW_HOURS} hours.
</p>
