<script lang="ts">
  import Field from '../../ui/Field.svelte'
  import Button from '../../ui/Button.svelte'
  import type { InventoryPart } from '../../words/documents'
  import { blank, fieldLabel, FIELDS, isShort, KINDS, type Kind } from '../../words/part'
  import { PART_KIND_LABELS } from '../../words/vocabulary'
  import { capital } from '../../words/words'
  import PartFields from '../../parts/PartFields.svelte'
  import ColourReaders from './ColourReaders.svelte'

  /** One part in hand: new, or changed. Enter puts it in and stays, so that the next one is this one with something changed. */
  interface Props {
    part: InventoryPart
    faults: Record<string, string>
    extra: readonly { name: string; hex: string }[]
    onset: (change: Partial<InventoryPart>) => void
    onsave: () => void
    onclose: () => void
    onvariant?: () => void
  }
  let { part, faults, extra, onset, onsave, onclose, onvariant }: Props = $props()
  const id = $props.id()
  const isNew = $derived(!part.id)
  // A part that is being changed shows all it has.
  // svelte-ignore state_referenced_locally
  let isUnfolded = $state(!isNew)
  $effect(() => {
    if (hasFaultBelow) isUnfolded = true
  })
  const hasFaultBelow = $derived(
    Object.keys(faults).some(
      (field) => !['name', 'count'].includes(field) && !isShort(field as keyof InventoryPart, part.kind),
    ),
  )
  const rest = $derived(
    FIELDS[part.kind]
      .filter((field) => !isShort(field, part.kind))
      .map((field) => `${fieldLabel(field).toLowerCase()}, `)
      .join(''),
  )
  const coloured = $derived(part.kind !== 'blade' ? part.colour != null : !part.metal)

  function toKind(kind: Kind) {
    const { name, count, box, cost, note, low_at } = part
    onset({ ...blank(kind), name, count, box, cost, note, low_at })
  }

  function number(value: number): number | null {
    return Number.isNaN(value) ? null : value
  }
</script>

<form
  class="border-base-content flex flex-col gap-3 border-2 p-3"
  aria-label={isNew ? 'New part' : `Change ${part.name}`}
  novalidate
  onsubmit={(event) => {
    event.preventDefault()
    onsave()
  }}
>
  <div class="flex flex-wrap items-end gap-3">
    <Field label="Type"
      >{#snippet children(tied)}<select
          class="select w-32"
          value={part.kind}
          onchange={(event) => toKind(event.currentTarget.value as Kind)}
          {...tied}
        >
          {#each KINDS as kind (kind)}<option value={kind}>{capital(PART_KIND_LABELS[kind])}</option>{/each}
        </select>{/snippet}</Field
    >
    <label class="flex min-w-48 flex-1 flex-col gap-1 text-[0.8125rem]">
      <span class="font-bold">Name</span>
      <!-- svelte-ignore a11y_autofocus -->
      <input
        class="input w-full"
        value={part.name}
        autofocus
        aria-invalid={faults.name ? 'true' : undefined}
        aria-describedby="{id}-faults"
        oninput={(event) => onset({ name: event.currentTarget.value })}
      />
    </label>
    <PartFields {part} {extra} {onset} which="short" />
    <Field label="Count"
      >{#snippet children(tied)}<input
          class="input w-20"
          type="number"
          min="0"
          value={part.count}
          oninput={(event) => onset({ count: number(event.currentTarget.valueAsNumber) ?? 0 })}
          {...tied}
        />{/snippet}</Field
    >
    <Button look="primary" type="submit">{isNew ? 'Add part' : 'Save'}</Button>
    <Button onclick={onclose}>Close</Button>
  </div>
  {#if coloured}
    <ColourReaders hasAccents={FIELDS[part.kind].includes('accents')} onread={onset} />
  {/if}
  <details class="border-rule border-t" bind:open={isUnfolded}>
    <summary class="flex min-h-11 cursor-pointer items-center gap-2 text-sm font-semibold"
      >More about this part <span class="text-faint truncate font-normal">{rest}cost, box, note</span></summary
    >
    <div class="flex flex-wrap items-end gap-3 py-2"><PartFields {part} {extra} {onset} which="rest" /></div>
    <div class="flex flex-wrap items-end gap-3">
      <Field label="Low stock at"
        >{#snippet children(tied)}<input
            class="input w-20"
            type="number"
            min="0"
            value={part.low_at ?? ''}
            oninput={(event) => onset({ low_at: number(event.currentTarget.valueAsNumber) })}
            {...tied}
          />{/snippet}</Field
      >
      <Field label="Cost of one"
        >{#snippet children(tied)}<input
            class="input w-24"
            type="number"
            min="0"
            step="0.01"
            value={part.cost ?? ''}
            oninput={(event) => onset({ cost: number(event.currentTarget.valueAsNumber) })}
            {...tied}
          />{/snippet}</Field
      >
      <Field label="Box"
        >{#snippet children(tied)}<input
            class="input w-32"
            value={part.box ?? ''}
            oninput={(event) => onset({ box: event.currentTarget.value })}
            {...tied}
          />{/snippet}</Field
      >
      <Field label="Note" class="min-w-40 flex-1"
        >{#snippet children(tied)}<input
            class="input w-full"
            value={part.note ?? ''}
            oninput={(event) => onset({ note: event.currentTarget.value })}
            {...tied}
          />{/snippet}</Field
      >
      {#if onvariant}<Button onclick={onvariant}>Add painted or darkened version</Button>{/if}
    </div>
  </details>
  <div id="{id}-faults" role="alert">
    {#each Object.entries(faults) as [field, message] (field)}<p class="text-error text-sm">{message}</p>{/each}
  </div>
</form>
