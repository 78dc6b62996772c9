<script lang="ts" generics="T">
  import {
    elementScroll,
    observeElementOffset,
    observeElementRect,
    Virtualizer,
    type VirtualItem,
  } from '@tanstack/virtual-core'
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

  let scroller = $state<HTMLDivElement | null>(null)
  let items = $state.raw<VirtualItem[]>([])
  let total = $state(0)

  $effect(() => {
    const element = scroller
    if (!element) return
    const virtualizer = new Virtualizer<HTMLDivElement, Element>({
      count: rows.length,
      getScrollElement: () => element,
      estimateSize: () => height,
      overscan: 8,
      observeElementRect,
      observeElementOffset,
      scrollToFn: elementScroll,
      onChange: (instance) => {
        items = instance.getVirtualItems()
        total = instance.getTotalSize()
      },
    })
    const stop = virtualizer._didMount()
    virtualizer._willUpdate()
    items = virtualizer.getVirtualItems()
    total = virtualizer.getTotalSize()
    return stop
  })
</script>

<!-- A region that scrolls has to be reached by keyboard. -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div bind:this={scroller} class="overflow-y-auto {classes}" tabindex="0" role="list" aria-label={label}>
  <div class="relative" style:height="{total}px">
    {#each items as item (item.key)}
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
