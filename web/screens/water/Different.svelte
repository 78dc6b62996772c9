<script lang="ts">
  import type { Here, SomethingDifferent } from '../../words/documents'
  import type { Question } from '../../data/question.svelte'
  import Thumbnail from '../../lure/Thumbnail.svelte'
  import { inTheHand } from '../../lure/paint'
  import Answer from '../../ui/Answer.svelte'
  import { schoolName } from '../../words/schoolQuestions'
  import Changes from './Changes.svelte'

  /** For water that is fished hard: what is good here too, and that the log does not know from this water. */
  let { question: different }: { question: Question<Here, SomethingDifferent> } = $props()
  const known = (lures: number) =>
    lures === 0
      ? 'Your log has no lure from this water yet.'
      : `Your log has ${lures} ${lures === 1 ? 'lure' : 'different lures'} from this water; this is none of them.`
</script>

<Answer question={different} waiting="Looking through the log…">
  {#snippet children({ build, changes, question, school, fished })}
    {#if build}
      <div class="flex flex-wrap gap-3 text-sm">
        <div class="bg-proof h-20 w-36 shrink-0 p-1 text-[#1a1a1a]">
          <Thumbnail {build} paint={inTheHand(build)} />
        </div>
        <div class="min-w-56 flex-1">
          {#if question && school}
            <p class="pb-1">Tied by whoever says “{schoolName(question, school)}”.</p>
          {/if}
          <Changes {changes} />
          <p class="text-faint">{known(fished)}</p>
        </div>
      </div>
    {:else}
      <p class="text-sm">
        {fished > 0
          ? `What is good here has been fished in this water already: your log has ${fished} different lures from it.`
          : 'Nothing else is nearly as good in this water.'} A build of your own is something they have not seen.
      </p>
    {/if}
  {/snippet}
</Answer>
