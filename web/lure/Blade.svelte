<script lang="ts">
  import type { Blade } from '../api/client'
  import { bladeOutline, cupOutline } from './blades'
  import { shade } from './paint'

  interface Props {
    /** How much of light and shade shows. */
    relief?: number
    blade: Blade
    length: number
    width: number
    colour: string
    shines: boolean
    /** Unique in the page: gradients are found by name. */
    name: string
  }
  let { blade, length, width, colour, shines, name, relief = 1 }: Props = $props()

  const outline = $derived(bladeOutline(blade.shape, length, width))
  const cup = $derived(cupOutline(blade.shape, length, width))
</script>

<defs>
  <linearGradient id={name} x1="0" y1="0" x2="0.25" y2="1">
    {#if shines}
      <stop offset="0" stop-color={shade(colour, -0.28 * relief)} />
      <stop offset="0.22" stop-color={shade(colour, 0.55 * relief)} />
      <stop offset="0.38" stop-color={colour} />
      <stop offset="0.62" stop-color={shade(colour, -0.22 * relief)} />
      <stop offset="0.8" stop-color={shade(colour, 0.3 * relief)} />
      <stop offset="1" stop-color={shade(colour, -0.38 * relief)} />
    {:else}
      <stop offset="0" stop-color={shade(colour, 0.1 * relief)} />
      <stop offset="1" stop-color={shade(colour, -0.14 * relief)} />
    {/if}
  </linearGradient>
</defs>
<path d={outline} fill="url(#{name})" stroke={shade(colour, -0.55 * relief)} stroke-width="1.2" />
{#if cup}
  <path
    d={cup}
    transform="translate({length * (blade.shape === 'willow' ? 0.085 : 0.09)} 0)"
    fill="none"
    stroke={shade(colour, -0.35 * relief)}
    stroke-width="0.8"
    opacity="0.35"
  />
  {#if blade.shape === 'deep_colorado'}
    <path
      d={bladeOutline(blade.shape, length * 0.45, width * 0.45)}
      transform="translate({length * 0.22} 0)"
      fill={shade(colour, -0.3 * relief)}
      opacity="0.35"
    />
  {/if}
{/if}
<circle r={blade.shape === 'bladed_jig' ? 0 : 2.2} cx="1" cy="0" fill={shade(colour, -0.6 * relief)} />
