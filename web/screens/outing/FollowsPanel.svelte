<script lang="ts">
  import type { DrawnBuild, Outing, Reading, Stint } from '../../api/client'
  import { adviceFor } from '../../api/queries'
  import { settings } from '../../stores/settings.svelte'
  import PackedNote from '../../offline/PackedNote.svelte'
  import Answer from '../../ui/Answer.svelte'
  import Button from '../../ui/Button.svelte'
  import Facts from '../../ui/Facts.svelte'
  import { changeOf, stepsLeft, stepWords, type Change } from './noted'

  /** They follow and won't bite: the next single change of the advice, in its order. */
  interface Props {
    outing: Outing
    stint: Stint
    /** The lure that is on, in words. */
    on: DrawnBuild['build']
    onmake: (change: Change, step: string) => void
  }
  let { outing, stint, on, onmake }: Props = $props()
  const reading = $derived<Reading>({ ...stint.reading, lure: stint.build.lure })
  const advice = adviceFor(() => reading)
</script>

<section aria-label="They follow but won’t bite" class="border-base-content border-2 p-3 text-sm">
  <Answer question={advice} waiting="Looking for the next change…">
    {#snippet children(given)}
      <PackedNote {reading} />
      {@const step = stepsLeft(outing, on, given.next, settings.metric)[0]}
      {#if step}
        <p class="pb-2">
          They follow but won’t bite. Change one thing:
          <span class="font-semibold">{stepWords(step, settings.metric)}.</span>
          <Facts ids={step.facts} />
        </p>
        <Button look="primary" onclick={() => onmake(changeOf(step), stepWords(step, settings.metric))}
          >I make this change</Button
        >
      {:else}
        <p>They follow but won’t bite, and every change of the advice has been tried. Move, or rest them.</p>
      {/if}
    {/snippet}
  </Answer>
</section>
