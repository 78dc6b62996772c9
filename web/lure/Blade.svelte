<script lang="ts">
  import type { Blade } from '../words/documents'
  import { bladeOutline, cupOutline } from './blades'
  import { shade, type Tone } from './paint'
  import type { Posed } from './posed'

  interface Props {
    blade: Blade
    length: number
    width: number
    tone: Tone
    shines: boolean
    /** Unique in the page: gradients are found by name. */
    name: string
    /** As it turns: how much of its width is seen, and the color it has there in place of its own. */
    turned?: Pick<Posed, 'width' | 'colour'>
  }
  let { blade, length, width, tone, shines, name, turned = { width: 1, colour: null } }: Props = $props()

  const outline = $derived(bladeOutline(blade.shape, length, width))
  const cup = $derived(cupOutline(blade.shape, length, width))
</script>

<defs>
  <linearGradient id={name} x1="0" y1="0" x2="0.25" y2="1">
    {#if shines}
      <stop offset="0" stop-color={shade(tone.mid, -0.28)} />
      <stop offset="0.22" stop-color={shade(tone.mid, 0.55)} />
      <stop offset="0.38" stop-color={tone.mid} />
      <stop offset="0.62" stop-color={shade(tone.mid, -0.22)} />
      <stop offset="0.8" stop-color={shade(tone.mid, 0.3)} />
      <stop offset="1" stop-color={shade(tone.mid, -0.38)} />
    {:else}
      <stop offset="0.1" stop-color={tone.light} />
      <stop offset="0.5" stop-color={tone.mid} />
      <stop offset="0.95" stop-color={tone.dark} />
    {/if}
  </linearGradient>
</defs>
<g data-moves="turn" transform="scale(1 {turned.width})">
  <path d={outline} fill="url(#{name})" stroke={tone.line} stroke-width="1.2" />
  {#if cup}
    <path
      d={cup}
      transform="translate({length * (blade.shape === 'willow' ? 0.085 : 0.09)} 0)"
      fill="none"
      stroke={tone.dark}
      stroke-width="0.8"
      opacity="0.35"
    />
    {#if blade.shape === 'deep_colorado'}
      <path
        d={bladeOutline(blade.shape, length * 0.45, width * 0.45)}
        transform="translate({length * 0.22} 0)"
        fill={tone.dark}
        opacity="0.35"
      />
    {/if}
  {/if}
  <path data-moves="flash" d={outline} fill={turned.colour ?? 'none'} stroke="none" />
</g>
<circle r={blade.shape === 'bladed_jig' ? 0 : 2.2} cx="1" cy="0" fill={tone.line} />
