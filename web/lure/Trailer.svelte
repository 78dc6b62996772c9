<script lang="ts">
  import type { Trailer } from '../api/client'
  import { shade } from './paint'
  import { trailerShape } from './trailers'
  import { path, scatter } from './units'

  interface Props {
    /** How much of light and shade shows. */
    relief?: number
    trailer: Trailer
    length: number
    colours: string[]
    /** Empty where it is not split. */
    belly?: string[]
    /** Unique in the page: gradients are found by name. */
    name: string
    /** Drawn without detail, for a picture the size of a thumbnail. */
    small?: boolean
  }
  let { trailer, length, colours, belly = [], name, relief = 1, small = false }: Props = $props()

  const shape = $derived(trailerShape(trailer.style, length))
  const base = $derived(colours[0] ?? '#808080')
  const accent = $derived(colours[1] ?? base)
  const second = $derived(colours[2] ?? null)
  const under = $derived(belly[0] ?? null)
  /** Flat tails lie on edge: a trailer on its side is seen this much narrower. (Chosen.) */
  const ON_SIDE = 0.55
  const edge = $derived(shade(base, -0.5 * relief))
  /** Flakes, and specks of a second accent: one path a color. */
  const flecks = $derived.by(() => {
    const next = scatter(41)
    const many = small ? 0 : trailer.surface === 'flake' ? 34 : second ? 16 : 0
    const merged: Record<string, string> = {}
    for (let i = 0; i < many; i++) {
      const x = (0.04 + 0.44 * next()) * length
      const y = (next() - 0.5) * 0.11 * length
      const light = next() > 0.5
      const fill = second && i % 2 === 0 ? second : shade(base, (light ? 0.6 : -0.6) * relief)
      merged[fill] = (merged[fill] ?? '') + path`M${x - 1.2} ${y}a1.2 1.2 0 1 1 2.4 0a1.2 1.2 0 1 1 -2.4 0`
    }
    return Object.entries(merged).map(([fill, d]) => ({ fill, d }))
  })
</script>

<defs>
  <linearGradient id={name} gradientUnits="userSpaceOnUse" x1={0.5 * length} x2={0.92 * length} y1="0" y2="0">
    <stop offset="0.1" stop-color={base} />
    <stop offset="0.6" stop-color={shape.belly ? base : accent} />
  </linearGradient>
</defs>
<g
  opacity={trailer.opacity === 'translucent' ? 0.7 : 1}
  stroke-linejoin="round"
  transform={trailer.rig === 'on_side' ? `scale(1 ${ON_SIDE})` : undefined}
>
  <path d={shape.limbs.join('')} fill="url(#{name})" stroke={edge} stroke-width="1.1" />
  <path d={shape.body} fill={base} stroke={edge} stroke-width="1.1" />
  {#if under}
    <clipPath id="{name}-belly"><rect x="-5" y={0.015 * length} width={1.1 * length} height={0.4 * length} /></clipPath>
    <path d={shape.body} fill={under} stroke={edge} stroke-width="1.1" clip-path="url(#{name}-belly)" />
  {:else if shape.belly && accent !== base}
    <path d={shape.belly} fill={accent} />
  {/if}
</g>
{#if !small}<path d={shape.ribs.join('')} fill="none" stroke={edge} stroke-width="0.9" opacity="0.6" />{/if}
{#each flecks as { d, fill } (fill)}<path {d} {fill} opacity="0.85" />{/each}
{#if shape.belly}
  <circle cx={0.07 * length} cy={-0.02 * length} r={0.013 * length} fill={shade(base, -0.7 * relief)} />
{/if}
