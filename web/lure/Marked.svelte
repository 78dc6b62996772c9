<script lang="ts">
  import type { Build } from '../words/documents'
  import Lure from './Lure.svelte'
  import { settings } from '../data/settings.svelte'
  import { unitsOf } from '../words/quantity'
  import { anchors, frameOf, layout, type PartKey } from './layout'
  import type { Paint } from './paint'
  import { PER_INCH, SPAN_IN } from './units'

  /** A lure to scale with hairlines to its numbered parts. What the numbers stand for is said beside it. */
  interface Props {
    build: Build
    paint: Paint
    says: string
    /** The number of each part, and what is written beside it. */
    marks: readonly { part: PartKey; number: number; names: readonly string[] }[]
  }
  let { build, paint, says, marks }: Props = $props()

  /** Room for the names on each side, and between two of them, px. */
  const ROOM = { wide: 104, narrow: 24, between: 36, edge: 12, ruler: 30 }
  /** Narrower than this only numbers are written. */
  const LEAST_FOR_NAMES = 520
  let width = $state(0)
  let height = $state(0)
  const hasNames = $derived(width >= LEAST_FOR_NAMES)
  const room = $derived(hasNames ? ROOM.wide : ROOM.narrow)
  const frame = $derived(frameOf(layout(build), SPAN_IN, false))
  const scale = $derived(Math.min((width - 2 * room) / frame.width, (height - ROOM.ruler) / frame.height))
  /** A ruler under it all, in the angler's own units. */
  const MM_IN_CM = 10
  const perInch = $derived(settings.metric ? unitsOf(true).part.per / MM_IN_CM : 1)
  const zero = $derived((width - frame.width * scale) / 2 + 10 * scale)
  const every = $derived((PER_INCH * scale) / perInch)
  const steps = $derived(every > 0 ? Math.floor((width - zero - 24) / every) : 0)
  /** Each mark at its point, on the nearer side, none over another. */
  const drawn = $derived.by(() => {
    if (scale <= 0) return []
    const [left, top] = [(width - frame.width * scale) / 2, (height - ROOM.ruler - frame.height * scale) / 2]
    const points = anchors(build).flatMap(({ part, at, index }) => {
      const mark = marks.find((one) => one.part === part)
      if (!mark) return []
      const x = left + (at.x - frame.left) * scale
      return [
        { mark, name: mark.names[index] ?? '', key: part + String(index), x, y: top + (at.y - frame.top) * scale },
      ]
    })
    return (['left', 'right'] as const).flatMap((side) => {
      const mine = points.filter(({ x }) => (side === 'left') === x < width / 2).toSorted((a, b) => a.y - b.y)
      let free = ROOM.edge + 8
      return mine.map((point, i) => {
        const most = height - ROOM.ruler - ROOM.edge - (mine.length - 1 - i) * ROOM.between
        const at = Math.max(free, Math.min(point.y, most))
        free = at + ROOM.between
        return { ...point, side, at }
      })
    })
  })
</script>

<div class="relative h-full w-full" bind:clientWidth={width} bind:clientHeight={height}>
  <div class="flex h-full items-center justify-center" style:padding="0 {room}px {ROOM.ruler}px">
    <Lure {build} {paint} span={SPAN_IN} ruler={false} {says} class="h-full max-h-full" />
  </div>
  <svg class="absolute inset-0 h-full w-full" aria-hidden="true">
    <g stroke="#1a1a1a">
      <line x1="0" x2="100%" y1={height - ROOM.ruler + 4} y2={height - ROOM.ruler + 4} />
      {#each { length: 4 * steps + 1 }, i (i)}
        {@const x = zero + (i * every) / 4}
        <line x1={x} x2={x} y1={height - ROOM.ruler + 4} y2={height - ROOM.ruler + (i % 4 === 0 ? 14 : 9)} />
      {/each}
    </g>
    {#each { length: steps + 1 }, i (i)}
      <!-- Where a unit is a centimeter, its name takes the room of the first. -->
      {#if i !== 1 || !settings.metric}<text x={zero + i * every + 4} y={height - 6} font-size="12" fill="#1a1a1a"
          >{i}{i === 0 ? ` ${settings.metric ? 'cm' : 'in'}` : ''}</text
        >{/if}
    {/each}
    {#each drawn as { mark, name, key, x, y, side, at } (key)}
      {@const edge = side === 'left' ? room - 8 : width - room + 8}
      <polyline points="{x},{y} {edge + (side === 'left' ? 14 : -14)},{at} {edge},{at}" fill="none" stroke="#1a1a1a" />
      <circle cx={x} cy={y} r="2.5" fill="#1a1a1a" />
      <text
        x={edge + (side === 'left' ? -6 : 6)}
        y={at + 4}
        font-size="13"
        fill="#1a1a1a"
        text-anchor={side === 'left' ? 'end' : 'start'}
      >
        <tspan font-weight="760">{mark.number}</tspan>{#if hasNames}<tspan dx="5">{name}</tspan>{/if}
      </text>
    {/each}
  </svg>
</div>
