<script lang="ts">
  /** The colours of a part, on the grey they are judged on. */
  let { colours }: { colours: readonly string[] } = $props()
</script>

<span class="bg-proof inline-flex h-8 w-12 shrink-0 p-1" aria-hidden="true">
  {#each colours as colour, i (i)}
    <span class="h-full {i === 0 ? 'flex-[2]' : 'flex-1'}" style:background-color={colour}></span>
  {/each}
</span>
