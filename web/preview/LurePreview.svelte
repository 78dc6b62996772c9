<script lang="ts">
  import type { From, Scene } from '../api/client'
  import Lure from '../lure/Lure.svelte'
  import { confused, inTheWater, linesOn, waterOf, type Build, type Eye, type Paint } from '../lure/paint'
  import { settings } from '../stores/settings.svelte'
  import Later from '../ui/Later.svelte'
  import Slider from '../ui/Slider.svelte'
  import Tile from '../ui/Tile.svelte'
  import { capital, waterLength } from '../words/words'
  import { EYES, IN_HAND } from './eyes'
  import { partName } from './partName'

  /** The same lure in the hand and in this water, to a person and to a bass, near and far, painted with the colours the model computes. */
  interface Props {
    build: Build
    /** The lure's colours in the hand. */
    hand: Paint
    scene: Scene | undefined
    from: From
    onfrom: (from: From) => void
    at: number
    onat: (at: number) => void
    /** On a phone the pictures stay in view, small, while what is below them is worked on. */
    stays?: boolean
  }
  let { build, hand, scene, from, onfrom, at, onat, stays = false }: Props = $props()

  let eye = $state<Eye>('person')
  let isCamera = $state(false)
  const span = 5.2
  const last = $derived((scene?.distances_in.length ?? 1) - 1)
  const step = $derived(Math.min(at, last))
  const distance = $derived(scene?.distances_in[step] ?? 0)
  const id = $props.id()

  const SIDES = [
    ['side', 'From the side'],
    ['below', 'From below'],
  ] as const

  /** The last step at which the eye makes anything out. */
  const edge = $derived.by(() => {
    const visible = `visible_${eye}` as const
    const parts = scene?.parts.filter((part) => part.place !== 'steel') ?? []
    return Math.max(0, scene?.distances_in.findLastIndex((_, i) => parts.some((part) => part[visible][i])) ?? 0)
  })
  const stations = $derived([
    { name: 'Close up', step: 0 },
    { name: 'Halfway', step: Math.round(edge / 2) },
    { name: 'Edge of visibility', step: edge },
  ])

  /** How far away and to whom, and how much of its contrast the lure has left, for those who cannot see the drawing. */
  function fadingWords(scene: Scene, at: number, eye: Eye): string {
    const away = waterLength(scene.distances_in[at] ?? 0, settings.metric)
    const left = Math.round(100 * (scene.left[at] ?? 0))
    const who = eye === 'bass' ? 'a bass' : 'a person'
    return `As ${who} sees it ${away} away, ${left} % of its contrast left. ${confusedWords(scene, at, eye)}`
  }

  /** What an eye cannot tell apart, in words; empty where it tells everything apart. */
  function confusedWords(scene: Scene, at: number, eye: Eye): string {
    const { lost, pairs } = confused(scene, at, eye)
    return [
      ...(lost.length > 0 ? [`Not visible: ${lost.map(partName).join(', ')}.`] : []),
      ...pairs.map(({ a, b }) => `${capital(partName(a))} and ${partName(b)} look like one color.`),
    ].join(' ')
  }
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
      <Tile
        type="radio"
        name="{id}-{name}"
        {value}
        checked={chosen === value}
        onchange={() => onpick(value)}
        class="!px-2.5 !text-xs">{words}</Tile
      >
    {/each}
  </fieldset>
{/snippet}

{#snippet frame(scene: Scene | undefined, eye: Eye, at: number, shape: string, small: boolean)}
  {@const water = scene ? waterOf(scene, eye, isCamera) : '#d2d2d2'}
  <div class="bg-proof p-2 md:p-3 {shape}">
    <div class="flex h-full items-center justify-center" style:background-color={water} style:color={water}>
      {#if scene}<Later
          ><Lure
            {build}
            paint={inTheWater(build, scene, at, eye, isCamera)}
            {span}
            lines={linesOn(water)}
            ruler={false}
            {small}
            says="{fadingWords(scene, at, eye)} "
            class="max-h-full"
          /></Later
        >{/if}
    </div>
  </div>
{/snippet}

<div
  class={[
    'bg-base-100 grid gap-x-2 gap-y-3 md:grid-cols-3 md:gap-x-3',
    stays ? 'sticky top-0 z-20 order-1 grid-cols-3 items-end py-1 lg:static lg:items-start' : 'grid-cols-2',
  ]}
>
  <figure class={stays ? '' : 'col-span-2 md:col-span-1'}>
    <figcaption class="mb-1 text-[0.8125rem] leading-tight font-bold">{IN_HAND}</figcaption>
    <div
      class={[
        'bg-proof flex aspect-[16/11] items-center justify-center text-[#1a1a1a] md:aspect-[16/9] md:p-3',
        stays ? 'p-1' : 'p-3',
      ]}
    >
      <Lure {build} paint={hand} {span} says="{IN_HAND}. " class="max-h-full" />
    </div>
  </figure>
  {#each EYES as [seen, words] (seen)}
    {@const alike = scene ? confusedWords(scene, step, seen) : ''}
    <figure>
      <figcaption class="mb-1 flex flex-col justify-between gap-x-2 text-[0.8125rem] leading-tight md:flex-row">
        <span class="font-bold">{words}</span>
        <span class={['text-faint', stays && 'hidden md:inline']}
          >{seen === 'bass' ? 'an approximation' : `${waterLength(distance, settings.metric)} away`}</span
        >
      </figcaption>
      {@render frame(scene, seen, step, 'aspect-[16/11] md:aspect-[16/9]', false)}
      <p class={['text-faint min-h-8 text-xs', stays && 'hidden md:block']}>{alike}</p>
    </figure>
  {/each}
</div>
<div class="order-4 flex flex-wrap items-center justify-between gap-x-6 gap-y-2">
  <div class="flex min-w-56 flex-1 items-center gap-3 text-[0.8125rem] font-bold">
    <span class="shrink-0">Distance</span>
    <Slider
      label="Distance"
      value={step}
      {last}
      shown={waterLength(distance, settings.metric)}
      onset={onat}
      class="mx-2 h-11 min-w-0 flex-1"
    />
    <output class="w-14 shrink-0 text-right">{waterLength(distance, settings.metric)}</output>
  </div>
  <div class="flex flex-wrap gap-2">
    <label class="flex min-h-11 items-center gap-2 text-xs">
      <input class="checkbox border-edge" type="checkbox" bind:checked={isCamera} />
      Camera, no correction
    </label>
    {@render pick('Direction', SIDES, from, (value) => onfrom(value === 'below' ? 'below' : 'side'))}
  </div>
</div>
<Later>
  <div class="order-4 grid grid-cols-3 gap-3" role="group" aria-label="Near and far">
    {#each stations as station (station.name)}
      <button
        class="text-left aria-pressed:[&>div]:outline-base-content aria-pressed:[&>div]:outline-2"
        aria-pressed={step === station.step}
        onclick={() => onat(station.step)}
      >
        <span class="mb-1 block text-xs"
          ><span class="font-bold">{station.name}</span>, {waterLength(
            scene?.distances_in[station.step] ?? 0,
            settings.metric,
          )}</span
        >
        {@render frame(scene, eye, station.step, 'aspect-[16/11] md:aspect-[2/1]', true)}
      </button>
    {/each}
  </div>
  <div class="order-4 flex flex-wrap items-center gap-3">
    <p class="text-faint flex-1 basis-48 text-xs">Only an outline: gone at this distance.</p>
    <div class="flex flex-wrap items-center gap-x-3 gap-y-1">
      <p class="text-faint text-xs">Near and far as seen by</p>
      {@render pick('Eyes', EYES, eye, (value) => (eye = value === 'bass' ? 'bass' : 'person'))}
    </div>
  </div>
</Later>
{#if scene && !scene.look.water.colour_vision}
  <p class="border-base-content order-4 border-2 p-2 text-sm font-semibold">
    Less than 1 lux reaches the lure: too dark for color, so only light and dark matter.
  </p>
{/if}
