<script lang="ts">
  import type { OutingSummary } from '../../api/client'
  import { count } from '../../words/numbers'

  /** The months of a year in which somebody fished; a day that was fished leads to its notes, filled by how much bit. */
  let { outings }: { outings: readonly OutingSummary[] } = $props()
  const WEEK = ['S', 'M', 'T', 'W', 'T', 'F', 'S']
  const MONTHS = new Intl.DateTimeFormat('en-US', { month: 'long' })
  const DAYS = new Intl.DateTimeFormat('en-US', { month: 'long', day: 'numeric' })

  const dated = $derived(outings.map((outing) => ({ outing, at: new Date(outing.started_at) })))
  const years = $derived([...new Set(dated.map(({ at }) => at.getFullYear()))].toSorted((a, b) => b - a))
  let chosen = $state<number | null>(null)
  const year = $derived(chosen ?? years[0] ?? new Date().getFullYear())
  const ofYear = $derived(dated.filter(({ at }) => at.getFullYear() === year))
  const most = $derived(Math.max(1, ...ofYear.map(({ outing }) => perHour(outing))))
  const months = $derived(
    [...new Set(ofYear.map(({ at }) => at.getMonth()))]
      .toSorted((a, b) => a - b)
      .map((month) => ({
        month,
        name: MONTHS.format(new Date(year, month, 1)),
        blanks: new Date(year, month, 1).getDay(),
        days: Array.from({ length: new Date(year, month + 1, 0).getDate() }, (_, i) => i + 1),
      })),
  )
  const perHour = (outing: OutingSummary) => (outing.hours > 0 ? outing.bites / outing.hours : 0)
  const on = (month: number, day: number) =>
    ofYear.find(({ at }) => at.getMonth() === month && at.getDate() === day)?.outing
</script>

{#if years.length > 1}
  <label class="flex items-center gap-2 text-[0.8125rem] font-bold"
    >Year
    <select
      class="select border-edge h-11 w-28"
      value={year}
      onchange={(event) => (chosen = Number(event.currentTarget.value))}
    >
      {#each years as one (one)}<option value={one}>{one}</option>{/each}
    </select></label
  >
{/if}
<div class="-mx-3 grid grid-cols-1 gap-x-6 min-[360px]:mx-0 gap-y-4 min-[420px]:grid-cols-2 lg:grid-cols-4">
  {#each months as { month, name, blanks, days } (month)}
    <section aria-label="{name} {year}">
      <h2 class="pb-1 text-sm">{name}</h2>
      <div class="grid grid-cols-7 text-center text-xs">
        {#each WEEK as day, i (i)}<span class="text-faint" aria-hidden="true">{day}</span>{/each}
        {#each { length: blanks }, i (i)}<span></span>{/each}
        {#each days as day (day)}
          {@const outing = on(month, day)}
          {#if outing}
            {@const share = perHour(outing) / most}
            <a
              class="border-base-content relative flex h-11 items-center justify-center border font-bold"
              href="#/outing/{outing.id}"
              aria-label="{DAYS.format(new Date(year, month, day))}: {count(
                outing.bites,
                'bite',
              )}, {outing.fish} landed"
              ><span
                class="bg-base-content absolute inset-x-0 bottom-0"
                style:height="{30 * share}%"
                style:min-height="2px"
                aria-hidden="true"
              ></span>{day}</a
            >
          {:else}<span class="text-faint flex h-11 items-center justify-center" aria-hidden="true">{day}</span>{/if}
        {/each}
      </div>
    </section>
  {/each}
</div>
