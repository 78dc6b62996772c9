<script lang="ts">
  import { scaleLinear } from 'd3-scale'
  import type { Depths } from '../../words/documents'
  import { depthsFor } from '../../data/chart'
  import { COLOUR_HEX } from '../../words/vocabulary'
  import Choice from '../../ui/Choice.svelte'
  import Trouble from '../../ui/Trouble.svelte'
  import { currentReading } from '../../data/currentReading.svelte'
  import { unitsOf } from '../../words/quantity'
  import { settings } from '../../data/settings.svelte'
  import { round } from '../../words/round'
  import { capital, depth, show, waterLength } from '../../words/words'
  import Line from '../../ui/plot/Line.svelte'
  import Plot from '../../ui/plot/Plot.svelte'
  import ReadingSummary from '../../ui/ReadingSummary.svelte'

  /** Puts a claim to the test: that lime green alone keeps its colour at every depth. */
  let from = $state<'side' | 'below'>('side')
  let measure = $state<'jnd' | 'colour_jnd' | 'contrast'>('jnd')
  let chosen = $state('chartreuse')
  const depths = depthsFor(() => ({ reading: currentReading.asked, from }))
  const found = $derived(depths.shown?.value)

  const metric = $derived(settings.metric)
  const values = (held: Depths['colours'][number]) => held[measure].map((value) => Math.abs(value))
  const down = $derived((found?.depths_ft ?? []).map((feet) => feet * unitsOf(metric).depth.per))
  const deep = $derived(scaleLinear([down[0] ?? 0, down.at(-1) ?? 1], [0, 1]))
  const most = $derived(scaleLinear([0, Math.max(0.1, ...(found?.colours ?? []).flatMap(values))], [0, 1]).nice())
  const marks = (scale: typeof deep, count: number) => scale.ticks(count).map((at) => [at, `${at}`] as const)
  const hexOf = (colour: string) => COLOUR_HEX[colour as keyof typeof COLOUR_HEX] ?? '#808080'
  /** How much of its figure near the surface a colour still has at the deepest. */
  const kept = $derived(
    (found?.colours ?? [])
      .map((held) => {
        const all = values(held)
        const first = all[0] ?? 0
        const last = all.at(-1) ?? 0
        return { colour: held.colour, first, last, share: first > 0 ? last / first : 0 }
      })
      .sort((a, b) => b.last - a.last),
  )
  const rank = $derived(kept.findIndex((held) => held.colour === 'chartreuse') + 1)
  const best = $derived(kept[0])
  const UNITS = { jnd: 'JND', colour_jnd: 'JND', contrast: '' }
  const deepest = $derived(found?.depths_ft.at(-1) ?? 0)
</script>

<div class="flex flex-col gap-4">
  <header>
    <h1>Does lime green hold its color deeper than other colors?</h1>
    <ReadingSummary reading={currentReading.asked} />
  </header>
  {#if depths.error}<Trouble error={depths.error} onretry={() => depths.retry()} />{/if}
  {#if found && best}
    <div class={['flex flex-col gap-4', !depths.isCurrent && 'opacity-60']} aria-busy={!depths.isCurrent}>
      <p class="max-w-prose">
        In this water, at {depth(deepest, metric)} down, {show(best.colour)} stands out most. Chartreuse ranks {rank} of {kept.length}.
        A fluorescent color holds up because its dye turns blue light into green light. Where the water has absorbed the
        blue, that stops working.
      </p>
      <div class="grid gap-3 md:grid-cols-2">
        <Choice
          label="What is compared with the water"
          options={['jnd', 'colour_jnd', 'contrast']}
          value={measure}
          onpick={(next) => (measure = next)}
          shown={{ jnd: 'Color and brightness', colour_jnd: 'Color alone', contrast: 'Brightness alone' }}
        />
        <Choice
          label="Seen from"
          options={['side', 'below']}
          value={from}
          onpick={(next) => (from = next)}
          shown={{ side: 'The side', below: 'Below' }}
        />
      </div>
      <div class="bg-proof p-4 text-[#1a1a1a]">
        <p class="mb-1 text-xs">
          {measure === 'contrast'
            ? 'Contrast in brightness, (part − water) / water, without its sign'
            : 'Just-noticeable differences from the water'}, by depth in {unitsOf(metric).depth.unit}, close up
        </p>
        <Plot x={deep} y={most} xTicks={marks(deep, 8)} yTicks={marks(most, 4)} left={32} class="h-72">
          {#snippet children(x, y)}
            {#each found.colours as held (held.colour)}
              <Line
                points={values(held).map((value, i) => [x(down[i] ?? 0), y(value)] as const)}
                color={hexOf(held.colour)}
                width={held.colour === chosen ? 5 : 2}
              />
            {/each}
          {/snippet}
        </Plot>
      </div>
      <table class="w-full max-w-3xl text-left text-sm">
        <caption class="sr-only">How each color holds up, best at depth first</caption>
        <thead class="text-faint text-xs">
          <tr
            ><th class="py-1 font-normal">Color</th><th class="font-normal"
              >At {waterLength((found.depths_ft[0] ?? 0) * 12, metric)}</th
            ><th class="font-normal">At {depth(deepest, metric)}</th><th class="font-normal">Remaining</th></tr
          >
        </thead>
        <tbody>
          {#each kept as held (held.colour)}
            <tr class="border-rule border-t {held.colour === 'chartreuse' ? 'font-bold' : ''}">
              <th class="py-1 font-semibold" scope="row">
                <span class="bg-proof inline-block p-0.5 align-middle"
                  ><span class="block h-4 w-6" style:background-color={hexOf(held.colour)}></span></span
                >
                <button
                  class="min-h-11 min-w-11 cursor-pointer text-left underline-offset-2 hover:underline"
                  aria-pressed={chosen === held.colour}
                  onclick={() => (chosen = held.colour)}>{capital(show(held.colour))}</button
                >
              </th>
              <td>{round(held.first, 2)} {UNITS[measure]}</td>
              <td>{round(held.last, 2)} {UNITS[measure]}</td>
              <td>{round(held.share * 100, 0)} %</td>
            </tr>
          {/each}
        </tbody>
      </table>
    </div>
  {:else if !depths.error}
    <p role="status">Computing colors by depth…</p>
  {/if}
</div>
