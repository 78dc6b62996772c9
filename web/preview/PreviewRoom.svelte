<script lang="ts">
  import { EYES, IN_HAND } from './eyes'

  const FRAMES = [IN_HAND, ...EYES.map(([, words]) => words)]
</script>

<p class="sr-only" role="status">Scoring this build…</p>
<!-- The room the pictures will take, so that nothing moves when they come. -->
<div class="order-1 grid grid-cols-3 items-end gap-x-2 lg:items-start gap-y-3 py-1 md:gap-x-3" aria-hidden="true">
  {#each FRAMES as words (words)}
    <div>
      <p class="mb-1 text-[0.8125rem] leading-tight font-bold">{words}</p>
      <div class="bg-proof aspect-[16/11] md:aspect-[16/9]"></div>
      <p class="hidden min-h-12 md:block"></p>
    </div>
  {/each}
</div>
