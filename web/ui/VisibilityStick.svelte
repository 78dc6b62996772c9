<script lang="ts">
  import { settings } from '../data/settings.svelte'
  import NumberBox from './NumberBox.svelte'
  import Stick from './plot/Stick.svelte'
  import Slider from './Slider.svelte'
  import Stepper from './Stepper.svelte'
  import { unitsOf } from '../words/quantity'
  import { waterLength } from '../words/words'
  import { TINT_HEX } from '../words/tints'
  import type { Tint } from '../words/vocabulary'
  import { BANDS, MARKS_CM, MARKS_IN, MOST_IN, nearestStop, place, STOPS } from '../words/stick'

  /** A stick let down into the water: how deep a lure can be seen. Close marks at the dirty end, where inches matter. */
  interface Props {
    value: number
    onset: (inches: number) => void
    /** What color the water has that it stands in. */
    tint?: Tint
    /** What it was before it was changed last; null where it was not. */
    was?: number | null
    /** Whether somebody said so; else it is only where the stick stands. */
    isSaid?: boolean
  }
  let { value, onset, tint = 'none', was = null, isSaid = true }: Props = $props()

  const metric = $derived(settings.metric)
  const unit = $derived(unitsOf(metric).water)
  const band = $derived(BANDS.find((b) => value < b.to) ?? BANDS[BANDS.length - 1])
  const stop = $derived(nearestStop(value))
  const marks = $derived(
    metric
      ? MARKS_CM.map((cm) => ({
          at: unit.fromShown(cm),
          label: cm === 5 ? '5 cm' : cm < 100 ? `${cm}` : `${cm / 100} m`,
        }))
      : MARKS_IN.map((inches) => ({
          at: inches,
          label: inches === 1 ? '1 in' : inches < 36 ? `${inches}` : `${inches / 12} ft`,
        })),
  )
  /** Where there is room for what a mark is called. */
  const LABEL_ROOM = 5.6
  const named = $derived(
    marks.reduce<number[]>(
      (told, { at }) => (told.every((one) => place(at) - place(one) >= LABEL_ROOM) ? [...told, at] : told),
      [],
    ),
  )
  const minor = $derived(STOPS.filter((inches) => inches <= 36 || inches % 12 === 0))
  /** A thumb goes to a named mark; what lies between is stepped, typed, or found on the finer scale. */
  const tapped = $derived(marks.map((mark) => nearestStop(mark.at)))
  const name = $props.id()
  const here = $derived(place(value))
  /** A mark is read down to the visibility, and fades into the water past it. */
  const shown = (inches: number) => Math.max(0.12, Math.min(1, 1 - (place(inches) - here) / 12))
  const to = (index: number) => {
    const inches = STOPS[Math.max(0, Math.min(STOPS.length - 1, index))]
    if (inches !== undefined) onset(inches)
  }
</script>

<div role="group" aria-label="Visibility">
  <div class="flex items-center justify-between gap-2">
    <span class="flex flex-wrap items-center gap-x-2">
      <span class="text-sm font-bold">Visibility</span>
      <NumberBox
        large
        label="Visibility, {metric ? 'cm' : 'inches'}"
        value={unit.toShown(value)}
        unit={unit.unit}
        min={0.5}
        max={unit.toShown(MOST_IN * 5)}
        onset={(shown) => shown !== null && onset(unit.fromShown(shown))}
      />
      {#if was !== null}<span class="text-now text-sm font-bold">was {waterLength(was, metric)}</span>{/if}
      {#if !isSaid}<span class="text-faint text-sm">Not said yet</span>{/if}
    </span>
    <span class="flex items-center gap-2">
      <Stepper way="less" label="Visibility: less" onstep={() => to(stop - 1)} />
      <Stepper way="more" label="Visibility: more" onstep={() => to(stop + 1)} />
    </span>
  </div>
  <Slider
    label="Visibility"
    value={stop}
    last={STOPS.length - 1}
    at={(index) => place(STOPS[index] ?? 0) / 100}
    marks={tapped}
    shown="{waterLength(value, metric)}, {band?.name}"
    onset={to}
    class="outline-offset-4"
  >
    {#snippet children({ fine })}
      <Stick
        {place}
        bands={BANDS}
        band={band?.name}
        marks={marks.filter((mark) => named.includes(mark.at)).map((mark) => [mark.at, mark.label] as const)}
        ticks={[58, 60]}
        class={['h-20', fine !== null && 'opacity-50']}
      >
        <linearGradient id={name}>
          <stop offset="{0.8 * here}%" stop-color="#fcfcfb" />
          <stop offset="{Math.min(100, here + 12)}%" stop-color={TINT_HEX[tint].near} />
          <stop offset="{Math.min(100, here + 40)}%" stop-color={TINT_HEX[tint].deep} />
        </linearGradient>
        <rect x="0.5" y="24" width="100%" height="34" fill="url(#{name})" stroke="var(--edge)" />
        {#each minor as inches (inches)}<line
            x1="{place(inches)}%"
            x2="{place(inches)}%"
            y1={inches <= 36 && inches % 6 !== 0 ? 48 : 44}
            y2="57"
            stroke="#191919"
            opacity={0.7 * shown(inches)}
          />{/each}
        {#each marks as mark (mark.at)}
          <line
            x1="{place(mark.at)}%"
            x2="{place(mark.at)}%"
            y1="34"
            y2="57"
            stroke="#191919"
            stroke-width="1.5"
            opacity={shown(mark.at)}
          />
        {/each}
        <svg x="{here}%" y="17" width="20" height="42" overflow="visible">
          <path d="M-1.5 6V41h3V6z" fill="var(--on-stick)" stroke="#fcfcfb" />
          <path d="M-8 0h16v4l-8 7-8-7z" fill="var(--now)" />
        </svg>
      </Stick>
    {/snippet}
  </Slider>
</div>
