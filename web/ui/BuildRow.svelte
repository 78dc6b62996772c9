<script lang="ts">
  import type { Snippet } from 'svelte'

  /** A line of a list: a picture and what is said beside it, with the figure and the button in a row of their own where it is narrow. */
  interface Props {
    picture?: Snippet
    end: Snippet
    children: Snippet
  }
  let { picture, end, children }: Props = $props()
</script>

<li class="border-rule flex flex-wrap items-center gap-x-3 gap-y-1 border-t py-2 text-sm">
  {#if picture}<div class="bg-proof h-16 w-28 shrink-0 p-1 text-[#1a1a1a]">{@render picture()}</div>{/if}
  <div class="min-w-[10.5rem] flex-1 leading-snug">{@render children()}</div>
  <div class="ml-auto flex items-center gap-2">{@render end()}</div>
</li>
