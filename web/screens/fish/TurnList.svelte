<script lang="ts">
  import type { TripTurn } from '../../words/documents'
  import { settings } from '../../data/settings.svelte'
  import Facts from '../../ui/Facts.svelte'
  import { fullPickWords, valuesWords } from '../../words/adviceParts'
  import { timeWords } from '../../words/clock'
  import { capital } from '../../words/words'
  import { grouped } from './grouped'

  /** Every moment at which picks change, and why. */
  interface Props {
    turns: readonly TripTurn[]
    onpick?: (at: string) => void
  }
  let { turns, onpick }: Props = $props()
  const words = (turn: TripTurn, values: TripTurn['before']) => valuesWords(turn.pick, values, settings.metric)
</script>

{#if turns.length === 0}<p class="text-sm">Nothing changes for this lure all day.</p>{/if}
<ol class="flex flex-col">
  {#each grouped(turns) as group (group.key)}
    <li class="border-rule border-t py-2 text-sm leading-snug first:border-0">
      <p>
        {#if onpick}<button class="min-h-11 pr-1 font-extrabold underline" onclick={() => onpick(group.at)}
            >{timeWords(group.at)}</button
          >{:else}<span class="font-extrabold">{timeWords(group.at)}</span>{/if}
        <span class="font-semibold">{group.why}{group.skyWords}</span>
      </p>
      <ul class="flex flex-col gap-0.5">
        {#each group.turns as turn, i (i)}
          <li>
            {capital(fullPickWords(turn.pick))}: {words(turn, turn.before)} →
            <span class="font-semibold">{words(turn, turn.after)}</span>.
            {#if onpick}<span class="text-faint">{turn.because}</span> <Facts ids={turn.facts} />{/if}
          </li>
        {/each}
      </ul>
    </li>
  {/each}
</ol>
