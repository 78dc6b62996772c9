<script lang="ts">
  import type { TripPlan, TripTurn } from '../../words/documents'
  import Slider from '../../ui/Slider.svelte'
  import { number } from '../../words/numbers'
  import { SKYS, type Sky } from '../../words/vocabulary'
  import { capital, show } from '../../words/words'
  import { minutesOf, timeOf, timeWords } from '../../words/clock'
  import { hoursOf, hourWords, lightsAt, QUARTER, quartersOf } from './day'

  /** The day from left to right: how high the sun stands, the light at the lure, what the sky may do, and the moments picks change. */
  interface Props {
    plan: TripPlan
    /** Minutes after midnight. */
    from: number
    to: number
    turns: readonly TripTurn[]
    minute?: number
    /** Left out where it is only looked at, as on paper. */
    onset?: (minute: number) => void
  }
  let { plan, from, to, turns, minute, onset }: Props = $props()

  const WIDTH = 1000
  const SUN = { top: 8, horizon: 84, bottom: 96 }
  const SKY = { top: 102, bottom: 156 }
  const HEIGHT = 178
  /** From starlight to full sun. */
  const LUX_DECADES = [-3, 5] as const
  /** How dark each sky is drawn. */
  const SHADES: Record<Sky, number> = {
    sun: 0.04,
    low_sun: 0.12,
    broken: 0.18,
    overcast: 0.36,
    rain: 0.56,
    storm: 0.76,
    night: 0.95,
  }
  /** The same in every theme: a dark sky is dark. */
  const LIGHT = '#f4f4f3'
  const DARK = '#191919'
  const x = (at: number) => (WIDTH * (at - from)) / Math.max(1, to - from)
  const highest = $derived(Math.max(20, ...plan.sun.elevation))
  const y = (degrees: number) =>
    degrees >= 0
      ? SUN.horizon - ((SUN.horizon - SUN.top) * degrees) / highest
      : Math.min(SUN.bottom, SUN.horizon - degrees)
  const sun = $derived(
    plan.sun.elevation
      .map((degrees, i) => ({ at: i * QUARTER, degrees }))
      .filter(({ at }) => at >= from - QUARTER && at <= to + QUARTER)
      .map(({ at, degrees }) => `${x(at).toFixed(1)},${y(degrees).toFixed(1)}`)
      .join(' '),
  )
  /** By quarter hour, the skies that may be, lightest first. */
  const quarters = $derived(
    quartersOf(plan.light).map((at) => ({
      at,
      skies: lightsAt(plan.light, at).toSorted((a, b) => SKYS.indexOf(a.sky) - SKYS.indexOf(b.sky)),
    })),
  )
  /** Neighbors that are the same are one, so that no seams are drawn. */
  const bands = $derived.by(() => {
    const merged: { from: number; to: number; sky: Sky; y: number; height: number }[] = []
    for (const { at, skies } of quarters) {
      let above = 0
      for (const one of skies) {
        const whole = SKY.bottom - SKY.top
        const band = {
          from: at,
          to: at + QUARTER,
          sky: one.sky,
          y: SKY.top + whole * above,
          height: whole * one.chance,
        }
        above += one.chance
        const before = merged.find(
          (other) => other.to === at && other.sky === band.sky && other.y === band.y && other.height === band.height,
        )
        if (before) before.to = band.to
        else merged.push(band)
      }
    }
    return merged
  })
  const lit = $derived(
    quarters
      .map(({ at }) => {
        const decade = Math.log10(Math.max(1e-3, lightsAt(plan.light, at)[0]?.lux_at_lure ?? 0))
        const share = (decade - LUX_DECADES[0]) / (LUX_DECADES[1] - LUX_DECADES[0])
        return `${x(at + QUARTER / 2).toFixed(1)},${(SUN.bottom - (SUN.bottom - SUN.top) * share).toFixed(1)}`
      })
      .join(' '),
  )
  const skies = $derived(SKYS.filter((sky) => plan.light.some((one) => one.sky === sky)))
  const hours = $derived(hoursOf(from, to))
  const labelEvery = $derived(hours.length > 14 ? 3 : hours.length > 8 ? 2 : 1)
  /** A label at an edge stays inside. */
  const aside = (share: number) => (share < 0.04 ? '' : share > 0.96 ? '-translate-x-full' : '-translate-x-1/2')
  const turnTimes = $derived([...new Set(turns.map((turn) => turn.at))].map(minutesOf))
  const lux = $derived(minute === undefined ? 0 : (lightsAt(plan.light, minute)[0]?.lux_at_lure ?? 0))
</script>

{#snippet drawing()}
  <svg
    class="text-base-content block h-auto w-full"
    viewBox="0 0 {WIDTH} {HEIGHT}"
    preserveAspectRatio="none"
    style:height="11rem"
    aria-hidden="true"
  >
    <rect
      x="0"
      y={SUN.top}
      width={WIDTH}
      height={SUN.bottom - SUN.top}
      fill="none"
      stroke="currentColor"
      stroke-opacity="0.25"
      vector-effect="non-scaling-stroke"
    />
    <line
      x1="0"
      x2={WIDTH}
      y1={SUN.horizon}
      y2={SUN.horizon}
      stroke="currentColor"
      stroke-opacity="0.5"
      vector-effect="non-scaling-stroke"
    />
    <polyline
      points={lit}
      fill="none"
      stroke="currentColor"
      stroke-width="1.5"
      stroke-dasharray="5 4"
      vector-effect="non-scaling-stroke"
    />
    <polyline points={sun} fill="none" stroke="currentColor" stroke-width="2.5" vector-effect="non-scaling-stroke" />
    <rect x="0" y={SKY.top} width={WIDTH} height={SKY.bottom - SKY.top} fill={LIGHT} />
    {#each bands as band (`${band.from} ${band.y} ${band.sky}`)}
      <rect
        x={x(band.from)}
        y={band.y}
        width={x(Math.min(to, band.to)) - x(band.from)}
        height={band.height}
        fill={DARK}
        fill-opacity={SHADES[band.sky]}
      />
    {/each}
    <rect
      x="0"
      y={SKY.top}
      width={WIDTH}
      height={SKY.bottom - SKY.top}
      fill="none"
      stroke="currentColor"
      stroke-opacity="0.5"
      vector-effect="non-scaling-stroke"
    />
    {#each hours as hour (hour)}
      <line
        x1={x(hour)}
        x2={x(hour)}
        y1={SKY.bottom}
        y2={SKY.bottom + 6}
        stroke="currentColor"
        vector-effect="non-scaling-stroke"
      />
    {/each}
    {#each turnTimes as at (at)}
      <line
        x1={x(at)}
        x2={x(at)}
        y1={SUN.top}
        y2={HEIGHT - 14}
        stroke="currentColor"
        stroke-width="2"
        stroke-dasharray="2 3"
        vector-effect="non-scaling-stroke"
      />
      <path d="M{x(at) - 8} {HEIGHT - 2}L{x(at)} {HEIGHT - 16}L{x(at) + 8} {HEIGHT - 2}z" fill="currentColor" />
    {/each}
    {#if minute !== undefined}
      <line
        x1={x(minute)}
        x2={x(minute)}
        y1="0"
        y2={HEIGHT}
        stroke="currentColor"
        stroke-width="4"
        vector-effect="non-scaling-stroke"
      />
    {/if}
  </svg>
{/snippet}

<figure class="min-w-0">
  {#if onset && minute !== undefined}
    <Slider
      label="Time of day"
      value={minute - from}
      last={to - from - 1}
      shown="{timeWords(timeOf(minute))}, {number(Math.round(lux))} lux at the lure"
      onset={(at) => onset(from + at)}
      class="min-h-11"
    >
      {@render drawing()}
    </Slider>
  {:else}
    {@render drawing()}
  {/if}
  <div class="relative h-5 text-xs" aria-hidden="true">
    {#each hours as hour, i (hour)}
      {#if i % labelEvery === 0}<span
          class={['absolute whitespace-nowrap', aside(x(hour) / WIDTH)]}
          style:left="{(100 * x(hour)) / WIDTH}%">{hourWords(hour)}</span
        >{/if}
    {/each}
  </div>
  <figcaption class="text-faint flex flex-wrap gap-x-4 gap-y-1 text-xs">
    <span>— sun’s height</span><span>- - light at the lure</span><span>▲ picks change</span>
    {#each skies as sky (sky)}
      <span class="flex items-center gap-1"
        ><span class="border-edge relative inline-block h-3 w-3 border" style:background-color={LIGHT}
          ><span class="absolute inset-0" style:background-color={DARK} style:opacity={SHADES[sky]}></span></span
        >{capital(show(sky))}</span
      >
    {/each}
    <span>height: chance</span>
  </figcaption>
</figure>
