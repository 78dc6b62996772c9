<script lang="ts">
  /** Colours side by side on the proofing grey; the first, the base, is the widest. */
  let { colours, size = 'h-6' }: { colours: readonly string[]; size?: string } = $props()
</script>

{#if colours.length > 0}
  <span class="bg-proof inline-flex max-w-full gap-px overflow-hidden p-1" aria-hidden="true">
    {#each colours as colour, i (`${i}${colour}`)}<span
        class="{size} {i === 0 ? 'w-10' : 'w-5'}"
        style:background-color={colour}
      ></span>{/each}
  </span>
{/if}
