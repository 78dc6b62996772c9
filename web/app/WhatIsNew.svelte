<script lang="ts">
  import { release } from '../data/release.svelte'
  import Button from '../ui/Button.svelte'

  /** What came with a new release, once on this device. */
</script>

<section
  class="border-base-content mb-4 flex flex-wrap items-start gap-3 border-2 p-3 text-sm"
  aria-label="What is new"
>
  <div class="min-w-56 flex-1">
    <h2 class="text-base font-bold">New in this version</h2>
    <ul class="list-disc pl-5 leading-snug">
      {#each release.news as line (line)}<li>{line}</li>{/each}
    </ul>
  </div>
  <Button onclick={() => release.close()}>Close</Button>
</section>
