<script lang="ts">
  import Button from './Button.svelte'

  /** What went wrong, in words, and a way to try again. */
  let { error, onretry }: { error: unknown; onretry?: () => void } = $props()
  const text = $derived(error instanceof Error ? error.message : String(error))
</script>

<div role="alert" class="border-error text-error flex flex-wrap items-center gap-3 border-2 p-3">
  <div class="min-w-40 flex-1">
    {#each text.split('\n') as line (line)}<p>{line}</p>{/each}
  </div>
  {#if onretry}<Button onclick={onretry}>Try again</Button>{/if}
</div>
