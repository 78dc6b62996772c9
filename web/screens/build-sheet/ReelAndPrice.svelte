<script lang="ts">
  import { notices } from '../../stores/notices.svelte'
  import { settings } from '../../stores/settings.svelte'

  /** What the sheet reckons with that is neither in the bin nor in the reading. */
  type Field = 'gear_ratio' | 'spool_in' | 'bought_price'
  const FIELDS: { field: Field; label: string; step: number }[] = [
    { field: 'gear_ratio', label: 'Gear ratio, turns to one', step: 0.1 },
    { field: 'spool_in', label: 'Line on the spool, in across', step: 0.05 },
    { field: 'bought_price', label: 'Price of a bought one', step: 0.01 },
  ]

  async function change(field: Field, value: number) {
    try {
      await settings.change({ [field]: Number.isNaN(value) ? null : value })
    } catch (error) {
      notices.problem(error)
    }
  }
</script>

<div class="flex flex-wrap gap-3 print:hidden">
  {#each FIELDS as { field, label, step } (field)}
    <label class="flex flex-col gap-1 text-[0.8125rem]">
      <span class="font-bold">{label}</span>
      <input
        class="input border-rule h-11 w-32"
        type="number"
        min="0"
        {step}
        value={settings.value?.[field] ?? ''}
        onchange={(event) => change(field, event.currentTarget.valueAsNumber)}
      />
    </label>
  {/each}
</div>
