<script lang="ts">
  import type { Build } from '../words/documents'
  import { settings } from '../data/settings.svelte'
  import { describeBuild } from '../words/words'
  import Blade from './Blade.svelte'
  import Head from './Head.svelte'
  import { barbPath, bendPath, hookPath } from './hook'
  import { frameOf, layout, PLATE } from './layout'
  import type { PartPlace } from '../words/vocabulary'
  import type { Paint } from './paint'
  import type { Posed } from './posed'
  import Ruler from './Ruler.svelte'
  import Skirt from './Skirt.svelte'
  import Trailer from './Trailer.svelte'
  import { path, PER_INCH } from './units'

  /** A lure drawn to scale from the measures of its parts. */
  interface Props {
    build: Build
    paint: Paint
    ruler?: boolean
    /** Show this many inches across, so that two drawings share a scale. */
    span?: number
    /** The color in which what is gone is outlined, where that is asked for. */
    lines?: string | null
    /** How far the water blurs it, inches. */
    blur?: number
    /** How its blades hang, in the order of the build: turned, lit, with a glow about them. */
    blades?: readonly Posed[]
    /** What it is for, before what it is: two drawings of one lure have different names. */
    says?: string
    /** A picture the size of a thumbnail: the same shapes and colors with a tenth of the detail. */
    small?: boolean
    /** What is put together the wrong way round. */
    amiss?: 'curl_to_bend' | 'hook_point_down' | null
    class?: string
  }
  let {
    build,
    paint,
    ruler = true,
    span,
    lines = null,
    blur = 0,
    blades = [],
    says = '',
    small = false,
    amiss = null,
    class: classes = '',
  }: Props = $props()

  const name = $props.id()
  const at = $derived(layout(build))
  const m = $derived(build.measures)
  const frame = $derived(frameOf(at, span, ruler))
  const rear = $derived(build.blades.length - 1)
  const plate = $derived((m.blades[0]?.length_in ?? 0) * PER_INCH)
  const steel = $derived(paint.steel)

  const wire = $derived(
    at.tie && at.loop
      ? path`M${-at.headLength * 0.9} 0L${at.tie.x + 9} ${at.tie.y + 4}
C${at.tie.x - 6} ${at.tie.y - 2} ${at.tie.x - 4} ${at.tie.y - 9} ${at.tie.x + 9} ${at.tie.y - 4}L${at.loop.x} ${at.loop.y}`
      : null,
  )
  const armAngle = $derived(
    at.tie && at.loop ? (Math.atan2(at.loop.y - at.tie.y, at.loop.x - at.tie.x) * 180) / Math.PI : 0,
  )
  const bladeMeasures = (index: number) => ({
    length: (m.blades[index]?.length_in ?? 1) * PER_INCH,
    width: (m.blades[index]?.width_in ?? 1) * PER_INCH,
  })
  const trailerHook = $derived(
    m.trailer_hook_in === null
      ? null
      : { x: at.shank - at.gap * 0.5, shank: m.trailer_hook_in * PER_INCH, gap: m.trailer_hook_in * 45 },
  )
  const collar = $derived(at.headHeight * 0.5)
  /** What is gone is not drawn, or only its outline. */
  const outline = (place: PartPlace) => (paint.gone[place] && lines ? `url(#${name}-gone)` : null)
  const hidden = (place: PartPlace) => (paint.gone[place] && !lines ? 'hidden' : undefined)
  const isOutlined = $derived(lines !== null && Object.values(paint.gone).some(Boolean))
  /** Less than this is not seen, hundredths of an inch. */
  const LEAST_BLUR = 0.3
  const deviation = $derived(blur * PER_INCH)
  /** Gaps between strands up to twice this are closed, and the line around the whole is so wide, hundredths of an inch. */
  const OUTLINE = { closes: 7, line: 1.1 }
</script>

{#snippet strands(layer: 'behind' | 'before')}
  {#if build.skirt}
    <g filter={outline('skirt')} visibility={hidden('skirt')}
      ><Skirt
        skirt={build.skirt}
        length={(m.skirt_in ?? 1) * PER_INCH}
        {collar}
        tones={paint.skirt}
        belly={paint.skirtBelly}
        {layer}
        {small}
      /></g
    >
  {/if}
{/snippet}

{#snippet hung(index: number)}
  {@const blade = build.blades[index]}
  {@const tone = paint.blades[index]}
  {#if blade && tone}
    {@const place = blade.position === 'front' ? 'front_blade' : 'rear_blade'}
    {@const posed = blades[index]}
    {@const measures = bladeMeasures(index)}
    <g data-blade={index} filter={outline(place)} visibility={hidden(place)}>
      {#if posed?.glow}
        <radialGradient id="{name}-g{index}">
          <stop offset="0.25" stop-color={posed.glow.colour} />
          <stop offset="1" stop-color={posed.glow.colour} stop-opacity="0" />
        </radialGradient>
        <circle
          data-moves="glow"
          cx={0.5 * measures.length}
          r={0.95 * measures.length}
          fill="url(#{name}-g{index})"
          opacity={posed.glow.share}
        />
      {/if}
      <Blade {blade} {...measures} {tone} shines={paint.shines[index] ?? false} name="{name}-b{index}" turned={posed} />
    </g>
  {/if}
{/snippet}

<svg
  class="block h-auto w-full {classes}"
  viewBox="{frame.left} {frame.top} {frame.width} {frame.height}"
  role="img"
  aria-label="{says}{describeBuild(build, settings.metric)}"
>
  {#if isOutlined}<defs>
      <filter
        id="{name}-gone"
        filterUnits="userSpaceOnUse"
        primitiveUnits="userSpaceOnUse"
        x="-600"
        y="-400"
        width="1400"
        height="800"
      >
        <feMorphology in="SourceAlpha" operator="dilate" radius={OUTLINE.closes} result="wide" />
        <feMorphology in="wide" operator="erode" radius={OUTLINE.closes} result="whole" />
        <feMorphology in="whole" operator="dilate" radius={OUTLINE.line} result="outer" />
        <feComposite in="outer" in2="whole" operator="out" result="edge" />
        <feFlood flood-color={lines ?? 'none'} flood-opacity="0.7" />
        <feComposite in2="edge" operator="in" />
      </filter>
    </defs>{/if}
  {#if deviation > LEAST_BLUR}
    <filter id="{name}-blur" x="-5%" y="-5%" width="110%" height="110%"
      ><feGaussianBlur stdDeviation={deviation} /></filter
    >
  {/if}
  <g filter={deviation > LEAST_BLUR ? `url(#${name}-blur)` : undefined}>
    {#if !small}{@render strands('behind')}{/if}
    <g fill="none" stroke={steel.mid} stroke-width="4.4" stroke-linecap="round" stroke-linejoin="round">
      <path d={hookPath(-6, 0, at.shank + 6, at.gap)} />
      <path d={barbPath(-6, 0, at.shank + 6, at.gap)} stroke-width="2.4" />
    </g>
    {#if trailerHook && !small}
      <g
        fill="none"
        stroke={steel.mid}
        stroke-width="3.8"
        stroke-linecap="round"
        transform="scale(1 {amiss === 'hook_point_down' ? -1 : 1})"
      >
        <circle cx={trailerHook.x} cy={-at.gap * 0.06} r="6.5" />
        <path d={hookPath(trailerHook.x + 6, 0, trailerHook.shank - 6, trailerHook.gap)} />
        <path d={barbPath(trailerHook.x + 6, 0, trailerHook.shank - 6, trailerHook.gap)} stroke-width="2.2" />
      </g>
    {/if}
    {#if build.trailer}
      <g
        transform="translate(4 0) scale(1 {amiss === 'curl_to_bend' ? -1 : 1})"
        filter={outline('trailer')}
        visibility={hidden('trailer')}
      >
        <Trailer
          trailer={build.trailer}
          length={build.trailer.length_in * PER_INCH}
          tones={paint.trailer}
          belly={paint.trailerBelly}
          name="{name}-t"
          {small}
        />
      </g>
      {#if !small}<!-- the point comes out through the back of the trailer -->
        <path
          d={bendPath(-6, 0, at.shank + 6, at.gap)}
          fill="none"
          stroke={steel.mid}
          stroke-width="4.4"
          stroke-linecap="round"
        />
        <path
          d={barbPath(-6, 0, at.shank + 6, at.gap)}
          fill="none"
          stroke={steel.mid}
          stroke-width="2.4"
          stroke-linecap="round"
        />{/if}
    {/if}
    {@render strands('before')}

    {#if wire && at.tie && at.loop}
      <path d={wire} fill="none" stroke={steel.mid} stroke-width="3.5" stroke-linecap="round" />
      <circle cx={at.loop.x + 3} cy={at.loop.y} r="4" fill="none" stroke={steel.mid} stroke-width="2.6" />
      <rect
        x={at.loop.x + 6}
        y={at.loop.y - 4}
        width="11"
        height="8"
        rx="3"
        fill={steel.light}
        stroke={steel.dark}
        stroke-width="1"
      />
      {#if build.blades[rear]}
        <g transform="translate({at.loop.x + 22} {at.loop.y + 1}) rotate(4)">
          {@render hung(rear)}
        </g>
      {/if}
      {#if at.clevis && build.blades[0]}
        <g
          fill={steel.light}
          stroke={steel.dark}
          stroke-width="1"
          transform="translate({at.clevis.x} {at.clevis.y}) rotate({armAngle})"
        >
          <circle cx="-9" r="4.6" />
          <circle cx="9" r="4.6" />
          <path d="M-4 0C-4 10 4 10 4 0" fill="none" stroke-width="2" />
        </g>
        <g transform="translate({at.clevis.x + 4} {at.clevis.y + 9}) rotate(14)">
          {@render hung(0)}
        </g>
      {/if}
    {/if}
    <g filter={outline('head')} visibility={hidden('head')}><Head {build} {paint} {at} name="{name}-h" {small} /></g>
    {#if at.snap && build.blades[0]}
      <!-- The plate hangs from its snap before the nose, leaning forward, seen three quarters from the side. -->
      <g transform="translate({at.snap.x} {at.snap.y}) rotate({PLATE.lean}) scale(1 {PLATE.seen})">
        {@render hung(0)}
      </g>
      <g fill="none" stroke={steel.mid} stroke-width="3" stroke-linecap="round">
        <path
          d={path`M${-at.headLength * 0.96} ${at.headHeight * 0.02}L${at.snap.x - 6} ${at.snap.y + 0.42 * plate}`}
        />
        <ellipse cx={at.snap.x} cy={at.snap.y - 9} rx="6" ry="13" transform="rotate(-14 {at.snap.x} {at.snap.y - 9})" />
      </g>
    {/if}
  </g>
  {#if ruler}
    <Ruler
      x={at.bounds.left}
      y={frame.rulerY}
      length={Math.max(at.bounds.right - at.bounds.left, frame.width - 2 * (at.bounds.left - frame.left))}
    />
  {/if}
</svg>
