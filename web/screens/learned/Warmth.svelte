<script lang="ts">
  import type { SeasonWatch } from '../../words/documents'
  import { settings } from '../../data/settings.svelte'
  import { dayWords } from '../../words/numbers'
  import { temperature } from '../../words/words'

  /** The temperatures of a water from left to right, its moments marked. The days can be read as a table. */
  let { water }: { water: SeasonWatch } = $props()
  const WIDTH = 1000
  const HEIGHT = 180
  const EDGE = 14
  const MARKS_F = [40, 50, 60, 70, 80]
  const DAY_MS = 86_400_000
  const at = (iso: string) => Date.parse(`${iso}T12:00:00Z`)
  const first = $derived(at(water.days[0]?.date ?? '2026-01-01'))
  const span = $derived(Math.max(DAY_MS, at(water.days.at(-1)?.date ?? '2026-01-01') - first))
  const low = $derived(Math.min(40, ...water.days.map((day) => day.surface_f)) - 2)
  const high = $derived(Math.max(62, ...water.days.map((day) => day.surface_f)) + 2)
  const x = (iso: string) => EDGE + ((WIDTH - 2 * EDGE) * (at(iso) - first)) / span
  const y = (warmth: number) => HEIGHT - EDGE - ((HEIGHT - 2 * EDGE) * (warmth - low)) / (high - low)
  const line = $derived(water.days.map((day) => `${x(day.date).toFixed(1)},${y(day.surface_f).toFixed(1)}`).join(' '))
  const marks = $derived(MARKS_F.filter((mark) => mark > low && mark < high))
</script>

<figure>
  <div class="relative">
    <svg class="block h-44 w-full" viewBox="0 0 {WIDTH} {HEIGHT}" preserveAspectRatio="none" aria-hidden="true">
      {#each marks as mark (mark)}
        <line
          x1="0"
          x2={WIDTH}
          y1={y(mark)}
          y2={y(mark)}
          stroke="currentColor"
          stroke-opacity="0.3"
          vector-effect="non-scaling-stroke"
        />
      {/each}
      <polyline points={line} fill="none" stroke="currentColor" stroke-width="2" vector-effect="non-scaling-stroke" />
      {#each water.moments as moment (moment.moment + moment.date)}
        <line
          x1={x(moment.date)}
          x2={x(moment.date)}
          y1={EDGE}
          y2={HEIGHT - EDGE}
          stroke="currentColor"
          stroke-width="2"
          stroke-dasharray="3 3"
          vector-effect="non-scaling-stroke"
        />
      {/each}
    </svg>
    {#each marks as mark (mark)}
      <span class="bg-base-100 absolute left-0 -translate-y-1/2 pr-1 text-xs" style:top="{(100 * y(mark)) / HEIGHT}%"
        >{temperature(mark, settings.metric)}</span
      >
    {/each}
  </div>
  <figcaption class="text-faint text-xs">
    {dayWords(water.days[0]?.date ?? '')} to {dayWords(water.days.at(-1)?.date ?? '')} · dashes: the moments below
  </figcaption>
</figure>
<details class="text-sm">
  <summary class="flex min-h-11 cursor-pointer items-center underline">As a table</summary>
  <table>
    <thead><tr><th class="pr-4 text-left" scope="col">Day</th><th scope="col">Surface</th></tr></thead>
    <tbody>
      {#each water.days as day (day.date)}
        <tr
          ><th class="pr-4 text-left font-normal" scope="row">{dayWords(day.date)}</th><td
            >{temperature(day.surface_f, settings.metric)}</td
          ></tr
        >
      {/each}
    </tbody>
  </table>
</details>
