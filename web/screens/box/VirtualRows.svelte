<script lang="ts" generics="T">
  import { createVirtualizer } from '@tanstack/svelte-virtual'
  import { get } from 'svelte/store'
  import type { Snippet } from 'svelte'

  /** A long list of which only the rows in view are on the page. */
  interface Props {
    rows: readonly T[]
    height: number
    row: Snippet<[T, number]>
    label: string
    class?: string
  }
  let { rows, height, row, label, class: classes = '' }: Props = $props()

  const OVERSCAN = 8
  let scroller = $state<HTMLDivElement | null>(null)
  const virtualizer = createVirtualizer<HTMLDivElement, Element>({
    count: 0,
    getScrollElement: () => scroller,
    estimateSize: () => height,
    overscan: OVERSCAN,
  })
  $effect(() => {
    const element = scroller
    get(virtualizer).setOptions({
      count: rows.length,
      getScrollElement: () => element,
      estimateSize: () => height,
      overscan: OVERSCAN,
    })
  })
</script>

<!-- A region that scrolls has to be reached by keyboard. -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div bind:this={scroller} class="overflow-y-auto {classes}" tabindex="0" role="list" aria-label={label}>
  <div class="relative" style:height="{$virtualizer.getTotalSize()}px" role="presentation">
    {#each $virtualizer.getVirtualItems() as item (item.key)}
      {@const value = rows[item.index]}
      {#if value !== undefined}
        <div
          class="absolute inset-x-0 top-0"
          role="listitem"
          aria-setsize={rows.length}
          aria-posinset={item.index + 1}
          style:height="{height}px"
          style:transform="translateY({item.start}px)"
        >
          {@render row(value, item.index)}
        </div>
      {/if}
    {/each}
  </div>
</div>
