<script lang="ts">
  import type { Scene, Build } from '../words/documents'
  import { settings } from '../data/settings.svelte'
  import Later from '../ui/Later.svelte'
  import Slider from '../ui/Slider.svelte'
  import { away } from '../words/words'
  import Underwater from './Underwater.svelte'

  /** How far away the lure is: three pictures of it going out of sight, which a pointer is dragged along. */
  interface Props {
    build: Build
    scene: Scene
    at: number
    onat: (at: number) => void
    isCamera?: boolean
    isBelow?: boolean
    /** Where somebody loses it: a distance and what is said there. */
    marks: readonly { inches: number; says: string }[]
  }
  let { build, scene, at, onat, isCamera = false, isBelow = false, marks }: Props = $props()

  const last = $derived(scene.distances_in.length - 1)
  const farthest = $derived(scene.distances_in[last] ?? 1)
  const metric = $derived(settings.metric)
  /** Each picture is of the distance at its middle. */
  const stills = $derived([1 / 6, 1 / 2, 5 / 6].map((share) => Math.round(share * last)))
  const ticks = $derived([0, 0.25, 0.5, 0.75, 1].map((share) => ({ share, inches: share * farthest })))
  const placed = $derived(marks.filter((mark) => mark.inches <= farthest))
</script>

<div>
  <div class="flex items-baseline justify-between gap-3 pb-1 text-[0.8125rem]">
    <span class="font-bold">Distance</span><output class="text-now font-bold"
      >{away(scene.distances_in[at] ?? 0, metric)}</output
    >
  </div>
  <Slider
    label="Distance"
    value={at}
    {last}
    shown={away(scene.distances_in[at] ?? 0, metric)}
    onset={onat}
    class="h-14 sm:h-13"
  >
    <div class="absolute inset-0 flex" aria-hidden="true">
      {#each stills as step (step)}
        <div class="h-full flex-1">
          <Later
            ><Underwater
              {build}
              {scene}
              at={step}
              eye="person"
              {isCamera}
              {isBelow}
              small
              says=""
              class="h-full"
            /></Later
          >
        </div>
      {/each}
    </div>
    <span
      class="pointer-events-none absolute inset-y-0 border-x-[var(--sheet)] w-1.5 -translate-x-1/2 border-x bg-[var(--on-stick)]"
      style:left="{(100 * at) / last}%"
      aria-hidden="true"
    ></span>
  </Slider>
  <div class="relative h-5 text-xs" aria-hidden="true">
    {#each ticks as tick, i (tick.share)}
      <span
        class={[
          'absolute top-0.5 whitespace-nowrap',
          i === 0 ? '' : i === ticks.length - 1 ? '-translate-x-full' : '-translate-x-1/2',
        ]}
        style:left="{100 * tick.share}%">{away(tick.inches, metric)}</span
      >
    {/each}
  </div>
  <!-- A line each, of the two who may lose it. -->
  <div class="min-h-10">
    {#each placed as mark (mark.says)}
      <p class="relative h-5 text-xs">
        <span
          class="absolute top-0 h-3 w-0.5 bg-current"
          style:left="{(100 * mark.inches) / farthest}%"
          aria-hidden="true"
        ></span>
        <span
          class={['absolute whitespace-nowrap', mark.inches > farthest / 2 ? '-translate-x-full pr-1.5' : 'pl-1.5']}
          style:left="{(100 * mark.inches) / farthest}%">{mark.says} {away(mark.inches, metric)}</span
        >
      </p>
    {/each}
  </div>
</div>
