<script lang="ts">
  import { scaleLinear } from 'd3-scale'
  import Line from '../../ui/plot/Line.svelte'
  import Plot from '../../ui/plot/Plot.svelte'
  import type { SeasonWatch } from '../../words/documents'
  import { settings } from '../../data/settings.svelte'
  import { dayWords } from '../../words/numbers'
  import { temperature } from '../../words/words'

  /** The temperatures of a water from left to right, its moments marked. The days can be read as a table. */
  let { water }: { water: SeasonWatch } = $props()
  const MARKS_F = [40, 50, 60, 70, 80]
  const DAY_MS = 86_400_000
  const at = (iso: string) => Date.parse(`${iso}T12:00:00Z`)
  const first = $derived(at(water.days[0]?.date ?? '2026-01-01'))
  const span = $derived(Math.max(DAY_MS, at(water.days.at(-1)?.date ?? '2026-01-01') - first))
  const low = $derived(Math.min(40, ...water.days.map((day) => day.surface_f)) - 2)
  const high = $derived(Math.max(62, ...water.days.map((day) => day.surface_f)) + 2)
  const marks = $derived(
    MARKS_F.filter((mark) => mark > low && mark < high).map(
      (mark) => [mark, temperature(mark, settings.metric)] as const,
    ),
  )
</script>

<figure>
  <Plot
    x={scaleLinear([first, first + span], [0, 1])}
    y={scaleLinear([low, high], [0, 1])}
    yTicks={marks}
    left={44}
    class="h-44"
  >
    {#snippet children(x, y)}
      <Line points={water.days.map((day) => [x(at(day.date)), y(day.surface_f)] as const)} />
      {#each water.moments as { moment, date } (moment + date)}
        <Line
          points={[
            [x(at(date)), y(low)],
            [x(at(date)), y(high)],
          ]}
          dashes="3 3"
        />
      {/each}
    {/snippet}
  </Plot>
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
