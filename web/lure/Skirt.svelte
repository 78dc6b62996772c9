<script lang="ts">
  import type { Skirt as SkirtPart } from '../words/documents'
  import { atHeight, modeled, type Tone } from './paint'
  import { BANDS, fringe, strands } from './strands'

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

  /** A few sheets over one another keep the edges of single strands in view. */
  const SHEETS = 2
  /** Bars across the strands, or scales along them: dashes of a darker shade over each strand. */
  const DASHES: Record<SkirtPart['strands'], string | null> = { solid: null, barred: '5 9', scaled: '1.6 3.4' }
  const UNKNOWN = modeled('#808080')

  const width = $derived((skirt.material === 'living_rubber' ? 2.5 : 3.2) * (small ? 1.6 : 1))
  const base = $derived(tones[0] ?? UNKNOWN)
  const dashes = $derived(small ? null : DASHES[skirt.strands])

  interface Strands {
    colour: number
    isBelly: boolean
    d: string
  }
  /** Strands that lie over one another: the edges of all of them, and over it each color's. */
  interface Sheet {
    edges: string
    colours: Strands[]
  }
  /** In a thumbnail, and of what lies behind. */
  const isWhole = $derived(small || layer === 'behind')
  /** Each band moves by itself; a whole is one band and one sheet. Their shapes do not change with their colors. */
  const bands = $derived.by(() => {
    const drawn = [...fringe(length, collar), ...strands(skirt, length, collar)].filter(
      (strand) => strand.behind === (layer === 'behind'),
    )
    const sheets = isWhole ? 1 : SHEETS
    const merged = Array.from({ length: isWhole ? 1 : BANDS }, () =>
      Array.from({ length: sheets }, (): Sheet => ({ edges: '', colours: [] })),
    )
    for (const [i, strand] of drawn.entries()) {
      const sheet = merged[isWhole ? 0 : strand.band]?.[i % sheets]
      if (!sheet) continue
      sheet.edges += strand.d
      const known = sheet.colours.find((one) => one.colour === strand.colour && one.isBelly === strand.belly)
      if (known) known.d += strand.d
      else sheet.colours.push({ colour: strand.colour, isBelly: strand.belly, d: strand.d })
    }
    return merged
  })
  const toneOf = ({ colour, isBelly }: Strands) => (isBelly ? belly[colour] : undefined) ?? tones[colour] ?? base
  /** What lies behind is in the shade of what lies before it. */
  const heightOf = (band: number) => (layer === 'behind' ? 0.75 : (band + 0.5) / BANDS)
</script>

<g fill="none" stroke-linecap="round" opacity={skirt.opacity === 'translucent' ? 0.72 : 1}>
  {#each bands as band, k (k)}
    <g data-moves="strands" data-band={isWhole ? (BANDS - 1) / 2 : k}>
      {#each band as sheet, i (i)}
        {#if !small && layer === 'before'}<path d={sheet.edges} stroke={base.line} stroke-width={width + 0.8} />{/if}
        {#each sheet.colours as strands, j (j)}
          {@const tone = toneOf(strands)}
          {@const d = strands.d}
          <path {d} stroke={small ? tone.mid : atHeight(tone, heightOf(k))} stroke-width={width} />
        {/each}
        {#if dashes && layer === 'before'}
          <path
            d={sheet.edges}
            stroke={base.line}
            stroke-width={width * 0.8}
            stroke-dasharray={dashes}
            stroke-linecap="butt"
          />
        {/if}
      {/each}
    </g>
  {/each}
</g>
{#if layer === 'before' && !small}
  <rect x="-4" y={-collar * 0.52} width="10" height={collar * 1.04} rx="2" fill={base.dark} />
{/if}
