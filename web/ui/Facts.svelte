<script lang="ts">
  import type { Palette } from '../api/client'
  /** The ids of the facts a reason rests on; each tells its fact when pointed at. With the rule named, one tap leads to it in the book. */
  let { ids, palette, rule }: { ids: readonly string[]; palette: Palette; rule?: string | null } = $props()
</script>

{#each ids as id, i (`${id}${i}`)}<abbr
    class="border-rule text-faint ml-1 border px-1 text-[0.6875rem] no-underline"
    title={palette.facts[id] ?? id}>{id}</abbr
  >{/each}{#if rule}<a
    class="text-faint ml-1.5 inline-block text-xs underline underline-offset-2"
    href="#/rules/{encodeURIComponent(rule)}"
    aria-label="The rule {rule}">rule</a
  >{/if}
