<script lang="ts">
  import type { Palette } from '../../api/client'
  /** The ids of the facts a reason rests on; each tells its fact when pointed at. */
  let { ids, palette }: { ids: readonly string[]; palette: Palette } = $props()
</script>

{#each ids as id, i (`${id}${i}`)}<abbr
    class="border-rule text-faint ml-1 border px-1 text-[0.6875rem] no-underline"
    title={palette.facts[id] ?? id}>{id}</abbr
  >{/each}
