<script lang="ts">
  import type { Composition, SavedTrial, Stint } from '../../words/documents'
  import { trialsQuery } from '../../data/trials'
  import Button from '../../ui/Button.svelte'
  import Stored from '../../ui/Stored.svelte'
  import { lureWords } from '../../words/lureWords'

  /** The blocks of a fair trial: which lure is next, and a timer that says when to change. */
  interface Props {
    on: Stint | undefined
    now: Date
    onstart: (build: Composition, trial: { trial_id: string; block: number }) => unknown
  }
  let { on, now, onstart }: Props = $props()
  const trials = trialsQuery()
  const running = $derived((trials.data ?? []).filter((one) => one.standing?.outcome === 'goes_on'))

  const left = (trial: SavedTrial) =>
    on && on.trial?.trial_id === trial.id
      ? Math.ceil(trial.trial.block_min - (now.getTime() - new Date(on.started_at).getTime()) / 60_000)
      : null
  /** The block after the one that is on, or the next one of the record. */
  const next = (trial: SavedTrial) => {
    const block = on?.trial?.trial_id === trial.id ? (on?.trial?.block ?? 0) + 1 : (trial.standing?.next_block ?? 0)
    const first = trial.trial.first_is_a?.[Math.floor(block / 2)]
    return first === undefined ? null : { block, isA: first === (block % 2 === 0) }
  }
</script>

<section aria-label="Fair trial">
  <Stored query={trials} waiting="Loading trials…">
    {#each running as trial (trial.id)}
      {@const minutes = left(trial)}
      {@const block = next(trial)}
      <div class="border-rule border-t py-2 text-sm">
        <p class="font-semibold">{trial.name}</p>
        <p>{trial.standing?.words}</p>
        {#if minutes !== null}
          <p class="py-1 text-lg font-extrabold" role="timer">
            {minutes > 0 ? `${minutes} min left with this lure` : 'Time is up: change now'}
          </p>
        {/if}
        {#if block}
          {@const build = block.isA ? trial.trial.a : trial.trial.b}
          <Button
            look={minutes === null || minutes <= 0 ? 'primary' : 'outline'}
            class="h-auto min-h-11 w-full py-2"
            onclick={() => onstart(build, { trial_id: trial.id ?? '', block: block.block })}
            >Start block {block.block + 1} with {block.isA ? 'A' : 'B'}: {lureWords(build, [
              trial.trial.a,
              trial.trial.b,
            ])}</Button
          >
        {/if}
      </div>
    {:else}
      <p class="text-sm">
        No trial is running. <a class="underline" href="#/learned/trials">Draw one under Learned</a>.
      </p>
    {/each}
  </Stored>
</section>
