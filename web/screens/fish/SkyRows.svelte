<script lang="ts">
  import X from '@lucide/svelte/icons/x'
  import type { Snippet } from 'svelte'
  import type { SkyChance } from '../../words/documents'
  import Button from '../../ui/Button.svelte'
  import TimeField from '../../ui/TimeField.svelte'
  import { SKYS, type Sky } from '../../words/vocabulary'
  import { round } from '../../words/round'
  import { capital, show } from '../../words/words'

  /** What the sky may do, by the hour, each with its chance. */
  interface Props {
    sky: readonly SkyChance[]
    fault?: string
    onset: (sky: SkyChance[]) => void
    action: Snippet
  }
  let { sky, fault = '', onset, action }: Props = $props()
  /** How low the sun stands follows from the time of day. */
  const OVERHEAD = SKYS.filter((word) => word !== 'low_sun' && word !== 'night')
  const change = (index: number, part: Partial<SkyChance>) =>
    onset(sky.map((row, i) => (i === index ? { ...row, ...part } : row)))
  const last = $derived(sky.at(-1))
</script>

<fieldset class="min-w-0">
  <legend class="mb-1.5 text-[0.8125rem] font-bold">Sky, as it may turn out</legend>
  <ul>
    {#each sky as row, i (i)}
      <li class="border-rule flex flex-wrap items-center gap-2 border-t py-1 text-sm">
        <TimeField
          class="w-22 px-2"
          aria-label="Sky {i + 1}, from"
          value={row.from}
          onset={(from) => change(i, { from })}
        />
        to
        <TimeField
          class="w-22 px-2"
          aria-label="Sky {i + 1}, to"
          value={row.to}
          isEnd
          onset={(to) => change(i, { to })}
        />
        <select
          class="select w-36 flex-1"
          aria-label="Sky {i + 1}"
          value={row.sky}
          onchange={(event) => change(i, { sky: event.currentTarget.value as Sky })}
        >
          {#each OVERHEAD as word (word)}<option value={word}>{capital(show(word))}</option>{/each}
        </select>
        <span class="flex items-center gap-1">
          <input
            class="input w-18 px-2 text-right"
            inputmode="decimal"
            aria-label="Sky {i + 1}, chance, %"
            value={round(100 * row.chance, 1)}
            onchange={(event) => change(i, { chance: (Number(event.currentTarget.value) || 0) / 100 })}
          />%
        </span>
        <Button look="plain" label="Remove sky {i + 1}" onclick={() => onset(sky.filter((_, at) => at !== i))}
          ><X size={16} aria-hidden="true" /></Button
        >
      </li>
    {/each}
  </ul>
  {#if fault}<p class="text-error text-sm" role="alert">{fault}</p>{/if}
  <div class="flex flex-wrap items-center gap-2 pt-2">
    <Button
      onclick={() =>
        onset([...sky, { from: last?.from ?? '0:00', to: last?.to ?? '24:00', sky: 'overcast', chance: 0.2 }])}
      >Add a sky</Button
    >
    {@render action()}
    <span class="text-faint flex-1 text-xs">The chances at any time add up to 100 %.</span>
  </div>
</fieldset>
