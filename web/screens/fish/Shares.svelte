<script lang="ts" generics="T extends string">
  import X from '@lucide/svelte/icons/x'
  import Button from '../../ui/Button.svelte'
  import { round } from '../../words/round'
  import { capital, show } from '../../words/words'

  /** Some of several things, and how much of the day each is: relative to each other, so any numbers will do. */
  interface Share {
    word: T
    share: number
  }
  interface Props {
    label: string
    /** One of them, in the singular. */
    one: string
    options: readonly T[]
    shares: readonly Share[]
    /** What the one that is added next gets. */
    next?: number
    /** How an option is called. */
    called?: (option: T) => string
    onset: (shares: Share[]) => void
  }
  let { label, one, options, shares, next = 0.3, called = (option) => capital(show(option)), onset }: Props = $props()
  const free = $derived(options.find((option) => !shares.some((share) => share.word === option)))
  const sum = $derived(shares.reduce((all, share) => all + share.share, 0) || 1)
  const change = (index: number, part: Partial<Share>) =>
    onset(shares.map((share, i) => (i === index ? { ...share, ...part } : share)))
</script>

<fieldset class="min-w-0">
  <legend class="mb-1.5 text-[0.8125rem] font-bold">{label}</legend>
  <ul>
    {#each shares as share, i (i)}
      <li class="border-rule flex items-center gap-2 border-t py-1 text-sm">
        <select
          class="select min-w-0 flex-1 sm:max-w-60"
          aria-label="{capital(one)} {i + 1}"
          value={share.word}
          onchange={(event) => change(i, { word: event.currentTarget.value as T })}
        >
          {#each options as option (option)}<option value={option}>{called(option)}</option>{/each}
        </select>
        <input
          class="input w-18 px-2 text-right"
          inputmode="decimal"
          aria-label="{capital(one)} {i + 1}, parts"
          value={round(100 * share.share, 1)}
          onchange={(event) =>
            change(i, { share: Math.min(1, Math.max(0.01, (Number(event.currentTarget.value) || 1) / 100)) })}
        />
        <span class="w-14">{round((100 * share.share) / sum, 0)} %</span>
        {#if shares.length > 1}<Button
            look="plain"
            label="Remove {one} {i + 1}"
            onclick={() => onset(shares.filter((_, at) => at !== i))}><X size={16} aria-hidden="true" /></Button
          >{/if}
      </li>
    {/each}
  </ul>
  {#if free}
    {@const word = free}
    <Button class="mt-2" onclick={() => onset([...shares, { word, share: next }])}>Add {one}</Button>
  {/if}
</fieldset>
