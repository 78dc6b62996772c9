<script lang="ts">
  import type { From, LookPart, Reading, Scene } from '../words/documents'
  import { sensitivityFor } from '../data/look'
  import { unitsOf } from '../words/quantity'
  import { settings } from '../data/settings.svelte'
  import { round } from '../words/round'
  import { capital, show, waterLength, waterLengthBand } from '../words/words'
  import { LIMITS } from '../words/vocabulary'
  import { partName } from './partName'
  import Curves from './Curves.svelte'
  import Term from '../ui/Term.svelte'
  import Plot from './Plot.svelte'

  /** Contrast over distance as a plot, and the same figures as a table. */
  interface Props {
    lookParts: readonly LookPart[]
    scene: Scene
    /** The water of the scene, and where it is looked at from. */
    reading: Reading
    from: From
    /** The distance the drawing stands at, as a step of the scene. */
    at: number
    onat: (at: number) => void
  }
  let { lookParts, scene, reading, from, at: wanted, onat }: Props = $props()
  const last = $derived(scene.distances_in.length - 1)
  const at = $derived(Math.min(wanted, last))

  const spans = sensitivityFor(() => ({
    reading,
    from,
    parts: [...lookParts],
    pairs: scene.look.pairs.map((pair) => [pair.a, pair.b]),
  }))
  const sensitivity = $derived(spans.current)

  /** Below this nothing is drawn: far under anything an eye could make out. */
  const FLOOR = 0.01
  const PAIR_FLOOR = 0.1
  const TICKS = [0.01, 0.1, 1, 10, 100]
  const PAIR_TICKS = [0.1, 1, 10, 100]
  const DASHES = ['', '6 3', '2 3', '8 3 2 3', '1 4', '10 4', '4 4', '3 6']
  const metric = $derived(settings.metric)
  const shownParts = $derived(scene.parts.filter((part) => part.place !== 'steel'))
  const drawn = (id: string) => scene.parts.find((part) => part.id === id)
  const seen = (id: string) => scene.look.parts.find((part) => part.id === id)
  const unit = $derived(unitsOf(metric).water)
  const distances = $derived(scene.distances_in.map((distance) => distance * unit.per))
  const dashesOf = (i: number) => DASHES[i % DASHES.length] ?? ''
  const partCurves = $derived(
    shownParts.map((part, i) => ({
      values: (part.flash_contrast ?? part.contrast).map((value) => Math.abs(value)),
      dashes: dashesOf(i),
    })),
  )
  const pairCurves = $derived(scene.pairs.map((pair, i) => ({ values: pair.jnd, dashes: dashesOf(i) })))
  const length = (inches: number | null, span: readonly number[] | null | undefined) =>
    inches === null ? '—' : waterLengthBand(inches, span, metric)
  const spansOf = (id: string) => sensitivity?.parts.find((part) => part.id === id)
  const spanBetween = (a: string, b: string) =>
    sensitivity?.pairs.find((pair) => pair.a === a && pair.b === b)?.split_range_in
  const farthest = $derived(scene.distances_in.at(-1) ?? 0)
  const signed = (value: number) => `${value < 0 ? '−' : '+'}${round(Math.abs(value), 2)}`
  const hex = (id: string) => lookParts.find((part) => part.id === id)?.hex ?? '#808080'
  /** How far a part is visible, metal at a glint. */
  const rangeOf = (id: string) => seen(id)?.flash_range_in ?? seen(id)?.sight_range_in ?? 0
  /** Those that lie on the plot, in its unit. */
  const onPlot = (ranges: readonly number[]) =>
    ranges.filter((range) => range > 0 && range <= farthest).map((range) => range * unit.per)
  const sightMarks = $derived(onPlot(shownParts.map((part) => rangeOf(part.id))))
  const splitMarks = $derived(onPlot(scene.look.pairs.map((pair) => pair.split_range_in)))
  /** Where a figure may lie, as a quiet band along the limit; cut off where the plot ends. */
  const bandOf = (span: readonly number[] | null | undefined): (readonly [number, number])[] => {
    const [least, most] = span ?? []
    return least === undefined || most === undefined || least >= farthest || most <= 0
      ? []
      : [[least * unit.per, Math.min(most, farthest) * unit.per]]
  }
  const sightBands = $derived(
    shownParts.flatMap((part) => bandOf(spansOf(part.id)?.flash_range_in ?? spansOf(part.id)?.sight_range_in)),
  )
  const splitBands = $derived((sensitivity?.pairs ?? []).flatMap((pair) => bandOf(pair.split_range_in)))
  /** Where two curves cross, going away, in words. */
  function crossings(curves: readonly { name: string; values: readonly number[] }[]): string[] {
    return curves.flatMap((one, i) =>
      curves.slice(i + 1).flatMap((other) => {
        const cross = scene.distances_in.findIndex((_, k) => {
          if (k === 0) return false
          const before = (one.values[k - 1] ?? 0) - (other.values[k - 1] ?? 0)
          return before * ((one.values[k] ?? 0) - (other.values[k] ?? 0)) < 0
        })
        return cross > 0
          ? [
              `The curves of ${one.name} and ${other.name} cross near ${waterLength(scene.distances_in[cross] ?? 0, metric)}.`,
            ]
          : []
      }),
    )
  }
  const partsSummary = $derived(
    [
      ...shownParts.map((part) => {
        const range = rangeOf(part.id)
        const from =
          range > 0 ? `a bass makes it out from ${waterLength(range, metric)}` : 'a bass does not make it out'
        return `${capital(partName(part))}: ${from}.`
      }),
      ...crossings(shownParts.map((part, i) => ({ name: partName(part), values: partCurves[i]?.values ?? [] }))),
    ].join(' '),
  )
  const pairsSummary = $derived(
    scene.look.pairs
      .map(
        (pair) =>
          `${capital(partName(drawn(pair.a)))} and ${partName(drawn(pair.b))}: ${
            pair.split_range_in > 0 ? `separate to ${waterLength(pair.split_range_in, metric)}` : 'look like one color'
          }.`,
      )
      .join(' '),
  )
  const away = $derived(waterLength(scene.distances_in[at] ?? 0, metric))
  const here = $derived((scene.distances_in[at] ?? 0) * unit.per)

  /** Columns that keep their place when a span comes to stand beside a figure. */
  const TABLE = [
    'w-full table-fixed self-start text-left text-[0.8125rem] sm:text-sm [&_thead_th]:align-bottom [&_thead_th]:py-1',
    '[&_th:first-child]:w-[24%] [&_th:nth-child(n+5)]:w-[19%]',
    '[&_td]:pr-1 sm:[&_td]:pr-2 [&_th]:pr-1 sm:[&_th]:pr-2',
  ]
</script>

{#snippet key(dashes: string | undefined)}
  <svg class="inline-block h-3 w-6 align-middle sm:w-9" viewBox="0 0 36 12" aria-hidden="true"
    ><line x1="0" x2="36" y1="6" y2="6" stroke="currentColor" stroke-width="2" stroke-dasharray={dashes} /></svg
  >
{/snippet}

<div>
  <div class="grid gap-x-8 gap-y-6 pt-3 lg:grid-cols-2">
    <div>
      <p class="mb-1 text-xs">
        Contrast with the water by distance ({unit.unit}); each line of the scale is ten times the one below. Below {LIMITS.lostBelow},
        the thin line, a part is not visible. Metal is shown when it flashes. Shaded: how uncertain that point is.
      </p>
      <Plot
        name="parts"
        label="Contrast by distance"
        summary={partsSummary}
        reads="{away} away: {shownParts
          .map((part) => `${partName(part)} ${signed(part.contrast[at] ?? 0)}`)
          .join(', ')}"
        {at}
        {last}
        {onat}
      >
        <Curves
          {distances}
          curves={partCurves}
          floor={FLOOR}
          ticks={TICKS}
          limit={LIMITS.lostBelow}
          crossings={sightMarks}
          bands={sightBands}
          {here}
        />
      </Plot>
    </div>
    <div>
      <p class="mb-1 text-xs">
        Difference between two parts by distance ({unit.unit}), in just-noticeable differences (JND). Below
        {LIMITS.oneUpTo}, the thin line, the two look like one color.
      </p>
      {#if scene.pairs.length > 0}
        <Plot
          name="pairs"
          label="Difference by distance"
          summary={pairsSummary}
          reads="{away} away: {scene.pairs
            .map(
              (pair) => `${partName(drawn(pair.a))} and ${partName(drawn(pair.b))} ${round(pair.jnd[at] ?? 0, 1)} JND`,
            )
            .join(', ')}"
          {at}
          {last}
          {onat}
        >
          <Curves
            {distances}
            curves={pairCurves}
            floor={PAIR_FLOOR}
            ticks={PAIR_TICKS}
            limit={LIMITS.oneUpTo}
            crossings={splitMarks}
            bands={splitBands}
            {here}
          />
        </Plot>
      {/if}
    </div>
    <table class={TABLE}>
      <thead class="text-faint text-xs">
        <tr
          ><th class="py-1 font-normal">Part</th><th class="font-normal"><Term of="contrast" /></th><th
            class="font-normal"><Term of="flash" /></th
          ><th class="font-normal">{away} away</th><th class="font-normal"><Term of="visible" /></th><th
            class="font-normal">Its flash from</th
          ></tr
        >
      </thead>
      <tbody>
        {#each shownParts as part, i (part.id)}
          {@const figures = seen(part.id)}
          {#if figures}
            <tr class="border-rule border-t">
              <th class="py-1 font-semibold" scope="row"
                >{@render key(DASHES[i % DASHES.length])}
                <span class="bg-proof inline-block p-0.5 align-middle"
                  ><span class="block h-3 w-4" style:background-color={hex(part.id)}></span></span
                >
                {capital(partName(part))}</th
              >
              <td>{signed(figures.against_water)}</td>
              <td>{figures.against_water_flash === null ? '—' : signed(figures.against_water_flash)}</td>
              <td>{signed(part.contrast[at] ?? 0)}</td>
              <td>{length(figures.sight_range_in, spansOf(part.id)?.sight_range_in)}</td>
              <td>{length(figures.flash_range_in, spansOf(part.id)?.flash_range_in)}</td>
            </tr>
          {/if}
        {/each}
      </tbody>
    </table>
    <table class={TABLE}>
      <thead class="text-faint text-xs">
        <tr
          ><th class="py-1 font-normal">Pair</th><th class="font-normal"><Term of="hand" shown="In the hand" /></th><th
            class="font-normal"><Term of="jnd" shown="Color, brightness" /></th
          ><th class="font-normal">{away} away</th><th class="font-normal"><Term of="looks" /></th><th
            class="font-normal"><Term of="separate" shown="Separate to" /></th
          ></tr
        >
      </thead>
      <tbody>
        {#each scene.look.pairs as pair, i (`${pair.a}${pair.b}`)}
          <tr class="border-rule border-t">
            <th class="py-1 font-semibold" scope="row"
              >{@render key(DASHES[i % DASHES.length])}
              {capital(partName(drawn(pair.a)))} and {partName(drawn(pair.b))}</th
            >
            <td>{round(pair.in_hand_de00, 0)} ΔE</td>
            <td>{round(pair.colour_jnd, 1)}, {round(pair.tone_jnd, 1)} JND</td>
            <td>{round(scene.pairs[i]?.jnd[at] ?? 0, 1)} JND</td>
            <td class="font-semibold">{show(pair.reads)}</td>
            <td>{length(pair.split_range_in, spanBetween(pair.a, pair.b))}</td>
          </tr>
        {/each}
      </tbody>
    </table>
  </div>
  <p class="text-faint pt-2 text-xs">
    {round(scene.look.water.lux_at_lure, scene.look.water.lux_at_lure < 10 ? 2 : 0)} lux at the lure. Light weakens by c =
    {round(scene.look.water.beam_c_per_m, 2)} per meter on its way to the eye and K = {round(
      scene.look.water.kd_per_m,
      2,
    )} per meter on its way down. Contrast is (part − water) / water; JND is a just-noticeable difference; ΔE is CIEDE2000.
    <a class="underline" href="#/tie/depths">How colors hold up with depth</a>
  </p>
</div>
