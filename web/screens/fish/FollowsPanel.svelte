<script lang="ts">
  import type { DrawnBuild, Outing } from '../../words/documents'
  import { adviceFor } from '../../data/advice'
  import { settings } from '../../data/settings.svelte'
  import Answer from '../../ui/Answer.svelte'
  import Button from '../../ui/Button.svelte'
  import Facts from '../../ui/Facts.svelte'
  import type { Change } from './box'
  import Assumed from './Assumed.svelte'
  import type { Filled } from './seen'
  import { changeOf, stepsLeft, stepWords } from './noted'

  /** They follow and won't bite: the next single change of the advice, in its order. */
  interface Props {
    outing: Outing
    asked: Filled
    /** The lure that is on, in words. */
    on: DrawnBuild['build']
    onmake: (change: Change, step: string) => void
  }
  let { outing, asked, on, onmake }: Props = $props()
  const advice = adviceFor(() => asked.reading)
</script>

<section aria-label="They follow but won’t bite" class="border-base-content border-2 p-3 text-sm">
  <Answer question={advice} waiting="Looking for the next change…">
    {#snippet children(given)}
      <Assumed {asked} />
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
