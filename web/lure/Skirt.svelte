<script lang="ts">
  import type { Skirt as SkirtPart } from '../api/client'
  import { shade } from './paint'
  import { fringe, strands, type Strand } from './strands'

  interface Props {
    /** How much of light and shade shows. */
    relief?: number
    skirt: SkirtPart
    length: number
    collar: number
    colours: string[]
    /** Empty where the strands are mixed. */
    belly?: string[]
    layer: 'behind' | 'before'
  }
  let { skirt, length, collar, colours, belly = [], layer, relief = 1 }: Props = $props()

  const drawn = $derived(
    [...fringe(length, collar), ...strands(skirt, length, collar)].filter(
      (strand) => strand.behind === (layer === 'behind'),
    ),
  )
  const width = $derived(skirt.material === 'living_rubber' ? 2.5 : 3.2)
  const colourOf = (index: number) => colours[index] ?? colours[0] ?? '#808080'
  const strandColour = (strand: Strand) => (strand.belly ? belly[strand.colour] : undefined) ?? colourOf(strand.colour)
  /** Bars across the strands, or scales along them: dashes of a darker shade over each strand. */
  const DASHES: Record<SkirtPart['strands'], string | null> = { solid: null, barred: '5 9', scaled: '1.6 3.4' }
  const dashes = $derived(DASHES[skirt.strands])
</script>

<g fill="none" stroke-linecap="round" opacity={skirt.opacity === 'translucent' ? 0.72 : 1}>
  {#each drawn as strand (strand.d)}
    <path d={strand.d} stroke={shade(strandColour(strand), -0.42 * relief)} stroke-width={width + 0.8} />
    <path
      d={strand.d}
      stroke={layer === 'behind' ? shade(strandColour(strand), -0.16 * relief) : strandColour(strand)}
      stroke-width={width}
    />
    {#if dashes && layer === 'before'}
      <path
        d={strand.d}
        stroke={shade(strandColour(strand), -0.55 * relief)}
        stroke-width={width * 0.8}
        stroke-dasharray={dashes}
        stroke-linecap="butt"
      />
    {/if}
  {/each}
</g>
{#if layer === 'before'}
  <rect x="-4" y={-collar * 0.52} width="10" height={collar * 1.04} rx="2" fill={shade(colourOf(0), -0.5 * relief)} />
{/if}
