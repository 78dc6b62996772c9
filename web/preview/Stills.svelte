<script lang="ts">
  import type { Motion, Scene, Build } from '../words/documents'
  import { widthAt } from '../lure/motion'
  import { bladePart, shownTo, type Eye } from '../lure/paint'
  import type { Posed } from '../lure/posed'
  import Underwater from './Underwater.svelte'

  /** Five moments of a turn, for whom nothing should move, and for paper. */
  interface Props {
    build: Build
    scene: Scene
    motion: Motion
    at: number
    eye: Eye
    isCamera?: boolean
  }
  let { build, scene, motion, at, eye, isCamera = false }: Props = $props()

  /** Degrees from the flash. */
  const MOMENTS = [0, 12, 20, 40, 90]
  const shown = $derived(shownTo(eye, isCamera))
  const poses = (degrees: number): Posed[] =>
    build.blades.map((blade) => {
      const id = bladePart(scene, blade)?.id
      const colours = motion.parts.find((part) => part.id === id)?.turns[at]?.[shown]
      const colour = colours?.[motion.angles_deg.indexOf(degrees)] ?? null
      const isFlash = degrees === 0 && colours?.[0] !== colours?.at(-1)
      return {
        width: widthAt(degrees, motion.tilt_deg),
        colour: isFlash || degrees < 30 ? colour : null,
        glow: isFlash && colour ? { colour, share: scene.glow[at] ?? 0 } : null,
      }
    })
</script>

<div class="grid grid-cols-5 gap-1" role="group" aria-label="Five moments of a turn">
  {#each MOMENTS as degrees (degrees)}
    <figure>
      <Underwater
        {build}
        {scene}
        {at}
        {eye}
        {isCamera}
        posed={poses(degrees)}
        says="{degrees}° from its flash. "
        class="aspect-[16/11]"
      />
      <figcaption class="text-xs">{degrees === 0 ? 'Flash' : `${degrees}°`}</figcaption>
    </figure>
  {/each}
</div>
