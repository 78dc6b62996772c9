<script lang="ts">
  import type { Skirt } from '../api/client'
  import { shade } from './paint'
  import { fringe, strands } from './strands'

  interface Props {
    /** How much of light and shade shows. */
    relief?: number
    skirt: Skirt
    length: number
    collar: number
    colours: string[]
    layer: 'behind' | 'before'
  }
  let { skirt, length, collar, colours, layer, relief = 1 }: Props = $props()

  const drawn = $derived(
    [...fringe(length, collar), ...strands(skirt, length, collar)].filter(
      (strand) => strand.behind === (layer === 'behind'),
    ),
  )
  const width = $derived(skirt.material === 'living_rubber' ? 2.5 : 3.2)
  const colourOf = (index: number) => colours[index] ?? colours[0] ?? '#808080'
</script>

<g fill="none" stroke-linecap="round" opacity={skirt.opacity === 'translucent' ? 0.72 : 1}>
  {#each drawn as strand (strand.d)}
    <path d={strand.d} stroke={shade(colourOf(strand.colour), -0.42 * relief)} stroke-width={width + 0.8} />
    <path
      d={strand.d}
      stroke={layer === 'behind' ? shade(colourOf(strand.colour), -0.16 * relief) : colourOf(strand.colour)}
      stroke-width={width}
    />
  {/each}
</g>
{#if layer === 'before'}
  <rect x="-4" y={-collar * 0.52} width="10" height={collar * 1.04} rx="2" fill={shade(colourOf(0), -0.5 * relief)} />
{/if}
