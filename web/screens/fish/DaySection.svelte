<script lang="ts">
  import type { TripPlan } from '../../words/documents'
  import { inTheirColours } from '../../lure/paint'
  import Thumbnail from '../../lure/Thumbnail.svelte'
  import { minutesOf, timeOf, timeWords } from '../../words/clock'
  import { TINT_HEX } from '../../words/tints'
  import type { Sky, Tint } from '../../words/vocabulary'
  import { capital, show } from '../../words/words'
  import { hoursOf, hourWords, lightsAt, QUARTER, quartersOf } from './day'

  /** A section through the day: the sky with its names above, the lures on their lines below, in their hours. On a phone it is upright. */
  interface Props {
    plan: TripPlan
    tint: Tint
    /** Minutes after midnight. */
    from: number
    to: number
    /** The moment that is looked at. */
    minute: number
  }
  let { plan, tint, from, to, minute }: Props = $props()

  /** A lure whose stretch is shorter is only marked, and a sky not named. (Chosen.) */
  const LEAST_DRAWN = 45
  /** The highest that the sun's path goes up the sky, share of it. */
  const HIGHEST = 0.62
  /** What each sky looks like from its top to the water. */
  const SKY_LOOKS: Record<Sky, string> = {
    sun: 'linear-gradient(#a9cbe4, #dcecf5)',
    broken: 'linear-gradient(#b4cadb, #e6edf1)',
    overcast: 'linear-gradient(#b5b9bc, #d8dadb)',
    rain: 'linear-gradient(#9aa2a9, #c2c8cc)',
    storm: 'linear-gradient(#4c545c, #7c848b)',
    low_sun: 'linear-gradient(#c9bfb4, #f3d9b4)',
    night: 'linear-gradient(#131722, #2a3142)',
  }
  const along = (at: number) => (100 * (Math.max(from, Math.min(to, at)) - from)) / Math.max(1, to - from)
  /** The likeliest sky of each quarter hour, neighbors that are the same as one. */
  const bands = $derived.by(() => {
    const merged: { from: number; to: number; sky: Sky }[] = []
    for (const at of quartersOf(plan.light)) {
      const [likeliest] = lightsAt(plan.light, at)
      if (!likeliest) continue
      const last = merged.at(-1)
      if (last && last.sky === likeliest.sky && last.to === at) last.to = at + QUARTER
      else merged.push({ from: at, to: at + QUARTER, sky: likeliest.sky })
    }
    return merged
  })
  const highest = $derived(Math.max(20, ...plan.sun.elevation))
  /** Where the sun stands at each hour, along the day and up the sky. */
  const suns = $derived(
    plan.sun.elevation.flatMap((degrees, i) =>
      degrees > 0 && i * QUARTER >= from && i * QUARTER <= to && (i * QUARTER) % 60 === 0
        ? [{ at: i * QUARTER, up: (HIGHEST * degrees) / highest }]
        : [],
    ),
  )
  const lures = $derived(
    plan.carry.lures.flatMap((lure, i) =>
      (lure.fished ?? [])
        .map((one) => ({ from: minutesOf(one.from), to: minutesOf(one.to) }))
        .filter((one) => one.to > from && one.from < to)
        .map((one) => ({ lure, number: i + 1, ...one })),
    ),
  )
  /** Those that no hour is above all others for. */
  const anyHour = $derived(
    plan.carry.lures.map((lure, i) => ({ lure, number: i + 1 })).filter(({ lure }) => (lure.fished ?? []).length === 0),
  )
  const hours = $derived(hoursOf(from, to))
  const every = $derived(hours.length > 12 ? 2 : 1)
  /** A word at an edge stays inside. */
  const aside = (at: number) => (along(at) < 3 ? '0' : along(at) > 97 ? '-100%' : '-50%')
  const says = $derived(
    [
      ...bands.map((band) => `${timeWords(timeOf(band.from))} ${show(band.sky)}`),
      ...lures.map(
        (one) =>
          `lure ${one.number}, ${show(one.lure.build.lure)}, ${timeWords(timeOf(one.from))} to ${timeWords(timeOf(one.to))}`,
      ),
    ].join('; '),
  )
</script>

<div
  class="section relative h-[34rem] sm:h-80"
  style:--near={TINT_HEX[tint].near}
  style:--deep={TINT_HEX[tint].deep}
  role="img"
  aria-label="The day from {timeWords(timeOf(from))} to {timeWords(timeOf(to))}: {says}."
>
  {#each bands as band (band.from)}
    <div
      class="sky"
      style:--from="{along(band.from)}%"
      style:--long="{along(band.to) - along(band.from)}%"
      style:background={SKY_LOOKS[band.sky]}
    >
      {#if band.to - band.from >= LEAST_DRAWN}<span class="named text-sm font-bold">{capital(show(band.sky))}</span
        >{/if}
    </div>
  {/each}
  {#each suns as sun (sun.at)}
    <span class="sun" style:--from="{along(sun.at)}%" style:--up={sun.up}></span>
  {/each}
  <div class="water"></div>
  {#each lures as one (`${one.number} ${one.from}`)}
    {@const isDrawn = one.to - one.from >= LEAST_DRAWN}
    <div class="lure" style:--from="{along(one.from)}%" style:--long="{along(one.to) - along(one.from)}%">
      {#if isDrawn}
        <span class="line"></span>
        <span class="block h-16 w-full max-w-44 sm:h-24"
          ><Thumbnail build={one.lure.build} paint={inTheirColours(one.lure.build, one.lure.look_parts)} /></span
        >
        <span class="text-sm leading-tight"
          ><span class="sunk font-bold">{one.number} {capital(show(one.lure.build.lure))}</span>
          <span class="sunk best">{one.lure.best_for}</span></span
        >
      {:else}<span class="sunk text-xs font-bold">{one.number}</span>{/if}
    </div>
  {/each}
  {#each hours as at, i (at)}
    {#if i % every === 0}<span class="hour text-xs font-semibold" style:--from="{along(at)}%" style:--aside={aside(at)}
        >{hourWords(at)}</span
      >{/if}
  {/each}
  <span class="now" style:--from="{along(minute)}%"></span>
</div>
{#if anyHour.length > 0}
  <p class="flex flex-wrap items-center gap-x-5 gap-y-1 text-sm">
    <span class="text-faint">At any hour:</span>
    {#each anyHour as { lure, number } (number)}
      <span class="flex items-center gap-2"
        ><span class="bg-proof block h-9 w-16 p-0.5 text-[#1a1a1a]" aria-hidden="true"
          ><Thumbnail build={lure.build} paint={inTheirColours(lure.build, lure.look_parts)} /></span
        ><span class="font-bold">{number} {capital(show(lure.build.lure))}</span></span
      >
    {/each}
  </p>
{/if}

<style>
  /* The day runs down on a phone, the sky to the left; beside a desk it runs to the right, the sky on top. */
  .section {
    overflow: hidden;
    border-bottom: 2px solid var(--color-base-content);
  }
  .sky,
  .water,
  .lure,
  .sun,
  .hour,
  .now,
  .line {
    position: absolute;
  }
  .sky {
    top: var(--from);
    left: 0;
    width: 34%;
    height: calc(var(--long) + 1px);
    padding: 0.25rem 0.5rem;
    border-top: 1px solid rgb(25 25 25 / 0.5);
  }
  .water {
    inset: 0 0 0 34%;
    background: linear-gradient(
      90deg,
      var(--near),
      color-mix(in srgb, var(--deep), black 35%) 35%,
      color-mix(in srgb, var(--deep), black 60%)
    );
  }
  .lure {
    top: var(--from);
    left: 48%;
    right: 0;
    height: var(--long);
    display: flex;
    align-items: center;
    gap: 0.5rem;
    overflow: hidden;
    border-top: 1px dashed rgb(255 255 255 / 0.6);
    padding: 0.25rem 0.5rem;
    color: white;
  }
  /* Words on a sky or in the water stand on a ground of their own. */
  .named {
    display: inline-block;
    background: #fcfcfb;
    padding: 0 0.25rem;
    color: #191919;
  }
  .sunk {
    display: inline-block;
    background: #191919;
    padding: 0 0.25rem;
    color: #ffffff;
  }
  .best {
    display: none;
  }
  .sun {
    top: var(--from);
    left: calc(34% * (1 - var(--up)) - 12px);
    width: 14px;
    height: 14px;
    transform: translate(-50%, -50%);
    border: 1px solid #191919;
    border-radius: 50%;
    background: #fffbe8;
  }
  .hour {
    top: var(--from);
    left: 34%;
    background: #191919;
    padding: 0 0.25rem;
    color: #ffffff;
    white-space: nowrap;
  }
  .now {
    top: var(--from);
    left: 0;
    width: 100%;
    height: 3px;
    background: var(--on-stick);
    outline: 1px solid white;
  }
  .line {
    display: none;
  }
  @media (min-width: 40rem) {
    .section {
      margin-bottom: 1.5rem;
      overflow: visible;
    }
    .sky {
      top: 0;
      left: var(--from);
      width: calc(var(--long) + 1px);
      height: 38%;
      overflow: hidden;
      border-top: 0;
      border-left: 1px solid rgb(25 25 25 / 0.5);
      white-space: nowrap;
    }
    .water {
      inset: 38% 0 0 0;
      background: linear-gradient(
        var(--near),
        color-mix(in srgb, var(--deep), black 35%) 55%,
        color-mix(in srgb, var(--deep), black 60%)
      );
    }
    .lure {
      top: 38%;
      right: auto;
      bottom: 0;
      left: var(--from);
      width: var(--long);
      height: auto;
      flex-direction: column;
      align-items: flex-start;
      justify-content: flex-end;
      border-top: 0;
      border-left: 1px dashed rgb(255 255 255 / 0.6);
    }
    .line {
      display: block;
      top: 0;
      left: 1rem;
      width: 1.75rem;
      height: 2.75rem;
      border-bottom: 1px solid white;
      border-left: 1px solid white;
      border-bottom-left-radius: 100%;
    }
    .sun {
      top: calc(38% * (1 - var(--up)) - 4px);
      left: var(--from);
    }
    .hour {
      top: calc(100% + 6px);
      left: var(--from);
      background: none;
      padding: 0;
      transform: translateX(var(--aside));
      color: inherit;
    }
    .best {
      display: inline-block;
    }
    .now {
      top: 0;
      left: var(--from);
      width: 3px;
      height: 100%;
    }
  }
</style>
