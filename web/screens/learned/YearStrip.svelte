<script lang="ts">
  import type { OutingSummary } from '../../words/documents'
  import { count } from '../../words/numbers'

  /** A year as one strip: a bar for each week that was fished, as tall as its bites an hour; the year before in gray beside it. */
  let { outings }: { outings: readonly OutingSummary[] } = $props()
  const MONTHS = Array.from({ length: 12 }, (_, month) =>
    new Intl.DateTimeFormat('en-US', { month: 'short' }).format(new Date(2026, month, 1)),
  )
  const WEEK_MS = 7 * 86_400_000
  const WEEKS = 53
  const SIZE = { width: 1200, bars: 84, bar: 7 }

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
  const height = (one: Week) => Math.max(2, (SIZE.bars * perHour(one)) / most)
  const x = (week: number) => (SIZE.width * week) / WEEKS
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
  <svg class="block h-28 w-full" viewBox="0 0 {SIZE.width} 112" preserveAspectRatio="none" role="img" aria-label={says}>
    {#each before as one (one.week)}
      <rect x={x(one.week) + SIZE.bar} y={100 - height(one)} width={SIZE.bar} height={height(one)} fill="var(--edge)" />
    {/each}
    {#each now as one (one.week)}
      <rect
        x={x(one.week)}
        y={100 - height(one)}
        width={SIZE.bar}
        height={height(one)}
        fill={one.week === thisWeek ? 'var(--now)' : 'currentColor'}
      />
    {/each}
    <line x1="0" x2={SIZE.width} y1="100" y2="100" stroke="currentColor" stroke-width="2" />
    {#each MONTHS as month, i (month)}
      <line x1={(SIZE.width * i) / 12} x2={(SIZE.width * i) / 12} y1="100" y2="110" stroke="currentColor" />
    {/each}
    {#if thisWeek !== null}<path d="M{x(thisWeek) - 6} 0h18l-9 12z" fill="var(--now)" />{/if}
  </svg>
  <p class="grid grid-cols-12 text-xs" aria-hidden="true">
    {#each MONTHS as month (month)}<span
        ><span class="sm:hidden">{month.slice(0, 1)}</span><span class="max-sm:hidden">{month}</span></span
      >{/each}
  </p>
</section>
