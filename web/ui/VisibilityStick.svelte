<script lang="ts">
  import { settings } from '../stores/settings.svelte'
  import NumberBox from './NumberBox.svelte'
  import Slider from './Slider.svelte'
  import Term from './Term.svelte'
  import Stepper from './Stepper.svelte'
  import { unitsOf } from '../words/quantity'
  import { waterLength } from '../words/words'
  import { BANDS, MARKS_CM, MARKS_IN, MOST_IN, nearestStop, place, STOPS } from '../words/stick'

  /** A stick let down into the water: how deep a lure can be seen. Close marks at the dirty end, where inches matter. */
  interface Props {
    value: number
    onset: (inches: number) => void
    /** Without the way to the guide, where there is none. */
    isAlone?: boolean
    /** Whether somebody said so; else it is only where the stick stands. */
    isSaid?: boolean
  }
  let { value, onset, isAlone = false, isSaid = true }: Props = $props()

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
  const minor = $derived(STOPS.filter((inches) => inches <= 36 || inches % 12 === 0))
  /** A thumb goes to a named mark; what lies between is stepped, typed, or found on the finer scale. */
  const tapped = $derived(marks.map((mark) => nearestStop(mark.at)))
  const to = (index: number) => {
    const inches = STOPS[Math.max(0, Math.min(STOPS.length - 1, index))]
    if (inches !== undefined) onset(inches)
  }
</script>

<div role="group" aria-label="Visibility">
  <div class="mb-1 flex items-center justify-between gap-2">
    <span class="flex flex-wrap items-baseline gap-x-2"
      ><span class="text-[0.8125rem] font-bold">Visibility</span>
      <span class="text-faint text-sm">{band?.name}</span>
      {#if !isAlone}<a
          class="-my-3 inline-flex min-h-11 items-center text-xs underline underline-offset-2"
          href="#/visibility">How to measure</a
        >{/if}</span
    >
    <span class="flex items-center gap-2">
      <Stepper way="less" label="Visibility: less" onstep={() => to(stop - 1)} />
      <NumberBox
        large
        label="Visibility, {metric ? 'cm' : 'inches'}"
        value={unit.toShown(value)}
        unit={unit.unit}
        min={0.5}
        max={unit.toShown(MOST_IN * 5)}
        onset={(shown) => shown !== null && onset(unit.fromShown(shown))}
      />
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
      <svg class={['block h-20 w-full', fine !== null && 'opacity-50']} aria-hidden="true">
        {#each BANDS as b (b.name)}
          <rect
            x="{place(b.from)}%"
            width="{place(Math.min(b.to, MOST_IN)) - place(b.from)}%"
            y="0"
            height="44"
            class={b === band ? 'fill-base-content' : 'fill-base-200'}
            stroke="var(--edge)"
          />
          <text
            x="{(place(b.from) + place(Math.min(b.to, MOST_IN))) / 2}%"
            y="22"
            text-anchor="middle"
            font-size="12"
            font-weight="600"
            class={b === band ? 'fill-base-100' : 'fill-base-content'}>{b.name}</text
          >
        {/each}
        {#each minor as inches (inches)}<line
            x1="{place(inches)}%"
            x2="{place(inches)}%"
            y1="44"
            y2="52"
            stroke="currentColor"
            opacity="0.6"
          />{/each}
        {#each marks as mark (mark.at)}
          <line
            x1="{place(mark.at)}%"
            x2="{place(mark.at)}%"
            y1="44"
            y2="60"
            stroke="currentColor"
            stroke-width="1.5"
          />
          <text
            x="{place(mark.at)}%"
            dx={mark === marks[0] ? 4 : 0}
            y="74"
            font-size="11"
            text-anchor={mark === marks[0] || place(mark.at) > 97 ? 'end' : 'middle'}
            fill="currentColor">{mark.label}</text
          >
        {/each}
        <line
          x1="{place(value)}%"
          x2="{place(value)}%"
          y1="34"
          y2="62"
          stroke="var(--color-base-100)"
          stroke-width="9"
        />
        <line x1="{place(value)}%" x2="{place(value)}%" y1="34" y2="62" stroke="currentColor" stroke-width="5" />
      </svg>
    {/snippet}
  </Slider>
  {#if isSaid}
    <p class="text-sm"><Term of="sight" shown="You lose sight of a lure at {waterLength(value, metric)}" /></p>
  {:else}<p class="text-faint text-sm">Not said yet: move the stick to say it.</p>{/if}
</div>
