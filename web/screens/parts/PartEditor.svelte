<script lang="ts">
  import Field from '../../ui/Field.svelte'
  import Button from '../../ui/Button.svelte'
  import type { OwnedPart } from '../../api/client'
  import { blank, KINDS, type Kind } from '../../parts/part'
  import { capital } from '../../words/words'
  import PartFields from '../../parts/PartFields.svelte'
  import ColourReaders from './ColourReaders.svelte'

  /** One part in hand: new, or changed. Enter puts it in and stays, so that the next one is this one with something changed. */
  interface Props {
    part: OwnedPart
    faults: Record<string, string>
    extra: readonly { name: string; hex: string }[]
    onset: (change: Partial<OwnedPart>) => void
    onsave: () => void
    onclose: () => void
    onvariant?: () => void
  }
  let { part, faults, extra, onset, onsave, onclose, onvariant }: Props = $props()
  const id = $props.id()
  const isNew = $derived(!part.id)
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
          class="select border-edge h-11 w-32"
          value={part.kind}
          onchange={(event) => toKind(event.currentTarget.value as Kind)}
          {...tied}
        >
          {#each KINDS as kind (kind)}<option value={kind}>{kind === 'hook' ? 'Trailer hook' : capital(kind)}</option
            >{/each}
        </select>{/snippet}</Field
    >
    <label class="flex min-w-48 flex-1 flex-col gap-1 text-[0.8125rem]">
      <span class="font-bold">Name</span>
      <!-- svelte-ignore a11y_autofocus -->
      <input
        class="input border-edge h-11 w-full"
        value={part.name}
        autofocus
        aria-invalid={faults.name ? 'true' : undefined}
        aria-describedby="{id}-faults"
        oninput={(event) => onset({ name: event.currentTarget.value })}
      />
    </label>
    <PartFields {part} {extra} {onset} />
  </div>
  <div class="flex flex-wrap items-end gap-3">
    <Field label="Count"
      >{#snippet children(tied)}<input
          class="input border-edge h-11 w-20"
          type="number"
          min="0"
          value={part.count}
          oninput={(event) => onset({ count: number(event.currentTarget.valueAsNumber) ?? 0 })}
          {...tied}
        />{/snippet}</Field
    >
    <Field label="Low at"
      >{#snippet children(tied)}<input
          class="input border-edge h-11 w-20"
          type="number"
          min="0"
          value={part.low_at ?? ''}
          oninput={(event) => onset({ low_at: number(event.currentTarget.valueAsNumber) })}
          {...tied}
        />{/snippet}</Field
    >
    <Field label="Cost of one"
      >{#snippet children(tied)}<input
          class="input border-edge h-11 w-24"
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
          class="input border-edge h-11 w-32"
          value={part.box ?? ''}
          oninput={(event) => onset({ box: event.currentTarget.value })}
          {...tied}
        />{/snippet}</Field
    >
    <Field label="Note" class="min-w-40 flex-1"
      >{#snippet children(tied)}<input
          class="input border-edge h-11 w-full"
          value={part.note ?? ''}
          oninput={(event) => onset({ note: event.currentTarget.value })}
          {...tied}
        />{/snippet}</Field
    >
    <Button look="primary" type="submit">{isNew ? 'Add part' : 'Save'}</Button>
    {#if onvariant}<Button onclick={onvariant}>Painted or marked variant</Button>{/if}
    <Button onclick={onclose}>Close</Button>
  </div>
  {#if coloured}
    <ColourReaders onread={(colour) => onset({ colour })} />
  {/if}
  <div id="{id}-faults" role="alert">
    {#each Object.entries(faults) as [field, message] (field)}<p class="text-error text-sm">{message}</p>{/each}
  </div>
</form>
