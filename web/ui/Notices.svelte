<script lang="ts">
  import { notices } from '../stores/notices.svelte'
</script>

<div
  class="fixed inset-x-0 bottom-20 z-50 mx-auto flex w-fit max-w-[calc(100vw-1rem)] flex-col gap-2 sm:bottom-4"
  role="status"
  aria-live="polite"
>
  {#each notices.list as notice (notice.id)}
    <div class="bg-neutral text-neutral-content flex items-center gap-3 px-3 py-1 text-sm shadow-lg">
      <span class="whitespace-pre-line">{notice.text}</span>
      {#if notice.undo}
        <button
          class="btn btn-ghost h-11 underline"
          onclick={() => {
            void notice.undo?.()
            notices.dismiss(notice.id)
          }}>Undo</button
        >
      {/if}
      <button class="btn btn-ghost h-11" aria-label="Dismiss" onclick={() => notices.dismiss(notice.id)}>×</button>
    </div>
  {/each}
</div>
