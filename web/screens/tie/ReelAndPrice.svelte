<script lang="ts">
  import Field from '../../ui/Field.svelte'
  import { settings } from '../../data/settings.svelte'
  import { unitsOf, type Unit } from '../../words/quantity'

  /** What the sheet computes with that is neither a part nor in the reading. */
  type Field = 'gear_ratio' | 'spool_in' | 'bought_price'
  interface Asked {
    field: Field
    label: string
    step: number
    unit?: Unit
  }
  const length = $derived(unitsOf(settings.metric).part)
  const fields = $derived<Asked[]>([
    { field: 'gear_ratio', label: 'Gear ratio, to 1', step: 0.1 },
    { field: 'spool_in', label: `Spool diameter, ${length.unit}`, step: settings.metric ? 1 : 0.05, unit: length },
    { field: 'bought_price', label: 'Price if bought', step: 0.01 },
  ])

  const shown = (stored: number | null | undefined, unit?: Unit) =>
    stored == null ? '' : (unit?.toShown(stored) ?? stored)
  const change = (field: Field, value: number, unit?: Unit) =>
    settings.change({ [field]: Number.isNaN(value) ? null : (unit?.fromShown(value) ?? value) })
</script>

<div class="flex flex-wrap gap-3 print:hidden">
  {#each fields as { field, label, step, unit } (field)}
    <Field {label}
      >{#snippet children(tied)}<input
          class="input w-32"
          type="number"
          min="0"
          {step}
          value={shown(settings.value?.[field], unit)}
          onchange={(event) => change(field, event.currentTarget.valueAsNumber, unit)}
          {...tied}
        />{/snippet}</Field
    >
  {/each}
</div>
