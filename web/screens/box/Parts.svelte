<script lang="ts">
  import { MediaQuery } from 'svelte/reactivity'
  import Field from '../../ui/Field.svelte'
  import Button from '../../ui/Button.svelte'
  import type { InventoryPart } from '../../words/documents'
  import Trouble from '../../ui/Trouble.svelte'
  import { blank, isLow, KINDS, PLURALS, searchText, type Kind } from '../../words/part'
  import { paramsOf } from '../../data/address.svelte'
  import { inventoryQuery, parts as writes } from '../../data/parts'
  import type { Fault } from '../../data/write.svelte'
  import { money } from '../../data/money'
  import { notices } from '../../data/notices.svelte'
  import { count, number } from '../../words/numbers'
  import { inHand, openPart } from './inHand'
  import BulkBar from './BulkBar.svelte'
  import LinesPanel from './LinesPanel.svelte'
  import MixedBoxes from './MixedBoxes.svelte'
  import StarterSets from './StarterSets.svelte'
  import ImportPanel from './ImportPanel.svelte'
  import PartEditor from './PartEditor.svelte'
  import PartRow from './PartRow.svelte'
  import VirtualRows from './VirtualRows.svelte'

  const bin = inventoryQuery()
  const isNarrow = new MediaQuery('(max-width: 39.99rem)')
  let sought = $state('')
  /** “All blades” of a shelf leads here. */
  const named = paramsOf(location.hash).get('kind')
  let kind = $state<Kind | ''>(KINDS.find((one) => one === named) ?? '')
  let box = $state('')
  let lowOnly = $state(false)
  let taking = $state(false)
  let isListing = $state(false)
  let isStarting = $state(false)
  let faults = $state.raw<Record<string, string>>({})
  let chosen = $state.raw<readonly string[]>([])

  const draft = $derived(inHand.value)
  const parts = $derived(KINDS.flatMap((one) => (bin.data?.parts ?? []).filter((part) => part.kind === one)))
  const texts = $derived(new Map(parts.map((part) => [part.id, searchText(part)])))
  const boxes = $derived([...new Set(parts.map((part) => part.box ?? '').filter(Boolean))].sort())
  const words = $derived(sought.toLowerCase().split(/\s+/).filter(Boolean))
  const shown = $derived(
    parts.filter(
      (part) =>
        (kind === '' || part.kind === kind) &&
        (box === '' || part.box === box) &&
        (!lowOnly || isLow(part)) &&
        words.every((word) => texts.get(part.id)?.includes(word)),
    ),
  )
  const isEmpty = $derived(bin.data?.parts.length === 0)
  const low = $derived(parts.filter(isLow).length)
  const worth = $derived(parts.reduce((sum, part) => sum + (part.cost ?? 0) * (part.count ?? 0), 0))
  const picked = $derived(parts.filter((part) => chosen.includes(part.id ?? '')))

  /** Beside each field of the part in hand. */
  const atFields = (all: readonly Fault[]) => (faults = Object.fromEntries(all.map((one) => [one.within, one.message])))

  function save() {
    const { edit } = inHand
    if (!edit) return
    const { base, mine } = edit
    if (!base)
      return writes.add([mine], `${mine.name} added.`, {
        then: () => inHand.open({ ...mine, name: '' }),
        faults: atFields,
      })
    return writes.change([base.value], [mine], `${mine.name} changed.`, {
      then: () => inHand.close(),
      faults: atFields,
    })
  }

  const another = (part: InventoryPart, change: Partial<InventoryPart>) =>
    inHand.open({ ...part, id: undefined, version: undefined, ...change })
  const duplicate = (part: InventoryPart) => another(part, { name: `${part.name}, another` })

  function variant(part: InventoryPart) {
    another(part, {
      parent_id: part.id,
      count: 1,
      ...(part.kind === 'blade' && part.metal
        ? { darkened: true, name: `${part.name}, darkened with marker` }
        : { name: `${part.name}, painted`, accents: [...(part.accents ?? []), 'black'].slice(0, 3) }),
    })
  }

  function recount(part: InventoryPart, by: number) {
    const count = Math.max(0, (part.count ?? 0) + by)
    return writes.change([part], [{ ...part, count }], `${part.name}: ${count}.`, {
      // The part in hand goes on from what is stored now.
      then: ([now]) => {
        if (draft && now && draft.id === now.id)
          inHand.open({ ...draft, count: now.count }, { value: now, version: null })
      },
    })
  }

  function choose(id: string, on: boolean) {
    chosen = on ? [...chosen, id] : chosen.filter((other) => other !== id)
  }

  const setAll = (change: Partial<InventoryPart>, what: string) =>
    writes.change(
      picked,
      picked.map((part) => ({ ...part, ...change })),
      what,
      {
        then: () => (chosen = []),
        // With no part open there is no place beside a field to say what is wrong.
        faults: (all) => {
          if (draft) atFields(all)
          else for (const message of new Set(all.map((one) => one.message))) notices.problem(new Error(message))
        },
      },
    )
</script>

<div class="flex flex-col gap-4">
  <header class="flex flex-wrap items-end justify-between gap-3">
    <div>
      <h1>Parts</h1>
      <!-- One line from the start: what is in reach of a finger does not move when the parts arrive. -->
      <p class="min-h-5 text-sm">
        {#if parts.length > 0}
          {count(parts.length, 'kind of part', 'kinds of part')}, {count(
            parts.reduce((sum, part) => sum + (part.count ?? 0), 0),
            'piece',
          )}, worth {money(worth)}{low > 0 ? `; ${low} low` : ''}
        {:else if isEmpty}No parts yet{/if}
      </p>
    </div>
    <div class="flex flex-wrap gap-2">
      <Button look="primary" onclick={() => inHand.open(blank(kind || 'trailer'))}>Add a part</Button>
      <Button onclick={() => (isListing = !isListing)}>Add from text</Button>
      <Button disabled={isEmpty} onclick={() => (isStarting = !isStarting)}>Starter sets</Button>
      <Button onclick={() => (taking = !taking)}>Import</Button>
      <Button href="/api/parts.csv" download="">CSV</Button>
      <Button href="/api/parts.json" download="">JSON</Button>
      <Button href="/api/parts.gpl" download="">Palette</Button>
    </div>
  </header>
  {#if bin.error}<Trouble error={bin.error} onretry={() => void bin.refetch()} />{/if}
  {#if taking}<ImportPanel onclose={() => (taking = false)} />{/if}
  {#if isListing}<LinesPanel onclose={() => (isListing = false)} />{/if}
  {#if isStarting && !isEmpty}<StarterSets />{/if}
  {#if draft}
    {@const current = draft}
    <PartEditor
      part={current}
      {faults}
      extra={bin.data?.swatches ?? []}
      onset={(change) => inHand.set(change)}
      onsave={save}
      onclose={() => (inHand.close(), (faults = {}))}
      onvariant={current.id ? () => variant(current) : undefined}
    />
  {/if}
  <MixedBoxes boxes={bin.data?.mixed_boxes ?? []} />
  {#if !isEmpty}
    <div class="flex flex-wrap items-end gap-3">
      <Field label="Search" class="min-w-48 flex-1"
        >{#snippet children(tied)}<input
            class="input w-full"
            type="search"
            placeholder="black craw, #4 gold, grubs …"
            bind:value={sought}
            {...tied}
          />{/snippet}</Field
      >
      <Field label="Type"
        >{#snippet children(tied)}<select class="select w-40" bind:value={kind} {...tied}>
            <option value="">All types</option>
            {#each KINDS as one (one)}<option value={one}>{PLURALS[one]}</option>{/each}
          </select>{/snippet}</Field
      >
      <Field label="Box"
        >{#snippet children(tied)}<select class="select w-36" bind:value={box} {...tied}>
            <option value="">All boxes</option>
            {#each boxes as one (one)}<option value={one}>{one}</option>{/each}
          </select>{/snippet}</Field
      >
      <label class="flex h-11 items-center gap-2 text-[0.8125rem] font-bold">
        <input class="checkbox" type="checkbox" bind:checked={lowOnly} /> Low only
      </label>
    </div>
  {/if}
  {#if picked.length > 0}
    <BulkBar
      count={picked.length}
      onset={setAll}
      onremove={() => (void writes.remove(picked, `${picked.length} deleted.`), (chosen = []))}
      onclear={() => (chosen = [])}
    />
  {/if}
  {#if bin.data}
    {#if isEmpty}
      <p class="max-w-prose">
        You have no parts yet. Start with a set of common ones and change it to what you own, or write what you have
        with “Add from text”. The advice and the bench work without any.
      </p>
      <StarterSets />
    {:else if shown.length === 0}
      <p class="py-4 text-sm">No part matches. Remove a word or a filter.</p>
    {:else}
      <p class="text-sm" role="status">{number(shown.length)} shown</p>
      <VirtualRows
        rows={shown}
        height={isNarrow.current ? 112 : 56}
        label="Parts"
        class="border-base-content h-[60vh] border-t"
      >
        {#snippet row(part)}
          <PartRow
            {part}
            isChosen={chosen.includes(part.id ?? '')}
            onchoose={(on) => choose(part.id ?? '', on)}
            onopen={() => openPart(part)}
            oncount={(by) => recount(part, by)}
            oncopy={() => duplicate(part)}
            ondelete={() => writes.remove([part], `${part.name} deleted.`)}
          />
        {/snippet}
      </VirtualRows>
    {/if}
  {:else if !bin.error}
    <p role="status">Loading your parts…</p>
  {/if}
</div>
