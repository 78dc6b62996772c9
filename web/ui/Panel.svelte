<script lang="ts">
  import Plus from '@lucide/svelte/icons/plus'
  import Minus from '@lucide/svelte/icons/minus'
  import type { Snippet } from 'svelte'

  /** A part of a screen under a heading; folded, the heading says what is inside. */
  interface Props {
    title: string
    /** What is inside, in a line: shown beside the title, and all there is while it is folded. */
    gist?: string
    folds?: boolean
    open?: boolean
    ontoggle?: (open: boolean) => void
    level?: 1 | 2
    /** Beside the title, to the right. */
    actions?: Snippet
    class?: string
    children: Snippet
  }
  let {
    title,
    gist = '',
    folds = false,
    open = false,
    ontoggle,
    level = 2,
    actions,
    class: classes = '',
    children,
  }: Props = $props()
  const id = $props.id()
  let isOpen = $derived(open)

  /** What is inside comes with the fold, in one step. */
  function turn(next: boolean) {
    if (next === isOpen) return
    isOpen = next
    ontoggle?.(next)
  }
</script>

<section class={['min-w-0', classes]} aria-labelledby={id}>
  {#if folds}
    <details open={isOpen} ontoggle={(event) => turn(event.currentTarget.open)}>
      <summary
        onclick={(event) => {
          event.preventDefault()
          turn(!isOpen)
        }}
        class="border-base-content flex min-h-11 cursor-pointer list-none items-center gap-2 border-t py-1 text-sm"
      >
        <span class="text-faint w-4 shrink-0" aria-hidden="true"
          >{#if isOpen}<Minus size={14} aria-hidden="true" />{:else}<Plus size={14} aria-hidden="true" />{/if}</span
        >
        <span class="min-w-0 leading-snug"
          ><svelte:element this={`h${level}`} {id} class="inline">{title}</svelte:element>{#if gist}<span
              class="text-faint ml-2">{gist}</span
            >{/if}</span
        >
      </summary>
      {#if isOpen}<div class="pt-1 pb-3 sm:pl-6">{@render children()}</div>{/if}
    </details>
  {:else}
    <div class="border-base-content mb-2 flex min-h-8 flex-wrap items-end justify-between gap-2 border-b pb-1">
      <span class="min-w-0"
        ><svelte:element this={`h${level}`} {id}>{title}</svelte:element>{#if gist}<span class="text-faint text-sm"
            >{gist}</span
          >{/if}</span
      >
      {#if actions}<div class="flex flex-wrap gap-2">{@render actions()}</div>{/if}
    </div>
    {@render children()}
  {/if}
</section>
