<script lang="ts">
  import type { Build } from '../words/documents'
  import { headOutline, lineTie } from './heads'
  import type { Layout } from './layout'
  import type { Paint } from './paint'
  import { path } from './units'

  interface Props {
    build: Build
    paint: Paint
    at: Layout
    name: string
    /** Drawn without detail, for a picture the size of a thumbnail. */
    small?: boolean
  }
  let { build, paint, at, name, small = false }: Props = $props()

  const { headLength: L, headHeight: H, shank, gap } = $derived(at)
  const { head: tone, headBelly: belly, steel } = $derived(paint)
  const { lure: kind } = $derived(build)
  const { form } = $derived(build.head)
  const eye = $derived(build.head.eye ? paint.eye : null)
  const h = $derived(H / 2)
  const guarded = $derived(kind === 'jig' || kind === 'swim_jig')
  const outline = $derived(headOutline(form, L, h))
  const eyelet = $derived(lineTie(form, L, h))
  const bristles = $derived(
    guarded && !small
      ? Array.from({ length: 7 }, (_, i) => {
          const lean = i / 6
          return path`M${-0.3 * L + 2 * i} ${-0.7 * h}
Q${0.2 * shank} ${-gap * (0.75 + 0.2 * lean)} ${shank * (0.52 + 0.16 * lean)} ${-gap * (1.02 + 0.2 * lean)}`
        }).join('')
      : '',
  )
</script>

<defs>
  <radialGradient id={name} cx="0.42" cy="0.22" r="0.9">
    <stop offset="0" stop-color={tone.light} />
    <stop offset="0.5" stop-color={tone.mid} />
    <stop offset="1" stop-color={tone.dark} />
  </radialGradient>
</defs>
{#if bristles !== ''}
  <path d={bristles} fill="none" stroke={steel.dark} stroke-width="1.6" stroke-linecap="round" />
{/if}
{#if kind !== 'spinnerbait'}
  <circle cx={eyelet.x} cy={eyelet.y} r="5" fill="none" stroke={steel.mid} stroke-width="2.6" />
{/if}
<path d={outline} fill="url(#{name})" stroke={tone.line} stroke-width="1.3" />
{#if belly}
  <clipPath id="{name}-belly"><rect x={-1.1 * L} y={0.12 * h} width={1.2 * L} height={1.2 * h} /></clipPath>
  <path d={outline} fill={belly.mid} stroke={belly.line} stroke-width="1.3" clip-path="url(#{name}-belly)" />
{/if}
{#if eye}
  <circle cx={-0.62 * L} cy={-0.12 * h} r={0.26 * h} fill={eye.ring} stroke={tone.line} stroke-width="0.9" />
  <circle cx={-0.63 * L} cy={-0.12 * h} r={0.14 * h} fill={eye.pupil} />
{/if}
