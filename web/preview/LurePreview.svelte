<script lang="ts">
  import { prefersReducedMotion } from 'svelte/motion'
  import type { From, LookPart, Reading, Scene, Build } from '../words/documents'
  import { motionFor } from '../data/look'
  import Lure from '../lure/Lure.svelte'
  import { confused, type Eye, type Paint } from '../lure/paint'
  import type { Pace } from '../words/vocabulary'
  import type { Speed } from '../lure/motion'
  import { SPAN_IN } from '../lure/units'
  import { settings } from '../data/settings.svelte'
  import Button from '../ui/Button.svelte'
  import Later from '../ui/Later.svelte'
  import Tile from '../ui/Tile.svelte'
  import Trouble from '../ui/Trouble.svelte'
  import { away, capital } from '../words/words'
  import DistanceStrip from './DistanceStrip.svelte'
  import { IN_HAND, VIEWS, type View } from './eyes'
  import { flashWords } from './flashWords'
  import { atHalf, goneAt } from './gone'
  import { partName } from './partName'
  import SaveLoop from './SaveLoop.svelte'
  import Underwater from './Underwater.svelte'

  /** One window on a lure: in the hand, in this water, to a bass; near and far, at rest and moving. */
  interface Props {
    build: Build
    /** The lure's colours in the hand. */
    hand: Paint
    scene: Scene | undefined
    /** What the scene was made of. */
    reading: Reading
    lookParts: readonly LookPart[]
    /** How fast it is worked. */
    pace: Pace
    from: From
    onfrom: (from: From) => void
    /** A step of the scene; null where it matters most. */
    at: number | null
    onat: (at: number) => void
    /** On a phone the window stays in view while what is below it is worked on. */
    stays?: boolean
  }
  let { build, hand, scene, reading, lookParts, pace, from, onfrom, at, onat, stays = false }: Props = $props()

  const isStill = $derived(prefersReducedMotion.current)
  /** What the one window shows: switched in place. */
  let view = $state<View>('person')
  const eye = $derived<Eye | null>(view === 'hand' ? null : view)
  let isCamera = $state(false)
  let isOutlined = $state(false)
  let speed = $state<Speed | null>(null)
  let showsStills = $state(false)
  let isChecking = $state(false)
  let frames = $state<HTMLElement>()
  const metric = $derived(settings.metric)
  const last = $derived((scene?.distances_in.length ?? 1) - 1)
  const step = $derived(Math.min(at ?? atHalf(scene), last))
  const distance = $derived(scene?.distances_in[step] ?? 0)
  const isBelow = $derived(from === 'below')
  const id = $props.id()
  const WINDOW = 'h-48 sm:h-80 lg:h-[16.5rem]'

  /** Asked when somebody wants to see it move. */
  const moves = motionFor(() =>
    speed !== null || showsStills ? { reading, from, parts: [...lookParts], pairs: [] } : null,
  )
  const motion = $derived(moves.current)
  /** Two eyes see each flash at one moment: it counts once. */
  const playedAtOnce = $derived(Math.max(1, build.blades.length))
  const marks = $derived(
    scene
      ? (
          [
            ['bass', 'a bass loses it at'],
            ['person', 'you lose it at'],
          ] as const
        ).flatMap(([eye, says]) => {
          const inches = goneAt(scene, eye, speed ? motion : undefined)
          return inches === null ? [] : [{ inches, says }]
        })
      : [],
  )

  const SIDES = [
    ['side', 'From the side'],
    ['below', 'From below'],
  ] as const
  const SPEEDS = [
    ['slow', 'Quarter speed'],
    ['real', 'Real speed'],
  ] as const

  /** How far away and to whom, and how much of its contrast the lure has left, for those who cannot see the drawing. */
  function fadingWords(scene: Scene, eye: Eye): string {
    const left = Math.round(100 * (scene.left[step] ?? 0))
    const who = eye === 'bass' ? 'a bass' : 'a person'
    return `As ${who} sees it ${away(distance, metric)} away, ${left} % of its contrast left. ${confusedWords(scene, eye)} `
  }

  /** What an eye cannot tell apart, in words; empty where it tells everything apart. */
  function confusedWords(scene: Scene, eye: Eye): string {
    const { lost, pairs } = confused(scene, step, eye)
    const visible = `visible_${eye}` as const
    const past = (part: (typeof lost)[number]) => {
      const inches = scene.distances_in[part[visible].indexOf(false)] ?? 0
      return inches > 0 ? ` past ${away(inches, metric)}` : ''
    }
    return [
      ...(lost.length > 0 ? [`Gone: ${lost.map((part) => `${partName(part)}${past(part)}`).join(', ')}.`] : []),
      ...pairs.map(({ a, b }) => `${capital(partName(a))} and ${partName(b)} look like one color.`),
    ].join(' ')
  }

  /** In the hand nothing moves. */
  function look(value: string) {
    view = VIEWS.find(([one]) => one === value)?.[0] ?? 'person'
    if (view === 'hand') speed = null
  }

  const moved = () => [...(frames?.querySelectorAll<HTMLElement>('figure > div') ?? [])]
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
        class="!px-3">{words}</Tile
      >
    {/each}
  </fieldset>
{/snippet}

{#snippet moving()}
  {@render pick('Direction', SIDES, from, (value) => onfrom(value === 'below' ? 'below' : 'side'))}
  {#if isStill}
    <Button onclick={() => (showsStills = !showsStills)}
      >{showsStills ? 'Hide the five moments' : 'Five moments'}</Button
    >
  {:else if speed === null}
    <Button disabled={eye === null} onclick={() => (speed = 'slow')}>Play</Button>
  {:else}
    {@render pick('Speed', SPEEDS, speed, (value) => (speed = value === 'real' ? 'real' : 'slow'))}
    <SaveLoop frames={moved} name="lure-in-the-water.gif" />
    <Button onclick={() => (speed = null)}>Stop</Button>
  {/if}
{/snippet}

<div
  class={[
    'bg-base-100 min-w-0',
    stays && 'sticky top-0 z-20 order-1 py-1 lg:static lg:col-start-1 lg:row-start-1 lg:py-0',
  ]}
  bind:this={frames}
>
  <div class="flex flex-wrap items-end justify-between gap-x-3 gap-y-1 pb-1">
    {@render pick('View', VIEWS, view, look)}
    <span class={['flex flex-wrap items-end gap-2', stays && 'max-lg:hidden']}>{@render moving()}</span>
  </div>
  <figure data-eye={view} aria-label={VIEWS.find(([one]) => one === view)?.[1]}>
    {#if eye === null}
      <div class={[WINDOW, 'bg-proof flex items-center justify-center p-3 text-[#1a1a1a]']}>
        <Lure {build} paint={hand} span={SPAN_IN} says="{IN_HAND}. " class="h-full max-h-full" />
      </div>
    {:else if scene}
      <Underwater
        {build}
        {scene}
        at={step}
        {eye}
        {isCamera}
        {isBelow}
        {motion}
        {pace}
        {speed}
        {playedAtOnce}
        {isOutlined}
        says={fadingWords(scene, eye)}
        class={WINDOW}
      />
    {:else}<div class={[WINDOW, 'bg-proof']}></div>{/if}
    <!-- Room for a line, so that a step of a part moves nothing below. -->
    <p class={['text-faint min-h-10 pt-1 text-sm leading-tight sm:min-h-6', stays && 'hidden lg:block']}>
      {scene && eye ? confusedWords(scene, eye) : ''}
    </p>
  </figure>
</div>
<!-- With the room it will take, so that nothing moves when the colors come. -->
<div class={['min-h-32', stays && 'order-4 lg:order-none lg:col-start-1 lg:row-start-2']}>
  {#if scene}<DistanceStrip {build} {scene} at={step} {onat} {isCamera} {isBelow} {marks} />{/if}
</div>
<Later>
  <div class="order-4 flex flex-wrap items-center gap-x-4 gap-y-2 lg:col-span-2">
    {#if stays}<span class="flex flex-wrap items-end gap-2 lg:hidden">{@render moving()}</span>{/if}
    <label class="flex min-h-11 items-center gap-2 text-xs">
      <input class="checkbox" type="checkbox" bind:checked={isOutlined} />
      Outline what is gone
    </label>
    <label class="flex min-h-11 items-center gap-2 text-xs">
      <input class="checkbox" type="checkbox" bind:checked={isCamera} />
      Camera, no correction
    </label>
    <button class="min-h-11 text-xs underline underline-offset-2" onclick={() => (isChecking = true)}
      >Can this screen be trusted?</button
    >
  </div>
  {#if moves.error}<Trouble error={moves.error} onretry={() => moves.retry()} />{/if}
  {#if scene && motion}
    <!-- On paper what moves is shown as moments too. -->
    {#await import('./Stills.svelte') then { default: Stills }}
      <div class={['order-4 pt-2 lg:col-span-2', !showsStills && 'hidden print:block']}>
        <Stills {build} {scene} {motion} at={step} eye={eye ?? 'person'} {isCamera} />
      </div>
    {/await}
  {/if}
  <div
    class="text-faint order-4 flex flex-col gap-1 pt-2 text-xs lg:col-span-2"
    style:min-height="{1.25 * (build.blades.length + 1)}rem"
  >
    {#if eye === 'bass'}<p>A bass’s view is an approximation.</p>{/if}
    {#if scene}
      {#each flashWords(build, scene, pace) as line (line)}<p>{line}</p>{/each}
      <p>
        {scene.look.water.colour_vision
          ? `A bass has two kinds of cones: red on your screen is what the one sees, green and blue what the other does${
              scene.exposure_stops > 0 ? ', brightened as an eye gets used to the dark' : ''
            }. How it really looks to a bass is not known.`
          : 'Less than 1 lux reaches the lure: too dark for color, so only light and dark matter.'}
      </p>
    {/if}
  </div>
</Later>
{#if isChecking}
  {#await import('./ScreenCheck.svelte') then { default: ScreenCheck }}<ScreenCheck
      onclose={() => (isChecking = false)}
    />{/await}
{/if}
