<script lang="ts">
  import type { Trailer } from '../words/documents'
  import { modeled, type Tone } from './paint'
  import { trailerShape } from './trailers'
  import { path, scatter } from './units'

  interface Props {
    trailer: Trailer
    length: number
    tones: readonly Tone[]
    /** Empty where it is not split. */
    belly?: readonly Tone[]
    /** Unique in the page: gradients are found by name. */
    name: string
    /** Drawn without detail, for a picture the size of a thumbnail. */
    small?: boolean
  }
  let { trailer, length, tones, belly = [], name, small = false }: Props = $props()

  const shape = $derived(trailerShape(trailer.style, length))
  const UNKNOWN = modeled('#808080')
  const base = $derived(tones[0] ?? UNKNOWN)
  const accent = $derived(tones[1] ?? base)
  const under = $derived(belly[0] ?? null)
  /** Flat tails lie on edge: a trailer on its side is seen this much narrower. (Chosen.) */
  const ON_SIDE = 0.55
  const edge = $derived(base.line)
  /** Half the height of a body, for the light that falls on it. */
  const half = $derived(0.11 * Math.min(length, 300))
  const SPECKS = ['light', 'line', 'second'] as const
  /** Flakes, and specks of a second accent: one path a color. Where they lie does not change with it. */
  const flecks = $derived.by(() => {
    const next = scatter(41)
    const hasSecond = tones.length > 2
    const many = small ? 0 : trailer.surface === 'flake' ? 34 : hasSecond ? 16 : 0
    const merged: Partial<Record<(typeof SPECKS)[number], string>> = {}
    for (let i = 0; i < many; i++) {
      const x = (0.04 + 0.44 * next()) * length
      const y = (next() - 0.5) * 0.11 * length
      const isLight = next() > 0.5
      const which = hasSecond && i % 2 === 0 ? 'second' : isLight ? 'light' : 'line'
      merged[which] = (merged[which] ?? '') + path`M${x - 1.2} ${y}a1.2 1.2 0 1 1 2.4 0a1.2 1.2 0 1 1 -2.4 0`
    }
    return SPECKS.flatMap((which) => (merged[which] === undefined ? [] : [{ which, d: merged[which] }]))
  })
  const speckColour = (which: (typeof SPECKS)[number]) =>
    which === 'second' ? (tones[2]?.mid ?? base.mid) : which === 'light' ? base.light : base.line
</script>

<defs>
  <!-- A round body lit from above. -->
  <linearGradient id={name} gradientUnits="userSpaceOnUse" x1="0" x2="0" y1={-half} y2={half}>
    <stop offset="0.05" stop-color={base.light} />
    <stop offset="0.5" stop-color={base.mid} />
    <stop offset="0.95" stop-color={base.dark} />
  </linearGradient>
  <linearGradient id="{name}-limb" gradientUnits="userSpaceOnUse" x1={0.5 * length} x2={0.92 * length} y1="0" y2="0">
    <stop offset="0.1" stop-color={base.mid} />
    <stop offset="0.6" stop-color={shape.belly ? base.mid : accent.mid} />
  </linearGradient>
</defs>
<g
  opacity={trailer.opacity === 'translucent' ? 0.7 : 1}
  stroke-linejoin="round"
  transform={trailer.rig === 'on_side' ? `scale(1 ${ON_SIDE})` : undefined}
>
  {#each shape.limbs as limb, i (i)}
    <g data-moves="limb" data-limb={i} data-joint={shape.joint * length}>
      <path d={limb} fill="url(#{name}-limb)" stroke={edge} stroke-width="1.1" />
      {#if !small}<g clip-path="url(#{name}-limb-{i})"
          ><path d={limb} transform="translate(0 {0.18 * half})" fill={base.dark} opacity="0.2" />
          <path
            d={limb}
            transform="translate(0 {-0.2 * half})"
            fill={(shape.belly ? base : accent).light}
            opacity="0.25"
          /></g
        >
        <clipPath id="{name}-limb-{i}"><path d={limb} /></clipPath>{/if}
    </g>
  {/each}
  <path d={shape.body} fill="url(#{name})" stroke={edge} stroke-width="1.1" />
  {#if under}
    <clipPath id="{name}-belly"><rect x="-5" y={0.015 * length} width={1.1 * length} height={0.4 * length} /></clipPath>
    <path d={shape.body} fill={under.mid} stroke={edge} stroke-width="1.1" clip-path="url(#{name}-belly)" />
  {:else if shape.belly && accent !== base}
    <path d={shape.belly} fill={accent.mid} />
  {/if}
</g>
{#if !small}<path d={shape.ribs.join('')} fill="none" stroke={edge} stroke-width="0.9" opacity="0.6" />{/if}
{#each flecks as { d, which } (which)}<path {d} fill={speckColour(which)} opacity="0.85" />{/each}
{#if shape.belly}
  <circle cx={0.07 * length} cy={-0.02 * length} r={0.013 * length} fill={base.line} />
{/if}
