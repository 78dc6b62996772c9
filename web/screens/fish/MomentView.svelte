<script lang="ts">
  import type { TripPlan, TripRequest } from '../../words/documents'
  import { momentFor } from '../../data/trips'
  import { inTheHand } from '../../lure/paint'
  import Lure from '../../lure/Lure.svelte'
  import Underwater from '../../preview/Underwater.svelte'
  import { settings } from '../../data/settings.svelte'
  import Answer from '../../ui/Answer.svelte'
  import Tile from '../../ui/Tile.svelte'
  import { partsOf } from '../../words/adviceParts'
  import { number } from '../../words/numbers'
  import type { LureKind, Sky } from '../../words/vocabulary'
  import { round } from '../../words/round'
  import { capital, show } from '../../words/words'
  import { minutesOf, timeWords } from '../../words/clock'
  import { lightsAt } from './day'

  /** The advised lure at one minute of the day, in that minute's light. */
  interface Props {
    trip: TripRequest
    plan: TripPlan
    lure: LureKind
    /** 7:52 */
    at: string
    /** The first one is there, or could not be had: what comes below it has its place. */
    ondrawn: () => void
  }
  let { trip, plan, lure, at, ondrawn }: Props = $props()
  const id = $props.id()
  const chances = $derived(lightsAt(plan.light, minutesOf(at)))
  let wanted = $state<Sky | null>(null)
  const sky = $derived(chances.find((one) => one.overhead === wanted)?.overhead ?? chances[0]?.overhead ?? 'sun')
  const moment = momentFor(() => ({ trip, at, sky, lure }))
  $effect(() => {
    if (moment.shown || moment.error) ondrawn()
  })
</script>

<div class="flex flex-wrap items-center gap-x-4 gap-y-2 pt-2">
  <output class="w-28 text-2xl font-extrabold">{timeWords(at)}</output>
  <fieldset class="flex flex-wrap">
    <legend class="sr-only">Sky</legend>
    {#each chances as one (one.overhead)}
      <Tile
        type="radio"
        name="{id}-sky"
        value={one.overhead}
        checked={one.overhead === sky}
        onchange={() => (wanted = one.overhead)}
        class="!px-3 !text-xs">{capital(show(one.overhead))}, {round(100 * one.chance, 0)} %</Tile
      >
    {/each}
  </fieldset>
</div>
<Answer question={moment} waiting="Drawing the lure for this minute…">
  {#snippet children({ sun_deg, sky: seen, lux_at_lure, view })}
    {@const build = view.advice}
    <p class="text-sm">
      Sun at {round(sun_deg, 0)}°, {show(seen)}, {number(round(lux_at_lure, lux_at_lure < 10 ? 1 : 0))} lux at the lure.
    </p>
    <div class="grid grid-cols-2 gap-2 py-2 sm:gap-3 lg:grid-cols-[1fr_1fr_2fr]">
      <figure>
        <figcaption class="mb-1 text-[0.8125rem] font-bold">In the hand</figcaption>
        <div class="bg-proof flex aspect-[16/10] items-center justify-center p-2 text-[#1a1a1a]">
          <Lure
            {build}
            paint={inTheHand(build)}
            span={5.2}
            ruler={false}
            small
            says="In the hand. "
            class="max-h-full"
          />
        </div>
      </figure>
      <figure>
        <figcaption class="mb-1 text-[0.8125rem] font-bold">In the water, close up</figcaption>
        <Underwater
          {build}
          scene={view.scene}
          at={0}
          eye="person"
          small
          says="In the water, close up. "
          class="aspect-[16/10]"
        />
      </figure>
      <ul class="col-span-2 text-sm leading-snug lg:col-span-1 lg:pt-6">
        {#each partsOf(view.advice, settings.metric) as part (part.key)}
          <li><span class="font-semibold">{part.title}:</span> {part.headline}</li>
        {/each}
      </ul>
    </div>
  {/snippet}
</Answer>
