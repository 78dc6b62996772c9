<script lang="ts">
  import Field from '../../ui/Field.svelte'
  import { settings } from '../../stores/settings.svelte'

  /** What the sheet computes with that is neither a part nor in the reading. */
  type Field = 'gear_ratio' | 'spool_in' | 'bought_price'
  const FIELDS: { field: Field; label: string; step: number }[] = [
    { field: 'gear_ratio', label: 'Gear ratio, to 1', step: 0.1 },
    { field: 'spool_in', label: 'Spool diameter, in', step: 0.05 },
    { field: 'bought_price', label: 'Price if bought', step: 0.01 },
  ]

  const change = (field: Field, value: number) => settings.change({ [field]: Number.isNaN(value) ? null : value })
</script>

<div class="flex flex-wrap gap-3 print:hidden">
  {#each FIELDS as { field, label, step } (field)}
    <Field {label}
      >{#snippet children(tied)}<input
          class="input border-edge h-11 w-32"
          type="number"
          min="0"
          {step}
          value={settings.value?.[field] ?? ''}
          onchange={(event) => change(field, event.currentTarget.valueAsNumber)}
          {...tied}
        />{/snippet}</Field
    >
  {/each}
</div>
