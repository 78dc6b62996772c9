<script lang="ts">
  import X from '@lucide/svelte/icons/x'
  import type { TripRequest } from '../../api/client'
  import Button from '../../ui/Button.svelte'
  import { FORAGES, type Forage } from '../../words/vocabulary'
  import { round } from '../../words/round'
  import { capital, show } from '../../words/words'

  /** What the bass eat, and how much of each: often mixed, or not known yet. */
  type Share = NonNullable<TripRequest['forage']>[number]
  interface Props {
    forage: readonly Share[]
    onset: (forage: Share[]) => void
  }
  let { forage, onset }: Props = $props()
  const free = $derived(FORAGES.filter((word) => !forage.some((one) => one.forage === word)))
  const sum = $derived(forage.reduce((all, one) => all + one.share, 0) || 1)
  const change = (index: number, part: Partial<Share>) =>
    onset(forage.map((one, i) => (i === index ? { ...one, ...part } : one)))
</script>

<fieldset class="min-w-0">
  <legend class="mb-1.5 text-[0.8125rem] font-bold">Forage and its shares</legend>
  <ul>
    {#each forage as one, i (i)}
      <li class="border-rule flex items-center gap-2 border-t py-1 text-sm">
        <select
          class="select border-edge h-11 min-w-0 flex-1 sm:max-w-60"
          aria-label="Forage {i + 1}"
          value={one.forage}
          onchange={(event) => change(i, { forage: event.currentTarget.value as Forage })}
        >
          {#each FORAGES as word (word)}<option value={word}>{capital(show(word))}</option>{/each}
        </select>
        <input
          class="input border-edge h-11 w-18 px-2 text-right"
          inputmode="decimal"
          aria-label="Forage {i + 1}, parts"
          value={round(100 * one.share, 1)}
          onchange={(event) => change(i, { share: Math.max(0.01, (Number(event.currentTarget.value) || 1) / 100) })}
        />
        <span class="w-14">{round((100 * one.share) / sum, 0)} %</span>
        {#if forage.length > 1}<Button
            look="plain"
            label="Remove forage {i + 1}"
            onclick={() => onset(forage.filter((_, at) => at !== i))}><X size={16} aria-hidden="true" /></Button
          >{/if}
      </li>
    {/each}
  </ul>
  {#if free[0]}
    {@const next = free[0]}
    <Button class="mt-2" onclick={() => onset([...forage, { forage: next, share: 0.3 }])}>Add forage</Button>
  {/if}
</fieldset>
