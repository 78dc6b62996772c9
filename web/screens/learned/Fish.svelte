<script lang="ts">
  import type { Analysis } from '../../words/documents'
  import { settings } from '../../data/settings.svelte'
  import { count } from '../../words/numbers'
  import { partLength } from '../../words/words'

  /** How many fish were how long: a bar an inch, each with its number. */
  let { lengths }: { lengths: Analysis['lengths'] } = $props()
  const least = $derived(lengths[0]?.length_in ?? 0)
  const most = $derived(lengths.at(-1)?.length_in ?? 0)
  const bars = $derived(
    Array.from({ length: most - least + 1 }, (_, i) => ({
      inches: least + i,
      fish: lengths.find((one) => one.length_in === least + i)?.fish ?? 0,
    })),
  )
  const tallest = $derived(Math.max(1, ...bars.map((bar) => bar.fish)))
</script>

<ol class="flex h-32 max-w-3xl items-end gap-1" aria-label="Fish by length">
  {#each bars as bar (bar.inches)}
    <li class="flex h-full min-w-0 flex-1 flex-col justify-end text-center text-xs">
      <span aria-hidden="true">{bar.fish || ''}</span>
      <span class="bg-base-content block" style:height="{70 * (bar.fish / tallest)}%"></span>
      <span
        ><span class="sr-only">{count(bar.fish, 'fish', 'fish')} from </span>{partLength(
          bar.inches,
          settings.metric,
        )}</span
      >
    </li>
  {/each}
</ol>
