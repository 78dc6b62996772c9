<script lang="ts">
  import type { Trailer } from '../api/client'
  import { shade } from './paint'
  import { trailerShape } from './trailers'
  import { scatter } from './units'

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
  }
  let { trailer, length, colours, belly = [], name, relief = 1 }: Props = $props()

  const shape = $derived(trailerShape(trailer.style, length))
  const base = $derived(colours[0] ?? '#808080')
  const accent = $derived(colours[1] ?? base)
  const second = $derived(colours[2] ?? null)
  const under = $derived(belly[0] ?? null)
  /** Flat tails lie on edge: a trailer on its side is seen this much narrower. (Chosen.) */
  const ON_SIDE = 0.55
  const edge = $derived(shade(base, -0.5 * relief))
  const flecks = $derived.by(() => {
    const next = scatter(41)
    const many = trailer.surface === 'flake' ? 34 : second ? 16 : 0
    return Array.from({ length: many }, () => ({
      x: (0.04 + 0.44 * next()) * length,
      y: (next() - 0.5) * 0.11 * length,
      light: next() > 0.5,
    }))
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
  {#each shape.limbs as limb (limb)}
    <path d={limb} fill="url(#{name})" stroke={edge} stroke-width="1.1" />
  {/each}
  <path d={shape.body} fill={base} stroke={edge} stroke-width="1.1" />
  {#if under}
    <clipPath id="{name}-belly"><rect x="-5" y={0.015 * length} width={1.1 * length} height={0.4 * length} /></clipPath>
    <path d={shape.body} fill={under} stroke={edge} stroke-width="1.1" clip-path="url(#{name}-belly)" />
  {:else if shape.belly && accent !== base}
    <path d={shape.belly} fill={accent} />
  {/if}
</g>
<g fill="none" stroke={edge} stroke-width="0.9" opacity="0.6">
  {#each shape.ribs as rib (rib)}<path d={rib} />{/each}
</g>
{#each flecks as fleck, i (i)}
  <circle
    cx={fleck.x}
    cy={fleck.y}
    r="1.2"
    fill={second && i % 2 === 0 ? second : fleck.light ? shade(base, 0.6 * relief) : shade(base, -0.6 * relief)}
    opacity="0.85"
  />
{/each}
{#if shape.belly}
  <circle cx={0.07 * length} cy={-0.02 * length} r={0.013 * length} fill={shade(base, -0.7 * relief)} />
{/if}
