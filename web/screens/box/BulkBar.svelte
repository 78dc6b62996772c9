<script lang="ts">
  import Button from '../../ui/Button.svelte'
  import type { InventoryPart } from '../../words/documents'

  /** One change to many parts. */
  interface Props {
    count: number
    onset: (change: Partial<InventoryPart>, what: string) => void
    onremove: () => void
    onclear: () => void
  }
  let { count, onset, onremove, onclear }: Props = $props()
  let field = $state<'box' | 'count' | 'low_at' | 'cost' | 'note'>('box')
  let value = $state('')
  const WORDS = { box: 'Box', count: 'Count', low_at: 'Low stock at', cost: 'Cost of one', note: 'Note' } as const
  const isNumber = $derived(field === 'count' || field === 'low_at' || field === 'cost')

  function apply() {
    onset(
      { [field]: isNumber ? Number(value.replace(',', '.')) : value } as Partial<InventoryPart>,
      `${WORDS[field]} of ${count} set`,
    )
  }
</script>

<form
  class="bg-base-200 flex flex-wrap items-center gap-2 p-2 text-sm"
  aria-label="Change several"
  onsubmit={(event) => {
    event.preventDefault()
    apply()
  }}
>
  <span class="font-bold">{count} selected</span>
  <select class="select w-36" aria-label="Field" bind:value={field}>
    {#each Object.entries(WORDS) as [key, words] (key)}<option value={key}>{words}</option>{/each}
  </select>
  <input class="input w-36" aria-label="Value" inputmode={isNumber ? 'decimal' : 'text'} bind:value />
  <Button look="primary" type="submit">Set for all</Button>
  <Button onclick={onremove}>Delete</Button>
  <Button class="ml-auto" onclick={onclear}>Clear selection</Button>
</form>
