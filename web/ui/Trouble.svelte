<script lang="ts">
  /** What went wrong, in words, and what to do. */
  let { error }: { error: Error | null } = $props()
</script>

<div role="alert" class="border-error text-error border-2 p-3">
  <p class="font-bold">That did not work.</p>
  {#each (error?.message || 'The program did not answer. See whether it is still running, then try again.').split('\n') as line (line)}<p
    >
      {line}
    </p>{/each}
</div>
