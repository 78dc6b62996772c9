<script lang="ts">
  import type { Snippet } from 'svelte'

  /** What stands where nothing is yet: what will be here, what it will look like, and one button that leads on. */
  interface Props {
    text: string
    /** A sample of what will be here; for the eye only. */
    sample?: Snippet
    action: Snippet
  }
  let { text, sample, action }: Props = $props()
</script>

<div class="flex max-w-2xl flex-col gap-3 py-4">
  <p class="max-w-prose">{text}</p>
  <div>{@render action()}</div>
  {#if sample}
    <figure class="border-edge border border-dashed p-2">
      <figcaption class="text-faint text-xs">Example</figcaption>
      <div aria-hidden="true" inert>{@render sample()}</div>
    </figure>
  {/if}
</div>
