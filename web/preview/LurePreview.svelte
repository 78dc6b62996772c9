<script lang="ts">
  import type { From, LookPart, Reading, Scene } from '../api/client'
  import { motionFor } from '../api/queries'
  import Lure from '../lure/Lure.svelte'
  import { confused, type Build, type Eye, type Paint } from '../lure/paint'
  import type { Pace } from '../words/vocabulary'
  import type { Speed } from '../lure/motion'
  import { SPAN_IN } from '../lure/units'
  import { settings } from '../stores/settings.svelte'
  import Button from '../ui/Button.svelte'
  import Later from '../ui/Later.svelte'
  import Tile from '../ui/Tile.svelte'
  import Trouble from '../ui/Trouble.svelte'
  import { away, capital } from '../words/words'
  import DistanceStrip from './DistanceStrip.svelte'
  import { EYES, IN_HAND } from './eyes'
  import { flashWords } from './flashWords'
  import { atHalf, goneAt } from './gone'
  import { partName } from './partName'
  import SaveLoop from './SaveLoop.svelte'
  import Underwater from './Underwater.svelte'

  /** The same lure in the hand and in this water, to a person and to a bass, near and far, at rest and moving. */
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
    /** On a phone the pictures stay in view, small, while what is below them is worked on. */
    stays?: boolean
  }
  let { build, hand, scene, reading, lookParts, pace, from, onfrom, at, onat, stays = false }: Props = $props()

  const isStill = matchMedia('(prefers-reduced-motion: reduce)').matches
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

  const moved = () => [...(frames?.querySelectorAll<HTMLElement>('[data-eye="person"] > div') ?? [])]
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

<div
  class={[
    'bg-base-100 grid gap-x-2 gap-y-3 md:grid-cols-3 md:gap-x-3',
    stays ? 'sticky top-0 z-20 order-1 grid-cols-3 items-end py-1 lg:static lg:items-start' : 'grid-cols-2',
  ]}
  bind:this={frames}
>
  <figure class={stays ? '' : 'col-span-2 md:col-span-1'}>
    <figcaption class="mb-1 text-[0.8125rem] leading-tight font-bold">{IN_HAND}</figcaption>
    <div
      class={[
        'bg-proof flex aspect-[16/11] items-center justify-center text-[#1a1a1a] md:aspect-[16/9] md:p-3',
        stays ? 'p-1' : 'p-3',
      ]}
    >
      <Lure {build} paint={hand} span={SPAN_IN} says="{IN_HAND}. " class="max-h-full" />
    </div>
  </figure>
  {#each EYES as [eye, words] (eye)}
    {@const alike = scene ? confusedWords(scene, eye) : ''}
    <figure data-eye={eye}>
      <figcaption class="mb-1 flex flex-col justify-between gap-x-2 text-[0.8125rem] leading-tight md:flex-row">
        <span class="font-bold">{words}</span>
        <span class={['text-faint', stays && 'hidden md:inline']}
          >{eye === 'bass' ? 'an approximation' : `${away(distance, metric)} away`}</span
        >
      </figcaption>
      {#if scene}
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
          class="aspect-[16/11] md:aspect-[16/9]"
        />
      {:else}<div class="bg-proof aspect-[16/11] md:aspect-[16/9]"></div>{/if}
      <!-- Room for three lines, so that a step of a part moves nothing below. -->
      <p class="text-faint hidden min-h-12 text-xs md:block">{alike}</p>
    </figure>
  {/each}
  <!-- On a phone below both pictures, whose columns are too narrow for sentences. -->
  <div class={['text-faint col-span-full min-h-12 text-xs md:hidden', stays && 'hidden']}>
    {#each EYES as [eye, words] (eye)}
      {@const alike = scene ? confusedWords(scene, eye) : ''}
      {#if alike}<p>{words}. {alike}</p>{/if}
    {/each}
  </div>
</div>
<!-- With the room it will take, so that nothing moves when the colors come. -->
<div class="order-4 min-h-36 sm:min-h-44">
  {#if scene}<DistanceStrip {build} {scene} at={step} {onat} {isCamera} {isBelow} {marks} />{/if}
</div>
<Later>
  <div class="order-4 flex flex-wrap items-center gap-x-4 gap-y-2">
    {#if isStill}
      <Button onclick={() => (showsStills = !showsStills)}
        >{showsStills ? 'Hide the five moments' : 'Five moments'}</Button
      >
    {:else if speed === null}
      <Button onclick={() => (speed = 'slow')}>Play</Button>
    {:else}
      <Button onclick={() => (speed = null)}>Stop</Button>
      {@render pick('Speed', SPEEDS, speed, (value) => (speed = value === 'real' ? 'real' : 'slow'))}
      <SaveLoop frames={moved} name="lure-in-the-water.gif" />
    {/if}
    {@render pick('Direction', SIDES, from, (value) => onfrom(value === 'below' ? 'below' : 'side'))}
    <label class="flex min-h-11 items-center gap-2 text-xs">
      <input class="checkbox border-edge" type="checkbox" bind:checked={isOutlined} />
      Outline what is gone
    </label>
    <label class="flex min-h-11 items-center gap-2 text-xs">
      <input class="checkbox border-edge" type="checkbox" bind:checked={isCamera} />
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
      <div class={['order-4 pt-2', !showsStills && 'hidden print:block']}>
        <Stills {build} {scene} {motion} at={step} eye="person" {isCamera} />
      </div>
    {/await}
  {/if}
  <div
    class="text-faint order-4 flex flex-col gap-1 pt-2 text-xs"
    style:min-height="{1.25 * (build.blades.length + 1)}rem"
  >
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
