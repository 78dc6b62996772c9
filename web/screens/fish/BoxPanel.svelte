<script lang="ts">
  import type { Composition, InventoryPart, Outing, Box } from '../../words/documents'
  import { buildsQuery } from '../../data/builds'
  import { inventoryQuery } from '../../data/parts'
  import { isSame } from '../../words/sameBuild'
  import Button from '../../ui/Button.svelte'
  import { lureWords } from '../../words/lureWords'

  /** What is in the box: taken out, or put in from the saved builds and the parts owned. */
  let { outing, onset }: { outing: Outing; onset: (before: Box, box: Box) => unknown } = $props()
  const builds = buildsQuery()
  const inventory = inventoryQuery()
  const box = $derived<Box>(outing.box ?? {})
  const spare = $derived(
    (builds.data ?? []).filter((one) => !(box.lures ?? []).some((lure) => isSame(lure, one.build))),
  )
  const PARTS = ['trailers', 'blades'] as const
  const owned = (list: (typeof PARTS)[number]) =>
    (inventory.data?.parts ?? []).filter(
      (part) => `${part.kind}s` === list && !(box[list] ?? []).some((one) => one.id === part.id),
    )

  const change = (part: Box) => onset(box, { ...box, ...part })
  const drop = (list: 'lures' | 'trailers' | 'blades', i: number) =>
    change({ [list]: (box[list] ?? []).filter((_, k) => k !== i) })
  const put = (list: 'lures' | 'trailers' | 'blades', one: Composition | InventoryPart | undefined) =>
    one && change({ [list]: [...(box[list] ?? []), one] } as Box)
</script>

{#snippet row(words: string, list: 'lures' | 'trailers' | 'blades', i: number)}
  <li class="border-rule flex items-center justify-between gap-2 border-t py-1 text-sm">
    <span class="min-w-0">{words}</span>
    <Button label="Take out: {words}" onclick={() => drop(list, i)}>Take out</Button>
  </li>
{/snippet}

<section aria-label="The box" class="flex flex-col gap-3">
  <ul>
    {#each box.lures ?? [] as lure, i (i)}{@render row(lureWords(lure, box.lures), 'lures', i)}{/each}
    {#each PARTS as list (list)}
      {#each box[list] ?? [] as part, i (i)}{@render row(part.name, list, i)}{/each}
    {/each}
  </ul>
  {#if spare.length > 0}
    <label class="text-[0.8125rem] font-bold"
      >Put in a saved build
      <select
        class="select w-full"
        value=""
        onchange={(event) => put('lures', spare.find((one) => one.id === event.currentTarget.value)?.build)}
      >
        <option value="">Choose one</option>
        {#each spare as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
      </select></label
    >
  {/if}
  {#each PARTS as list (list)}
    {#if owned(list).length > 0}
      <label class="text-[0.8125rem] font-bold"
        >{list === 'trailers' ? 'Put in a trailer' : 'Put in a blade'}
        <select
          class="select w-full"
          value=""
          onchange={(event) =>
            put(
              list,
              owned(list).find((one) => one.id === event.currentTarget.value),
            )}
        >
          <option value="">Choose one</option>
          {#each owned(list) as part (part.id)}<option value={part.id}>{part.name}</option>{/each}
        </select></label
      >
    {/if}
  {/each}
</section>
