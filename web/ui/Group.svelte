<script lang="ts">
  import type { Snippet } from 'svelte'

  /** Tiles that belong together, under their name and a note. */
  interface Props {
    label: string
    note?: string | undefined
    isQuiet?: boolean
    children: Snippet
  }
  let { label, note, isQuiet = false, children }: Props = $props()
</script>

<fieldset class="min-w-0">
  <legend class={isQuiet ? 'sr-only' : 'mb-1 flex w-full flex-wrap items-baseline justify-between gap-x-3'}>
    <span class="text-sm font-bold">{label}</span>
    {#if note}<span class="text-faint text-xs">{note}</span>{/if}
  </legend>
  {@render children()}
</fieldset>
