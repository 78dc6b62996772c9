<script lang="ts">
  import type { Skirt as SkirtPart } from '../api/client'
  import { atHeight, modeled, type Tone } from './paint'
  import { BANDS, fringe, strands, type Strand } from './strands'

  interface Props {
    skirt: SkirtPart
    length: number
    collar: number
    tones: readonly Tone[]
    /** Empty where the strands are mixed. */
    belly?: readonly Tone[]
    layer: 'behind' | 'before'
    /** Drawn without edges, for a picture the size of a thumbnail. */
    small?: boolean
  }
  let { skirt, length, collar, tones, belly = [], layer, small = false }: Props = $props()

  /** Strands of one color and height are one path; a few such layers over one another keep the edges of single strands in view. */
  const LAYERS = 2
  /** Bars across the strands, or scales along them: dashes of a darker shade over each strand. */
  const DASHES: Record<SkirtPart['strands'], string | null> = { solid: null, barred: '5 9', scaled: '1.6 3.4' }
  const UNKNOWN = modeled('#808080')

  const width = $derived((skirt.material === 'living_rubber' ? 2.5 : 3.2) * (small ? 1.6 : 1))
  const toneOf = (strand: Strand) => (strand.belly ? belly[strand.colour] : undefined) ?? tones[strand.colour] ?? base
  const base = $derived(tones[0] ?? UNKNOWN)
  const dashes = $derived(small ? null : DASHES[skirt.strands])

  interface Drawn {
    colour: string
    line: string
    d: string
  }
  /** Each band moves by itself; a thumbnail is one. */
  const bands = $derived.by(() => {
    const drawn = [...fringe(length, collar), ...strands(skirt, length, collar)].filter(
      (strand) => strand.behind === (layer === 'behind'),
    )
    const merged = Array.from({ length: small ? 1 : BANDS }, (): Record<string, Drawn> => ({}))
    for (const [i, strand] of drawn.entries()) {
      const tone = toneOf(strand)
      // What lies behind is in the shade of what lies before it.
      const height = layer === 'behind' ? Math.min(1, strand.height + 0.25) : strand.height
      const colour = small ? tone.mid : atHeight(tone, height)
      const key = `${small ? 0 : i % LAYERS} ${colour}`
      const band = merged[small ? 0 : strand.band]
      if (band) band[key] = { colour, line: tone.line, d: (band[key]?.d ?? '') + strand.d }
    }
    return merged.map((band) =>
      Object.keys(band)
        .sort()
        .flatMap((key) => band[key] ?? []),
    )
  })
</script>

<g fill="none" stroke-linecap="round" opacity={skirt.opacity === 'translucent' ? 0.72 : 1}>
  {#each bands as band, k (k)}
    <g data-moves="strands" data-band={k}>
      {#each band as { d, colour, line }, i (i)}
        {#if !small}<path {d} stroke={line} stroke-width={width + 0.8} />{/if}
        <path {d} stroke={colour} stroke-width={width} />
        {#if dashes && layer === 'before'}
          <path {d} stroke={line} stroke-width={width * 0.8} stroke-dasharray={dashes} stroke-linecap="butt" />
        {/if}
      {/each}
    </g>
  {/each}
</g>
{#if layer === 'before' && !small}
  <rect x="-4" y={-collar * 0.52} width="10" height={collar * 1.04} rx="2" fill={base.dark} />
{/if}
