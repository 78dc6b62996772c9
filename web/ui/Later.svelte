<script lang="ts" module>
  import { busy } from '../data/busy'

  /** What waits for its turn: one at a time, so that the page answers between them. */
  const waiting: (() => void)[] = []
  let done: (() => void) | null = null

  function next(): void {
    const build = waiting.shift()
    if (!build) {
      done?.()
      done = null
      return
    }
    build()
    // After the paint that shows it.
    requestAnimationFrame(() => setTimeout(next))
  }

  function later(build: () => void): void {
    waiting.push(build)
    if (done) return
    done = busy()
    requestAnimationFrame(() => setTimeout(next))
  }
</script>

<script lang="ts">
  import type { Snippet } from 'svelte'

  /** A part of a screen below the first view, built once that is painted. */
  interface Props {
    /** The room it will take, where something that is seen already would move. */
    height?: string
    children: Snippet
  }
  let { height, children }: Props = $props()
  let isBuilt = $state(false)
  $effect(() => later(() => (isBuilt = true)))
</script>

{#if isBuilt}{@render children()}{:else if height}<div style:min-height={height}></div>{/if}
