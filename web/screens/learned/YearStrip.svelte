<script lang="ts">
  import type { OutingSummary } from '../../words/documents'
  import { scaleLinear } from 'd3-scale'
  import Plot from '../../ui/plot/Plot.svelte'
  import { count } from '../../words/numbers'

  /** A year as one strip: a bar for each week that was fished, as tall as its bites an hour; the year before in gray beside it. */
  let { outings }: { outings: readonly OutingSummary[] } = $props()
  const MONTHS = Array.from({ length: 12 }, (_, month) =>
    new Intl.DateTimeFormat('en-US', { month: 'short' }).format(new Date(2026, month, 1)),
  )
  const WEEK_MS = 7 * 86_400_000
  const WEEKS = 53
  const TICKS = MONTHS.map((month, i) => [((i + 0.5) * WEEKS) / 12, month] as const)
  /** Of a week's room, its bar and that of the year before. */
  const BAR = 0.3

  const yearOf = (outing: OutingSummary) => new Date(outing.started_at).getFullYear()
  const weekOf = (outing: OutingSummary) =>
    Math.floor((Date.parse(outing.started_at) - new Date(yearOf(outing), 0, 1).getTime()) / WEEK_MS)
  const year = $derived(Math.max(...outings.map(yearOf)))
  interface Week {
    week: number
    hours: number
    bites: number
  }
  const weeksOf = (of: number): Week[] => {
    const weeks: Week[] = []
    for (const outing of outings.filter((one) => yearOf(one) === of)) {
      const week = weekOf(outing)
      const known = weeks.find((one) => one.week === week)
      if (known) {
        known.hours += outing.hours
        known.bites += outing.bites
      } else weeks.push({ week, hours: outing.hours, bites: outing.bites })
    }
    return weeks
  }
  const perHour = (one: Week) => (one.hours > 0 ? one.bites / one.hours : 0)
  const now = $derived(weeksOf(year))
  const before = $derived(weeksOf(year - 1))
  const most = $derived(Math.max(0.1, ...[...now, ...before].map(perHour)))
  const bars = $derived([
    ...before.map((one) => ({ ...one, isBefore: true })),
    ...now.map((one) => ({ ...one, isBefore: false })),
  ])
  /** The week that today is in, where it is this year that is drawn. */
  const today = new Date()
  const thisWeek = $derived(
    today.getFullYear() === year ? Math.floor((today.getTime() - new Date(year, 0, 1).getTime()) / WEEK_MS) : null,
  )
  const fished = $derived(outings.filter((one) => yearOf(one) === year))
  const says = $derived(
    `${year}: ${count(fished.length, 'outing')}, ${count(
      fished.reduce((sum, one) => sum + one.bites, 0),
      'bite',
    )}, the best week ${(Math.round(10 * Math.max(0, ...now.map(perHour))) / 10).toString()} bites an hour.`,
  )
</script>

<section aria-labelledby="year">
  <div class="border-base-content flex flex-wrap items-baseline gap-x-3 border-t pt-2">
    <h2 id="year" class="text-lg">The year {year} in one strip</h2>
    <p class="text-faint text-sm">
      A bar for each week, as tall as its bites an hour.{before.length > 0 ? ` Gray: ${year - 1}.` : ''}
    </p>
    {#if thisWeek !== null}<p class="text-now ml-auto text-sm font-bold">▼ this week</p>{/if}
  </div>
  <Plot
    x={scaleLinear([0, WEEKS], [0, 1])}
    y={scaleLinear([0, most * 1.2], [0, 1])}
    xTicks={TICKS}
    class="h-32"
    label={says}
  >
    {#snippet children(x, y)}
      {#each bars as one (`${one.isBefore} ${one.week}`)}
        {@const top = Math.min(y(perHour(one)), y(0) - 2)}
        <rect
          class={one.isBefore ? 'fill-edge' : one.week === thisWeek ? 'fill-now' : 'fill-current'}
          x={x(one.week + (one.isBefore ? BAR : 0))}
          y={top}
          width={x(BAR) - x(0)}
          height={y(0) - top}
        />
      {/each}
      {#if thisWeek !== null}<path class="fill-now" d="M{x(thisWeek + BAR / 2) - 9} 0h18l-9 12z" />{/if}
    {/snippet}
  </Plot>
</section>
