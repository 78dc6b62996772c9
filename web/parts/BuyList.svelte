<script lang="ts">
  import type { InventoryPart } from '../words/documents'
  import { parts as writes } from '../data/parts'
  import { money } from '../data/money'
  import { settings } from '../data/settings.svelte'
  import BuildRow from '../ui/BuildRow.svelte'
  import Button from '../ui/Button.svelte'
  import { count } from '../words/numbers'
  import { PART_KIND_LABELS } from '../words/vocabulary'
  import { capital } from '../words/words'
  import { asOwned } from './notOwned'
  import { measureWords } from '../words/part'
  import DrawnPart from './DrawnPart.svelte'

  /** Parts to buy; what has been bought goes into the parts owned. */
  interface Props {
    items: readonly { part: InventoryPart; note?: string }[]
    /** What to do with parts that are owned now, in the order of the list. */
    /** Whether they belong together; otherwise each stands alone. */
    isSet?: boolean
    onowned?: (owned: InventoryPart[], items: readonly InventoryPart[]) => void
  }
  let { items, isSet = true, onowned }: Props = $props()
  const sum = $derived(items.reduce((total, { part }) => total + (part.cost ?? 0), 0))
  const unpriced = $derived(items.filter(({ part }) => part.cost == null).length)

  const own = (bought: readonly InventoryPart[]) =>
    writes.add(
      bought.map(asOwned),
      `${bought.length === 1 ? capital(bought[0]?.name ?? '') : count(bought.length, 'part')} added to your parts.`,
      { then: (added) => onowned?.(added, bought) },
    )
</script>

<ol>
  {#each items as { part, note }, i (i)}
    <BuildRow>
      {#snippet end()}
        {#if part.cost != null}<span>{money(part.cost)}</span>{/if}
        <Button label="I have it now: {capital(part.name)}" onclick={() => own([part])}>I have it now</Button>
      {/snippet}
      <span class="flex items-center gap-2">
        <span class="bg-proof block h-10 w-16 shrink-0 p-0.5 text-[#1a1a1a]"><DrawnPart {part} /></span>
        <span>
          <span class="font-semibold">{capital(part.name)}</span><br />
          <span class="text-faint text-xs"
            >{capital(PART_KIND_LABELS[part.kind])}{measureWords(part, settings.metric) !== ''
              ? `, ${measureWords(part, settings.metric)}`
              : ''}{note ? `; ${note}` : ''}</span
          >
        </span>
      </span>
    </BuildRow>
  {/each}
</ol>
{#if isSet && items.length > 1}
  <div class="flex flex-wrap items-center justify-between gap-2 pt-2">
    <p class="text-sm">
      {count(items.length, 'part')} to buy{sum > 0 ? `, ${money(sum)}` : ''}{unpriced > 0 && sum > 0
        ? ` without the price of ${count(unpriced, 'part')}`
        : ''}
    </p>
    <Button onclick={() => own(items.map(({ part }) => part))}>I have all of them now</Button>
  </div>
{/if}
