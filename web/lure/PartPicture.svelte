<script lang="ts">
  import type { Build } from '../words/documents'
  import Blade from './Blade.svelte'
  import Head from './Head.svelte'
  import { barbPath, hookPath } from './hook'
  import { layout, type PartKey } from './layout'
  import type { Paint } from './paint'
  import Skirt from './Skirt.svelte'
  import Trailer from './Trailer.svelte'
  import { PER_INCH } from './units'

  /** One part of a lure by itself, where a swatch would only say its color. What it is stands beside it in words. */
  interface Props {
    build: Build
    paint: Paint
    of: PartKey
    /** Which of two blades; both where it is left out. */
    blade?: number | undefined
  }
  let { build, paint, of, blade }: Props = $props()
  const name = $props.id()
  const at = $derived(layout(build))
  const m = $derived(build.measures)
  const MARGIN = 8
  const blades = $derived(
    build.blades.map((one, index) => ({ one, index })).filter(({ index }) => blade === undefined || index === blade),
  )
  const sizeOf = (index: number) => ({
    length: (m.blades[index]?.length_in ?? 1) * PER_INCH,
    width: (m.blades[index]?.width_in ?? 1) * PER_INCH,
  })
  const hook = $derived((m.trailer_hook_in ?? 1.4) * PER_INCH)
  /** Left, top, width and height, hundredths of an inch. */
  const box = $derived.by((): [number, number, number, number] => {
    switch (of) {
      case 'blades': {
        const sizes = blades.map(({ index }) => sizeOf(index))
        const height = Math.max(1, ...sizes.map((size) => size.width))
        return [0, -height / 2, sizes.reduce((sum, size) => sum + 1.12 * size.length, 0), height]
      }
      case 'skirt': {
        const length = (m.skirt_in ?? 1) * PER_INCH
        return [-0.14 * length, -0.48 * length, 1.16 * length, 0.96 * length]
      }
      case 'trailer': {
        const length = (m.trailer_in ?? 1) * PER_INCH
        return [0, -0.19 * length, length, 0.38 * length]
      }
      case 'head':
        return [
          -at.headLength - 8,
          -Math.max(at.headHeight, 1.5 * at.gap),
          at.headLength + at.shank + 16,
          Math.max(at.headHeight, 1.5 * at.gap) + at.headHeight,
        ]
      case 'trailer_hook':
        return [-8, -0.55 * hook, hook + 16, 0.75 * hook]
    }
  })
  const starts = $derived(
    blades.map((_, i) => blades.slice(0, i).reduce((sum, { index }) => sum + 1.12 * sizeOf(index).length, 0)),
  )
</script>

<svg
  class="block h-full w-full"
  viewBox="{box[0] - MARGIN} {box[1] - MARGIN} {box[2] + 2 * MARGIN} {box[3] + 2 * MARGIN}"
  aria-hidden="true"
>
  {#if of === 'blades'}
    {#each blades as { one, index }, i (index)}
      {@const tone = paint.blades[index]}
      {#if tone}<g transform="translate({(starts[i] ?? 0) + 0.06 * sizeOf(index).length} 0)"
          ><Blade
            blade={one}
            {...sizeOf(index)}
            {tone}
            shines={paint.shines[index] ?? false}
            name="{name}-b{index}"
          /></g
        >{/if}
    {/each}
  {:else if of === 'skirt' && build.skirt}
    {#each ['behind', 'before'] as const as layer (layer)}
      <Skirt
        skirt={build.skirt}
        length={(m.skirt_in ?? 1) * PER_INCH}
        collar={at.headHeight * 0.5}
        tones={paint.skirt}
        belly={paint.skirtBelly}
        {layer}
        small
      />
    {/each}
  {:else if of === 'trailer' && build.trailer}
    <Trailer
      trailer={build.trailer}
      length={(m.trailer_in ?? 1) * PER_INCH}
      tones={paint.trailer}
      belly={paint.trailerBelly}
      name="{name}-t"
      small
    />
  {:else if of === 'head'}
    <g fill="none" stroke={paint.steel.mid} stroke-width="4.4" stroke-linecap="round">
      <path d={hookPath(-6, 0, at.shank + 6, at.gap)} />
      <path d={barbPath(-6, 0, at.shank + 6, at.gap)} stroke-width="2.4" />
    </g>
    <Head {build} {paint} {at} name="{name}-h" small />
  {:else if of === 'trailer_hook'}
    <g fill="none" stroke={paint.steel.mid} stroke-width="4" stroke-linecap="round">
      <circle cx="6" cy="0" r="6.5" />
      <path d={hookPath(12, 0, hook - 12, 0.45 * hook)} />
      <path d={barbPath(12, 0, hook - 12, 0.45 * hook)} stroke-width="2.2" />
    </g>
  {/if}
</svg>
