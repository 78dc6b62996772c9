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
    /** Drawn without edges, for a picture the size of a thumbnail. */
    small?: boolean
  }
  let { skirt, length, collar, colours, belly = [], layer, relief = 1, small = false }: Props = $props()

  /** Strands of one color are one path; a few such layers over one another keep the edges of single strands in view. */
  const LAYERS = 3
  /** Bars across the strands, or scales along them: dashes of a darker shade over each strand. */
  const DASHES: Record<SkirtPart['strands'], string | null> = { solid: null, barred: '5 9', scaled: '1.6 3.4' }

  const width = $derived((skirt.material === 'living_rubber' ? 2.5 : 3.2) * (small ? 1.6 : 1))
  const colourOf = (index: number) => colours[index] ?? colours[0] ?? '#808080'
  const strandColour = (strand: Strand) => (strand.belly ? belly[strand.colour] : undefined) ?? colourOf(strand.colour)
  const dashes = $derived(small ? null : DASHES[skirt.strands])
  const paths = $derived.by(() => {
    const drawn = [...fringe(length, collar), ...strands(skirt, length, collar)].filter(
      (strand) => strand.behind === (layer === 'behind'),
    )
    const merged: Record<string, { colour: string; d: string }> = {}
    for (const [i, strand] of drawn.entries()) {
      const colour = strandColour(strand)
      const key = `${small ? 0 : i % LAYERS} ${colour}`
      merged[key] = { colour, d: (merged[key]?.d ?? '') + strand.d }
    }
    return Object.keys(merged)
      .sort()
      .flatMap((key) => merged[key] ?? [])
  })
</script>

<g fill="none" stroke-linecap="round" opacity={skirt.opacity === 'translucent' ? 0.72 : 1}>
  {#each paths as { d, colour }, i (i)}
    {#if !small}<path {d} stroke={shade(colour, -0.42 * relief)} stroke-width={width + 0.8} />{/if}
    <path {d} stroke={layer === 'behind' ? shade(colour, -0.16 * relief) : colour} stroke-width={width} />
    {#if dashes && layer === 'before'}
      <path
        {d}
        stroke={shade(colour, -0.55 * relief)}
        stroke-width={width * 0.8}
        stroke-dasharray={dashes}
        stroke-linecap="butt"
      />
    {/if}
  {/each}
</g>
{#if layer === 'before' && !small}
  <rect x="-4" y={-collar * 0.52} width="10" height={collar * 1.04} rx="2" fill={shade(colourOf(0), -0.5 * relief)} />
{/if}
