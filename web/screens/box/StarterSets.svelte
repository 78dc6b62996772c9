<script lang="ts">
  import type { StarterSet } from '../../words/documents'
  import { parts as writes, starterSetsQuery } from '../../data/parts'
  import { inTheHand } from '../../lure/paint'
  import Thumbnail from '../../lure/Thumbnail.svelte'
  import { asOwned } from '../../parts/notOwned'
  import Button from '../../ui/Button.svelte'
  import Facts from '../../ui/Facts.svelte'
  import Stored from '../../ui/Stored.svelte'
  import { count } from '../../words/numbers'

  /** Sets of generic parts that cover most days, each added in one tap. */
  const sets = starterSetsQuery()
  const pieces = (set: StarterSet) => set.parts.reduce((sum, part) => sum + (part.count ?? 1), 0)
</script>

<Stored query={sets} waiting="Loading starter sets…">
  {#snippet children(data)}
    <ul class="grid gap-3 sm:grid-cols-2">
      {#each data as set (set.id)}
        {@const adds = `Add ${count(pieces(set), 'piece')}`}
        <li class="border-edge flex flex-col gap-2 border p-3">
          <h3 class="font-bold">{set.title}</h3>
          <div class="bg-proof grid grid-cols-4 gap-1 p-1 text-[#1a1a1a]" aria-hidden="true">
            {#each set.builds as build, i (i)}
              <div class="h-14"><Thumbnail {build} paint={inTheHand(build)} /></div>
            {/each}
          </div>
          <p class="flex-1 text-sm">{set.because} <Facts ids={set.facts} /></p>
          <Button
            label="{adds}: {set.title}"
            onclick={() => writes.add(set.parts.map(asOwned), `${set.title}: ${count(pieces(set), 'piece')} added.`)}
            >{adds}</Button
          >
        </li>
      {/each}
    </ul>
  {/snippet}
</Stored>
