<script lang="ts">
  import type { Bench, From, Reading } from '../words/documents'
  import { motionFor } from '../data/look'
  import { inTheirColours } from '../lure/paint'
  import type { Speed } from '../lure/motion'
  import { settings } from '../data/settings.svelte'
  import Button from '../ui/Button.svelte'
  import Slider from '../ui/Slider.svelte'
  import Tile from '../ui/Tile.svelte'
  import { unitsOf } from '../words/quantity'
  import { away, depth } from '../words/words'
  import type { Eye } from '../lure/paint'
  import type { Pace } from '../words/vocabulary'
  import { EYES } from './eyes'
  import { atHalf, goneAt } from './gone'
  import { HOURS, hourOf } from './hours'
  import SaveLoop from './SaveLoop.svelte'
  import Underwater from './Underwater.svelte'

  /** Two lures in one water, the same distance away, at the same depth, in the same light. */
  interface Props {
    sides: readonly [Side, Side]
    /** The water they hang in: a copy, which is changed here and nowhere else. */
    reading: Reading
    onreading: (reading: Reading) => void
    pace: Pace
  }
  interface Side {
    name: string
    verdict: Bench
  }
  let { sides, reading, onreading, pace }: Props = $props()

  const FROM: From = 'side'
  const DEPTHS_FT = [1, 2, 3, 4, 5, 6, 8, 10, 12, 15, 20, 25, 30]
  /** As deep as one sees and no deeper: below that a lure is looked at from there. */
  const depths = $derived.by(() => {
    const seen = unitsOf(false).long.toShown(reading.visibility_in)
    return [...DEPTHS_FT.filter((feet) => feet < seen), seen]
  })
  const LETTERS = ['A', 'B']
  const metric = $derived(settings.metric)
  let eye = $state<Eye>('person')
  let speed = $state<Speed | null>(null)
  let isInHand = $state(false)
  let pictures = $state<HTMLElement>()
  let wanted = $state<number | null>(null)
  const id = $props.id()

  const scene = $derived(sides[0].verdict.scene)
  const last = $derived(scene.distances_in.length - 1)
  const at = $derived(Math.min(last, wanted ?? Math.max(...sides.map((side) => atHalf(side.verdict.scene)))))
  const motionOf = (side: () => Side) =>
    motionFor(() => (speed === null ? null : { reading, from: FROM, parts: side().verdict.look_parts, pairs: [] }))
  const motions = [motionOf(() => sides[0]), motionOf(() => sides[1])]
  const playedAtOnce = $derived(sides.reduce((sum, side) => sum + side.verdict.build.blades.length, 0))
  const farthest = $derived(scene.distances_in[last] ?? 1)
  const gone = $derived(
    sides.map((side, i) => goneAt(side.verdict.scene, eye, speed ? motions[i]?.current : undefined)),
  )
  /** Two that are gone at one distance share a mark. */
  const marks = $derived(
    [...new Set(gone.flatMap((inches) => (inches === null ? [] : [inches])))].map((inches) => ({
      inches,
      says: LETTERS.filter((_, i) => gone[i] === inches).join(' and '),
    })),
  )
  const depthStep = $derived.by(() => {
    const deeper = depths.findIndex((feet) => feet >= reading.depth_ft)
    return deeper < 0 ? depths.length - 1 : deeper
  })
  const seenFrom = $derived(depths[depthStep] ?? reading.depth_ft)
  const hour = $derived(hourOf(reading))
  const goneWords = (inches: number | null) =>
    inches === null ? 'is still seen there' : `is gone at ${away(inches, metric)}`

  const hold = (isHeld: boolean) => () => (isInHand = isHeld)
</script>

<div class="flex flex-col gap-3">
  <div class="grid grid-cols-2 gap-2" bind:this={pictures}>
    {#each sides as side, i (i)}
      <figure>
        <figcaption class="mb-1 truncate text-[0.8125rem] font-bold">{LETTERS[i]}: {side.name}</figcaption>
        <Underwater
          build={side.verdict.build}
          scene={side.verdict.scene}
          {at}
          {eye}
          motion={motions[i]?.current}
          {pace}
          {speed}
          {playedAtOnce}
          hand={isInHand ? inTheirColours(side.verdict.build, side.verdict.look_parts) : null}
          says="{LETTERS[i]}, {away(scene.distances_in[at] ?? 0, metric)} away. "
          class="aspect-[16/11] md:aspect-[16/9]"
        />
      </figure>
    {/each}
  </div>
  <div>
    <div class="flex justify-between gap-3 text-[0.8125rem]">
      <span class="font-bold">Distance</span><output class="font-bold"
        >{away(scene.distances_in[at] ?? 0, metric)}</output
      >
    </div>
    <Slider
      label="Distance of both"
      value={at}
      {last}
      shown={away(scene.distances_in[at] ?? 0, metric)}
      onset={(next) => (wanted = next)}
      class="h-11"
    />
    <div class="relative h-4 text-xs font-bold" aria-hidden="true">
      {#each marks as mark (mark.inches)}
        <span class="absolute -translate-x-1/2 whitespace-nowrap" style:left="{(100 * mark.inches) / farthest}%"
          >{mark.says}</span
        >
      {/each}
    </div>
    <p class="text-sm">
      {sides.map((_, i) => `${LETTERS[i] ?? ''} ${goneWords(gone[i] ?? null)}`).join(', ')}, to {eye === 'bass'
        ? 'a bass'
        : 'a person'}.
    </p>
  </div>
  <div class="grid gap-x-6 gap-y-2 sm:grid-cols-2">
    <div>
      <div class="flex justify-between gap-3 text-[0.8125rem]">
        <span class="font-bold">Depth</span><output class="font-bold">{depth(seenFrom, metric)}</output>
      </div>
      <Slider
        label="Depth of both"
        value={depthStep}
        last={depths.length - 1}
        shown={depth(seenFrom, metric)}
        disabled={depths.length === 1}
        onset={(step) => onreading({ ...reading, depth_ft: depths[step] ?? reading.depth_ft })}
        class="h-11"
      />
    </div>
    <div>
      <div class="flex justify-between gap-3 text-[0.8125rem]">
        <span class="font-bold">Time of day</span><output class="font-bold">{HOURS[hour]?.says}</output>
      </div>
      <Slider
        label="Time of day"
        value={hour}
        last={HOURS.length - 1}
        shown={HOURS[hour]?.says ?? ''}
        onset={(step) => onreading({ ...reading, ...HOURS[step]?.light(reading) })}
        class="h-11"
      />
    </div>
  </div>
  <div class="flex flex-wrap items-center gap-x-4 gap-y-2">
    <Button onclick={() => (speed = speed === null ? 'slow' : null)}>{speed === null ? 'Play both' : 'Stop'}</Button>
    {#if speed}
      <SaveLoop
        frames={() => [...(pictures?.querySelectorAll<HTMLElement>('figure > div') ?? [])]}
        name="two-lures-in-one-water.gif"
      />
    {/if}
    <button
      class="border-edge min-h-11 touch-none border px-3 text-sm font-semibold select-none"
      onpointerdown={hold(true)}
      onpointerup={hold(false)}
      onpointerleave={hold(false)}
      onkeydown={(event) => (event.key === ' ' || event.key === 'Enter') && (isInHand = true)}
      onkeyup={hold(false)}
      onblur={hold(false)}
      aria-pressed={isInHand}>Hold: in the hand</button
    >
    <fieldset class="flex">
      <legend class="sr-only">Eyes</legend>
      {#each EYES as [seen, words] (seen)}
        <Tile
          type="radio"
          name="{id}-eyes"
          value={seen}
          checked={eye === seen}
          onchange={() => (eye = seen)}
          class="!px-2.5 !text-xs">{words}</Tile
        >
      {/each}
    </fieldset>
  </div>
  <p class="text-faint text-xs">A copy of this water: what is moved here changes no reading.</p>
</div>
