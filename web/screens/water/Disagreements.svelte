<script lang="ts">
  import type { Advice, Reading } from '../../words/documents'
  import Button from '../../ui/Button.svelte'
  import Thumbnail from '../../lure/Thumbnail.svelte'
  import { inTheHand } from '../../lure/paint'
  import { currentReading } from '../../data/currentReading.svelte'
  import { settings } from '../../data/settings.svelte'
  import { valuesWords } from '../../words/adviceParts'
  import { questionLabel, schoolName } from '../../words/schoolQuestions'
  import type { Pick } from '../../words/vocabulary'

  interface Props {
    disagreements: Advice['disagreements']
  }
  let { disagreements }: Props = $props()

  /** What another school takes first: the values of its most telling pick, or that it leaves the part out. */
  const takes = (other: Advice['disagreements'][number]['others'][number]) => {
    const [pick, values] = Object.entries(other.picks)[0] ?? []
    return pick && values ? valuesWords(pick as Pick, values, settings.metric) : 'none'
  }

  function tryIt(question: string, school: string) {
    currentReading.change({ schools: { ...currentReading.reading.schools, [question]: school } as Reading['schools'] })
  }
</script>

{#if disagreements.length > 0}
  <ul>
    {#each disagreements as disagreement (disagreement.question)}
      <li class="border-rule border-b py-2 text-sm">
        <p>
          <span class="font-semibold">{questionLabel(disagreement.question)}.</span>
          <span class="text-faint"
            >Your approach: {schoolName(disagreement.question, disagreement.chosen).toLowerCase()}.</span
          >
        </p>
        <ul class="mt-1 flex flex-col gap-1">
          {#each disagreement.others as other (other.school)}
            <li class="flex flex-wrap items-start justify-between gap-3">
              <div class="bg-proof h-16 w-28 shrink-0 p-1 text-[#1a1a1a]">
                <Thumbnail build={other.build} paint={inTheHand(other.build)} />
              </div>
              <p class="min-w-44 flex-1 leading-snug">
                <span class="font-semibold">{schoolName(disagreement.question, other.school)}</span>: {takes(other)}.
                <span class="text-faint">{other.because}</span>
              </p>
              <Button
                label="Try it: {schoolName(disagreement.question, other.school)}"
                onclick={() => tryIt(disagreement.question, other.school)}>Try it</Button
              >
            </li>
          {/each}
        </ul>
      </li>
    {/each}
  </ul>
{/if}
