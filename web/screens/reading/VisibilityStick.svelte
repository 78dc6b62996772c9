<script lang="ts">
  import { settings } from '../../stores/settings.svelte'
  import { waterLength } from '../../words/words'
  import { BANDS, MOST_IN, nearestStop, place, STOPS } from '../../words/stick'

  /** A stick let down into the water: where the lure is lost to sight. Close marks at the dirty end, where inches matter. */
  interface Props {
    value: number
    onset: (inches: number) => void
  }
  let { value, onset }: Props = $props()
  const id = $props.id()

  const metric = $derived(settings.metric)
  const band = $derived(BANDS.find((b) => value < b.to) ?? BANDS[BANDS.length - 1])
  const marks = $derived(
    metric
      ? [5, 10, 20, 30, 50, 75, 100, 150, 200, 300, 400, 600].map((cm) => ({
          at: cm / 2.54,
          label: cm === 5 ? '5 cm' : cm < 100 ? `${cm}` : `${cm / 100} m`,
        }))
      : [1, 3, 6, 12, 18, 24, 36, 48, 60, 96, 144, 192, 240].map((inches) => ({
          at: inches,
          label: inches === 1 ? '1 in' : inches < 36 ? `${inches}` : `${inches / 12} ft`,
        })),
  )
  const fine = $derived(STOPS.filter((inches) => inches <= 36 || inches % 12 === 0))
</script>

<div>
  <div class="mb-1 flex items-baseline justify-between gap-3">
    <label for={id} class="text-[0.8125rem] font-bold">Lost to sight at</label>
    <output for={id} class="text-right"
      ><span class="text-2xl font-bold">{waterLength(value, metric)}</span>
      <span class="text-faint ml-1 text-sm">{band?.name}</span></output
    >
  </div>
  <div class="has-focus-visible:outline-3 relative outline-offset-4">
    <svg class="block h-20 w-full" aria-hidden="true">
      {#each BANDS as b (b.name)}
        <rect
          x="{place(b.from)}%"
          width="{place(Math.min(b.to, MOST_IN)) - place(b.from)}%"
          y="0"
          height="44"
          class={b === band ? 'fill-base-content' : 'fill-base-200'}
          stroke="var(--rule)"
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
      {#each fine as inches (inches)}<line
          x1="{place(inches)}%"
          x2="{place(inches)}%"
          y1="44"
          y2="52"
          stroke="currentColor"
          opacity="0.6"
        />{/each}
      {#each marks as mark (mark.at)}
        <line x1="{place(mark.at)}%" x2="{place(mark.at)}%" y1="44" y2="60" stroke="currentColor" stroke-width="1.5" />
        <text
          x="{place(mark.at)}%"
          y="74"
          font-size="11"
          text-anchor={place(mark.at) > 97 ? 'end' : place(mark.at) < 3 ? 'start' : 'middle'}
          fill="currentColor">{mark.label}</text
        >
      {/each}
      <line x1="{place(value)}%" x2="{place(value)}%" y1="34" y2="62" stroke="var(--color-base-100)" stroke-width="9" />
      <line x1="{place(value)}%" x2="{place(value)}%" y1="34" y2="62" stroke="currentColor" stroke-width="5" />
    </svg>
    <input
      {id}
      class="absolute inset-0 h-full w-full cursor-pointer appearance-none opacity-0"
      type="range"
      min="0"
      max={STOPS.length - 1}
      step="1"
      value={nearestStop(value)}
      aria-valuetext="{waterLength(value, metric)}, {band?.name}"
      oninput={(event) => onset(STOPS[Number(event.currentTarget.value)] ?? value)}
      onpointerdown={(event) => {
        // The marks are not evenly spaced, so a tap is read off the stick rather than off the slider's own scale.
        const box = event.currentTarget.getBoundingClientRect()
        onset(STOPS[nearestStop(MOST_IN * ((event.clientX - box.left) / box.width) ** 2)] ?? value)
        event.preventDefault()
        event.currentTarget.focus({ preventScroll: true })
        event.currentTarget.setPointerCapture(event.pointerId)
      }}
      onpointermove={(event) => {
        if (!event.currentTarget.hasPointerCapture(event.pointerId)) return
        const box = event.currentTarget.getBoundingClientRect()
        const share = Math.max(0, Math.min(1, (event.clientX - box.left) / box.width))
        onset(STOPS[nearestStop(MOST_IN * share ** 2)] ?? value)
      }}
    />
  </div>
</div>
