<script lang="ts">
  import type { Snippet } from 'svelte'

  /** A plot over distance that can be read by keyboard: arrows move along it, and what it says there is spoken. */
  interface Props {
    label: string
    /** What the whole of it shows, for those who cannot see it. */
    summary: string
    at: number
    last: number
    /** What it says at the present distance. */
    reads: string
    onat: (at: number) => void
    name: string
    children: Snippet
  }
  let { label, summary, at, last, reads, onat, name, children }: Props = $props()
  const id = $props.id()

  const STEPS: Record<string, (at: number, last: number) => number> = {
    ArrowRight: (now) => now + 1,
    ArrowUp: (now) => now + 1,
    ArrowLeft: (now) => now - 1,
    ArrowDown: (now) => now - 1,
    Home: () => 0,
    End: (_, end) => end,
  }

  function key(event: KeyboardEvent) {
    const step = STEPS[event.key]
    if (!step) return
    event.preventDefault()
    event.stopPropagation()
    onat(Math.max(0, Math.min(last, step(at, last))))
  }
</script>

<div
  class="h-56"
  data-plot={name}
  role="slider"
  tabindex="0"
  aria-label={label}
  aria-describedby={id}
  aria-valuemin={0}
  aria-valuemax={last}
  aria-valuenow={at}
  aria-valuetext={reads}
  onkeydown={key}
>
  <div class="h-full" aria-hidden="true">{@render children()}</div>
</div>
<p {id} class="sr-only">{summary}</p>
