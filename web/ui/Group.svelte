<script lang="ts">
  import type { Snippet } from 'svelte'

  /** Tiles that belong together, under their name and a note. */
  interface Props {
    label: string
    note?: string
    children: Snippet
  }
  let { label, note, children }: Props = $props()
</script>

<fieldset class="min-w-0">
  <legend class="mb-1.5 flex w-full flex-wrap items-baseline justify-between gap-x-3">
    <span class="text-[0.8125rem] font-bold">{label}</span>
    {#if note}<span class="text-faint text-xs">{note}</span>{/if}
  </legend>
  {@render children()}
</fieldset>
