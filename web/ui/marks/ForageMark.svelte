<script lang="ts">
  import type { Forage } from '../../words/vocabulary'

  /** What the bass eat, drawn as it is met: body, back, belly and what marks it. */
  let { forage }: { forage: Forage } = $props()
  interface Fish {
    /** Half its height, of a length of 40. */
    half: number
    back: string
    side: string
    belly: string
    bars?: string
    spot?: string
  }
  const FISH: Partial<Record<Forage, Fish>> = {
    shad: { half: 8, back: '#6d7b84', side: '#c3cacc', belly: '#eef0ee', spot: '#39434a' },
    bluegill: { half: 11.5, back: '#4b5a30', side: '#7d8a48', belly: '#d9782d', bars: '#3c4828', spot: '#20262c' },
    perch: { half: 8, back: '#5d6428', side: '#c2b14a', belly: '#ece3bd', bars: '#4e5626' },
    golden_shiner: { half: 9, back: '#7d6a2c', side: '#d0ae4a', belly: '#efe2ae' },
    crappie: { half: 11, back: '#58615a', side: '#b4bdb3', belly: '#e8eae4', bars: '#59635b' },
  }
  const fish = $derived(FISH[forage])
  const body = (half: number) =>
    [
      `M4 16C10 ${16 - half} 24 ${16 - 1.05 * half} 35 13.5L43 ${16 - 0.75 * half}L41 16`,
      `L43 ${16 + 0.75 * half}L35 18.5C24 ${16 + 1.05 * half} 10 ${16 + half} 4 16Z`,
    ].join('')
  const name = $props.id()
</script>

<svg viewBox="0 0 48 32" class="h-8" aria-hidden="true">
  {#if fish}
    <linearGradient id={name} x1="0" y1="0" x2="0" y2="1">
      <stop offset="0.1" stop-color={fish.back} />
      <stop offset="0.5" stop-color={fish.side} />
      <stop offset="0.85" stop-color={fish.belly} />
    </linearGradient>
    <path d={body(fish.half)} fill="url(#{name})" stroke="#333" stroke-width="0.8" />
    {#if fish.bars}<path
        d="M15 {16 - 0.8 * fish.half}l1 {fish.half}M21 {16 - 0.9 * fish.half}l1 {1.1 * fish.half}M27 {16 -
          0.75 * fish.half}l1 {0.9 * fish.half}"
        stroke={fish.bars}
        stroke-width="1.6"
        opacity="0.6"
      />{/if}
    {#if fish.spot}<circle cx="13" cy="14" r="1.5" fill={fish.spot} />{/if}
    <circle cx="8" cy="14.5" r="1.3" fill="#fff" stroke="#333" stroke-width="0.6" />
  {:else if forage === 'crawfish'}
    <g fill="#8a5a34" stroke="#3a2415" stroke-width="0.8">
      <path d="M30 16C36 11 40 11 44 13L41 16L44 19C40 21 36 21 30 16Z" />
      <path d="M13 16C17 11 28 11 34 16C28 21 17 21 13 16Z" />
      <path d="M15 13C9 9 8 6 3 6C4 10 7 10 8 12M15 19C9 23 8 26 3 26C4 22 7 22 8 20" fill="#c8642c" />
      <path d="M18 12l-2-4M22 11l0-4M18 20l-2 4M22 21l0 4" fill="none" />
    </g>
  {:else}
    <path d={body(9)} fill="none" stroke="currentColor" stroke-width="1.2" stroke-dasharray="2.5 2" />
  {/if}
</svg>
