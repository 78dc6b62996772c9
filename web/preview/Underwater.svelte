<script lang="ts">
  import { MediaQuery } from 'svelte/reactivity'
  import { tick, untrack } from 'svelte'
  import type { Motion, Scene, Build } from '../words/documents'
  import Lure from '../lure/Lure.svelte'
  import { bladePart, inTheWater, linesOn, shownTo, waterOf, type Eye, type Paint } from '../lure/paint'
  import type { Pace } from '../words/vocabulary'
  import type { Speed } from '../lure/motion'
  import type { Posed } from '../lure/posed'
  import { SPAN_IN } from '../lure/units'
  import { paintBackdrop } from './backdrop'
  import { blurAt } from './rest.svelte'

  /** A lure in its water as an eye sees it from one distance, at rest or moving. */
  interface Props {
    build: Build
    scene: Scene
    at: number
    eye: Eye
    isCamera?: boolean
    isBelow?: boolean
    /** Its colors as its blades turn; none, and it hangs still. */
    motion?: Motion | undefined
    pace?: Pace
    speed?: Speed | null
    /** So many blades turn on the page at once. */
    playedAtOnce?: number
    /** In place of what the water makes of it. */
    hand?: Paint | null
    isOutlined?: boolean
    small?: boolean
    /** How its blades hang, where they neither rest nor turn. */
    posed?: readonly Posed[]
    says: string
    class?: string
  }
  let {
    build,
    scene,
    at,
    eye,
    isCamera = false,
    isBelow = false,
    motion,
    pace = 'medium',
    speed = null,
    playedAtOnce = 1,
    hand = null,
    isOutlined = false,
    small = false,
    posed,
    says,
    class: classes = '',
  }: Props = $props()

  /** A picture on a phone is too small for the edges of single strands, and has to follow a thumb. */
  const isPhone = new MediaQuery('(max-width: 47.99rem)')
  const shown = $derived(shownTo(eye, isCamera))
  const water = $derived(waterOf(scene, shown))
  const blur = blurAt(() => ({ at, inches: small ? 0 : (scene.blur_in[at] ?? 0) }))

  const size = $state({ width: 0, height: 0 })
  let canvas = $state<HTMLCanvasElement>()
  $effect(() => {
    if (!canvas || size.width === 0) return
    canvas.width = Math.round(size.width)
    canvas.height = Math.round(size.height)
    paintBackdrop(canvas, scene, shown, isBelow)
  })

  /** A glow lies ready about each blade that can flash, unseen until it does. */
  const ready = $derived(
    motion && speed
      ? build.blades.map((blade): Posed => {
          const id = bladePart(scene, blade)?.id
          const colour = motion.parts.find((part) => part.id === id)?.turns[at]?.[shown][0]
          return { width: 1, colour: null, glow: colour ? { colour, share: 0 } : null }
        })
      : (posed ?? []),
  )

  let frame = $state<HTMLDivElement>()
  let stage = $state<HTMLDivElement>()
  /** Its moving pictures lie over the drawing, which is there until they are. */
  let isMoving = $state(false)
  $effect(() => {
    if (!motion || !speed || hand || !frame || !stage || blur.isChanging) return
    const given = { build, motion, shown, at, pace, speed, playedAtOnce, glow: scene.glow[at] ?? 0 }
    const ids = untrack(() => build.blades.map((blade) => bladePart(scene, blade)?.id ?? null))
    const drawing = frame.querySelector('svg')
    const on = stage
    const spread = (blur.inches * size.width) / SPAN_IN
    let stop: (() => void) | undefined
    let isOver = false
    void Promise.all([import('../lure/layers'), import('../lure/motion'), tick()]).then(
      async ([{ play }, { moving }]) => {
        if (!drawing || isOver) return
        const takeAway = await play(drawing, on, moving(given, ids), spread, () => !isOver)
        if (isOver) takeAway?.()
        else if (takeAway) {
          stop = takeAway
          isMoving = true
        }
      },
    )
    return () => {
      isOver = true
      isMoving = false
      stop?.()
    }
  })
</script>

<div
  class={['relative overflow-hidden', classes]}
  style:background-color={hand ? '#d2d2d2' : water}
  style:color={hand ? '#1a1a1a' : linesOn(water)}
  bind:this={frame}
  bind:clientWidth={size.width}
  bind:clientHeight={size.height}
>
  {#if !hand}<canvas class="absolute inset-0 h-full w-full" bind:this={canvas} aria-hidden="true"></canvas>{/if}
  <div class={['absolute inset-0 flex items-center justify-center', isMoving && 'opacity-0']}>
    <Lure
      {build}
      paint={hand ?? inTheWater(build, scene, at, eye, isCamera, speed ? motion : undefined)}
      span={SPAN_IN}
      lines={isOutlined ? linesOn(water) : null}
      ruler={false}
      small={small || isPhone.current}
      blur={hand ? 0 : blur.inches}
      blades={ready}
      {says}
      class="max-h-full"
    />
  </div>
  <div class="pointer-events-none absolute inset-0 overflow-hidden" bind:this={stage} aria-hidden="true"></div>
</div>
