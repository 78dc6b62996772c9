<script lang="ts">
  import type { Snippet } from 'svelte'

  /** Something costly that is built only when it is scrolled to. */
  interface Props {
    /** The room it will take. */
    height: string
    children: Snippet
  }
  let { height, children }: Props = $props()
  let isSeen = $state(false)

  function watch(element: HTMLElement) {
    const observer = new IntersectionObserver(
      (entries) => {
        if (entries.some((entry) => entry.isIntersecting)) isSeen = true
      },
      { rootMargin: '200px' },
    )
    observer.observe(element)
    return () => observer.disconnect()
  }
</script>

{#if isSeen}{@render children()}{:else}<div style:min-height={height} {@attach watch}></div>{/if}
