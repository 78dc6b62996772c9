<script lang="ts">
  import type { Scene } from '../api/client'
  import Lure from '../lure/Lure.svelte'
  import { inTheWater, type Build, type Paint } from '../lure/paint'
  import { settings } from '../stores/settings.svelte'
  import { waterLength } from '../words/words'
  import type { From } from '../api/sceneQueries.svelte'

  /** The same lure twice: in the hand, and in this water at a distance, painted with the colours the model computes. */
  interface Props {
    build: Build
    /** The lure's colours in the hand. */
    hand: Paint
    scene: Scene | undefined
    from: From
    onfrom: (from: From) => void
    at: number
    onat: (at: number) => void
  }
  let { build, hand, scene, from, onfrom, at, onat }: Props = $props()

  let eye = $state<'person' | 'bass'>('person')
  const span = 5.2
  const last = $derived((scene?.distances_in.length ?? 1) - 1)
  const step = $derived(Math.min(at, last))
  const distance = $derived(scene?.distances_in[step] ?? 0)
  const water = $derived(scene ? (eye === 'person' ? scene.water_person : scene.water_bass) : '#d2d2d2')
  const id = $props.id()

  const EYES = [
    ['person', 'A person’s eyes'],
    ['bass', 'A bass’s two cones'],
  ] as const
  const SIDES = [
    ['side', 'From the side'],
    ['below', 'From below'],
  ] as const
</script>

{#snippet pick(
  name: string,
  options: readonly (readonly [string, string])[],
  chosen: string,
  onpick: (value: string) => void,
)}
  <fieldset class="flex">
    <legend class="sr-only">{name}</legend>
    {#each options as [value, words] (value)}
      <label
        class={[
          'border-rule has-checked:bg-primary has-checked:text-primary-content has-focus-visible:outline-3',
          'relative -mr-px flex min-h-11 cursor-pointer items-center border px-2.5 text-xs has-checked:z-10',
        ]}
      >
        <input
          class="absolute inset-0 h-full w-full cursor-pointer appearance-none opacity-0"
          type="radio"
          name="{id}-{name}"
          {value}
          checked={chosen === value}
          onchange={() => onpick(value)}
        />
        {words}
      </label>
    {/each}
  </fieldset>
{/snippet}

<div class="grid gap-4 md:grid-cols-2">
  <figure>
    <figcaption class="mb-1 text-[0.8125rem] font-bold">In the hand</figcaption>
    <div class="bg-proof flex aspect-[16/11] md:aspect-[16/9] items-center justify-center p-4 text-[#1a1a1a]">
      <Lure {build} paint={hand} {span} class="max-h-full" />
    </div>
  </figure>
  <figure>
    <figcaption class="mb-1 flex justify-between gap-2 text-[0.8125rem]">
      <span class="font-bold">In the water, {waterLength(distance, settings.metric)} away</span>
      {#if eye === 'bass'}<span class="text-faint">an approximation</span>{/if}
    </figcaption>
    <div class="bg-proof aspect-[16/11] p-4 md:aspect-[16/9]">
      <div class="flex h-full items-center justify-center" style:background-color={water} style:color={water}>
        {#if scene}<Lure
            {build}
            paint={inTheWater(build, scene, step, eye)}
            {span}
            ruler={false}
            class="max-h-full"
          />{/if}
      </div>
    </div>
  </figure>
</div>
<div class="flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
  <label class="flex min-w-56 flex-1 items-center gap-3 text-[0.8125rem] font-bold">
    <span class="shrink-0">Distance</span>
    <input
      class="gauge h-11 w-full"
      type="range"
      min="0"
      max={last}
      step="1"
      value={step}
      aria-valuetext={waterLength(distance, settings.metric)}
      oninput={(event) => onat(Number(event.currentTarget.value))}
    />
    <output class="w-14 shrink-0 text-right">{waterLength(distance, settings.metric)}</output>
  </label>
  <div class="flex flex-wrap gap-2">
    {@render pick('Eyes', EYES, eye, (value) => (eye = value === 'bass' ? 'bass' : 'person'))}
    {@render pick('Direction', SIDES, from, (value) => onfrom(value === 'below' ? 'below' : 'side'))}
  </div>
</div>
{#if scene && !scene.look.water.colour_vision}
  <p class="border-base-content border-2 p-2 text-sm font-semibold">
    Less than 1 lux reaches the lure: colour is gone down there, and only light and dark count.
  </p>
{/if}
