<script lang="ts">
  import type { ObservedReading, WaterColumn } from '../../../words/documents'
  import { settings } from '../../../data/settings.svelte'
  import { unitsOf } from '../../../words/quantity'
  import { capital, depth, partLength, show, temperature, tintWords, waterLength } from '../../../words/words'
  import CoverMark from '../../../ui/marks/CoverMark.svelte'
  import ForageMark from '../../../ui/marks/ForageMark.svelte'

  /** A water as it would be met: what one sees of it, and a stick that goes out of sight. Nothing says how far that is. */
  interface Props {
    shown: ObservedReading
    column: WaterColumn
    /** What one sees beside the water itself. */
    isWhole?: boolean
    class?: string
  }
  let { shown, column, isWhole = true, class: classes = '' }: Props = $props()
  const metric = $derived(settings.metric)
  const id = $props.id()

  const WIDTH = 780
  const SURFACE = 130
  const BOTTOM = 470
  const STICK = 470
  const y = (inches: number) => SURFACE + ((BOTTOM - SURFACE) * inches) / column.reach_in
  const gone = $derived(y(shown.visibility_in ?? 0))

  /** Marks of the stick: a foot or half a foot apart, as many as there is room for; with metric units so many centimeters. */
  const marks = $derived.by(() => {
    const unit = unitsOf(metric).water
    const steps = metric ? [10, 20, 25, 50, 100, 200] : [6, 12, 24, 48]
    const most = 9
    const reach = unit.toShown(column.reach_in)
    const step = steps.find((one) => reach / one <= most) ?? steps.at(-1) ?? 12
    return Array.from({ length: Math.floor(reach / step) }, (_, i) => unit.fromShown(step * (i + 1)))
  })
  const label = (inches: number) => waterLength(inches, metric)
  /** What can be read of it, between two marks: as much as a glance tells. */
  const read = $derived.by(() => {
    const seen = marks.filter((mark) => mark <= (shown.visibility_in ?? 0)).at(-1)
    const next = marks.find((mark) => mark > (shown.visibility_in ?? 0))
    return seen === undefined
      ? `The stick is gone before its first mark, at ${label(marks[0] ?? 0)}.`
      : `The mark at ${label(seen)} is seen${next === undefined ? '.' : `, the one at ${label(next)} is not.`}`
  })

  const SKIES: Record<NonNullable<ObservedReading['sky']>, readonly [top: string, low: string]> = {
    sun: ['#a9cdeb', '#e6eff4'],
    broken: ['#a3bed4', '#e2e9ed'],
    overcast: ['#aab3b8', '#d3d8d9'],
    rain: ['#8e999f', '#bcc4c6'],
    storm: ['#5c676f', '#98a3a7'],
    low_sun: ['#8fa9c8', '#f2cf9e'],
    night: ['#10161f', '#27313c'],
  }
  const sky = $derived(SKIES[shown.sky ?? 'overcast'])
  const isDark = $derived(shown.sky === 'night' || shown.sky === 'storm')
  const wave = $derived({ calm: 0, ripple: 3, chop: 8 }[shown.wind ?? 'calm'])
  const surface = $derived.by(() => {
    const half = shown.wind === 'chop' ? 26 : 15
    const count = Math.ceil(WIDTH / half / 2) + 1
    return `M0 ${SURFACE}${Array.from({ length: count }, () => `q${half / 2} ${-wave} ${half} 0t${half} 0`).join('')}`
  })
  const CLOUDS = [
    [90, 46, 1],
    [330, 34, 1.4],
    [610, 54, 1.1],
  ] as const
  const TREES = Array.from({ length: 53 }, (_, i) => `${i * 15} ${112 - ((i * i * 7 + i) % 17)}`)
  const places = $derived(
    [
      shown.cover &&
        shown.cover !== 'open' &&
        `${capital(show(shown.cover))}${shown.cover_density === 'heavy' ? ', thick' : ''}`,
      shown.depth_ft != null && `you fish ${depth(shown.depth_ft, metric)} deep`,
    ].filter((one): one is string => typeof one === 'string'),
  )
  const moods = $derived(
    [
      shown.bite && shown.bite !== 'normal' && `Bite ${show(shown.bite)}`,
      shown.schooling && 'they chase bait in groups',
      shown.bass && shown.bass !== 'largemouth' && `${show(shown.bass)} bass`,
      shown.goal && shown.goal !== 'any' && `you fish for ${show(shown.goal)}`,
    ].filter((one): one is string => typeof one === 'string'),
  )
  const trend = $derived(
    shown.trend_f == null || Math.abs(shown.trend_f) < 1 ? '' : shown.trend_f > 0 ? ', rising' : ', falling',
  )
  const forage = $derived(
    [
      shown.forage === 'unknown' ? 'What they eat is unknown' : capital(show(shown.forage ?? 'unknown')),
      shown.forage_in != null && shown.forage !== 'unknown' && partLength(shown.forage_in, metric),
      shown.red_crawfish && 'turned red',
    ]
      .filter(Boolean)
      .join(', '),
  )
  const waterWords = $derived(
    `${shown.tint && shown.tint !== 'none' ? capital(tintWords(shown.tint)) : 'Colorless water'}. ${read}`,
  )
  const said = $derived(
    isWhole
      ? [
          `${capital(show(shown.sky ?? ''))}, ${show(shown.wind ?? '')}.`,
          waterWords,
          places.length > 0 ? `${places.join(', ')}.` : '',
          `${forage}.`,
        ].join(' ')
      : waterWords,
  )
  const NOTE = 'absolute bg-[#fcfcfa] px-2 py-1 text-xs leading-tight text-[#1a1a1a] sm:text-sm'
</script>

<div class="relative">
  <div class={['relative overflow-hidden', classes]}>
    <svg
      viewBox="0 0 {WIDTH} {BOTTOM}"
      preserveAspectRatio="xMidYMid slice"
      class="absolute inset-0 h-full w-full"
      role="img"
      aria-label={said}
    >
      <defs>
        <linearGradient id="{id}-sky" x1="0" x2="0" y1="0" y2="1">
          <stop offset="0" stop-color={sky[0]} /><stop offset="1" stop-color={sky[1]} />
        </linearGradient>
        <linearGradient id="{id}-water" x1="0" x2="0" y1="0" y2="1">
          {#each column.colours as colour, i (i)}<stop
              offset={i / (column.colours.length - 1)}
              stop-color={colour}
            />{/each}
        </linearGradient>
        <!-- As much of the stick is drawn as is left of it, on the scale of what an eye tells apart, down to where it is gone. -->
        <linearGradient id="{id}-left" gradientUnits="userSpaceOnUse" x1="0" x2="0" y1={SURFACE} y2={gone}>
          <stop offset="0" stop-color="#fff" /><stop offset="1" stop-color="#000" />
        </linearGradient>
        <mask id="{id}-seen" maskUnits="userSpaceOnUse" x="0" y="0" width={WIDTH} height={BOTTOM}>
          <rect width={WIDTH} height={SURFACE} fill="#fff" />
          <rect y={SURFACE} width={WIDTH} height={BOTTOM - SURFACE} fill="url(#{id}-left)" />
        </mask>
      </defs>
      <rect width={WIDTH} height={SURFACE} fill="url(#{id}-sky)" />
      {#if shown.sky === 'sun' || shown.sky === 'broken'}<circle
          cx="330"
          cy="44"
          r="18"
          fill="#fffbe8"
          stroke="#e2c979"
        />{/if}
      {#if shown.sky === 'low_sun'}<circle cx="330" cy="100" r="20" fill="#ffe3ae" stroke="#d99a4e" />{/if}
      {#if shown.sky === 'night'}<path d="M330 26a20 20 0 1 0 12 34a16 16 0 0 1 -12 -34" fill="#d8dde2" />{/if}
      {#if shown.sky === 'broken'}
        {#each CLOUDS as [x, top, size] (x)}<path
            d="M{x} {top}h{90 * size}q10 -18 -12 -20q-8 -18 -32 -8q-26 -10 -34 12q-20 0 -12 16z"
            fill="#f6f8f9"
          />{/each}
      {/if}
      <path d="M0 118L{TREES.join('L')}L{WIDTH} 118V{SURFACE}H0Z" fill={isDark ? '#1d2721' : '#7d9180'} />
      {#if shown.sky === 'rain' || shown.sky === 'storm'}
        <g stroke="#e8eef0" stroke-width="1.2" opacity="0.6"
          >{#each { length: 40 }, i (i)}<path d="M{(i * 61) % WIDTH} {(i * 29) % 100}l-5 20" />{/each}</g
        >
      {/if}
      <rect y={SURFACE} width={WIDTH} height={BOTTOM - SURFACE} fill="url(#{id}-water)" />
      <path d={surface} fill="none" stroke="#f4f8f8" stroke-width="2" opacity={isDark ? 0.5 : 0.9} />
      <g mask="url(#{id}-seen)">
        <rect x={STICK - 17} y={SURFACE - 26} width="34" height={BOTTOM - SURFACE + 26} fill="#fdfdfb" />
        {#each marks as mark, i (mark)}
          <line
            x1={STICK - 17}
            x2={STICK - (i % 2 === 1 ? 3 : 7)}
            y1={y(mark)}
            y2={y(mark)}
            stroke="#1a1a1a"
            stroke-width="2"
          />
          <text x={STICK + 26} y={y(mark) + 5} font-size="16" font-weight="700" fill="#fdfdfb">{label(mark)}</text>
        {/each}
      </g>
      <path d="M{STICK - 10} {SURFACE - 26}v-34l20 9l-20 9" fill="#1a1a1a" stroke="#1a1a1a" stroke-width="2" />
    </svg>
  </div>
  {#if isWhole}
    <p class={[NOTE, 'top-2 left-2 max-w-[55%]']}>
      <b>{capital(show(shown.sky ?? ''))}, {show(shown.wind ?? '')}.</b>
      {capital(show(shown.season ?? ''))}
    </p>
    {#if shown.surface_f != null}<p class={[NOTE, 'top-2 right-2']}>
        <b>{temperature(shown.surface_f, metric)}</b>{trend}
      </p>{/if}
    <div
      class="flex flex-wrap gap-1 max-sm:pt-1 sm:absolute sm:bottom-2 sm:left-2 sm:max-w-[48%] sm:flex-col sm:items-start"
    >
      {#if moods.length > 0}<p class={[NOTE, '!static']}>{capital(moods.join(', '))}</p>{/if}
      {#if places.length > 0}
        <p class={[NOTE, '!static flex items-center gap-2']}>
          {#if shown.cover && shown.cover !== 'open'}<CoverMark cover={shown.cover} />{/if}
          <span>{capital(places.join(', '))}</span>
        </p>
      {/if}
    </div>
    <div
      class={[NOTE, 'max-sm:static max-sm:flex max-sm:items-center max-sm:gap-2 sm:right-2 sm:bottom-2 sm:max-w-[44%]']}
    >
      {#if shown.forage && shown.forage !== 'unknown'}<p>It spat this up:</p>
        <ForageMark forage={shown.forage} />{/if}
      <p><b>{forage}</b></p>
    </div>
  {/if}
</div>
