<script lang="ts">
  import type { Advice, Palette, Reading } from '../../api/client'
  import Lure from '../../lure/Lure.svelte'
  import { inTheHand } from '../../lure/paint'
  import { desk } from '../../stores/currentReading.svelte'
  import { show } from '../../words/words'
  import { schoolName } from '../../words/schoolQuestions'

  interface Props {
    disagreements: Advice['disagreements']
    palette: Palette
  }
  let { disagreements, palette }: Props = $props()

  const QUESTIONS: Record<string, string> = {
    pairing: 'How skirt and trailer go together',
    finish: 'What decides the blade’s finish',
    dirty: 'The base colour for dirty water',
    shad_start: 'The first lure among shad',
    red_spring: 'Red-orange in spring',
    wood: 'A bladed jig in wood',
  }

  function tryIt(question: string, school: string) {
    desk.change({ schools: { ...desk.reading.schools, [question]: school } as Reading['schools'] })
  }
</script>

{#if disagreements.length > 0}
  <section aria-labelledby="schools">
    <h2 id="schools" class="border-base-content border-b pb-1">Where the schools part today</h2>
    <ul>
      {#each disagreements as disagreement (disagreement.question)}
        <li class="border-rule border-b py-2 text-sm">
          <p>
            <span class="font-semibold">{QUESTIONS[disagreement.question] ?? disagreement.question}.</span>
            <span class="text-faint"
              >You hold: {schoolName(disagreement.question, disagreement.chosen).toLowerCase()}.</span
            >
          </p>
          <ul class="mt-1 flex flex-col gap-1">
            {#each disagreement.others as other (other.school)}
              <li class="flex items-start justify-between gap-3">
                <div class="bg-proof h-16 w-28 shrink-0 p-1 text-[#1a1a1a]">
                  <Lure
                    build={other.build}
                    paint={inTheHand(other.build, palette)}
                    span={5.2}
                    ruler={false}
                    class="h-full w-full"
                  />
                </div>
                <p class="flex-1 leading-snug">
                  <span class="font-semibold">{schoolName(disagreement.question, other.school)}</span> would take {other.value
                    .split(' + ')
                    .map(show)
                    .join(' and ')}.
                  <span class="text-faint">{other.because}</span>
                </p>
                <button
                  class="btn btn-outline border-rule h-11 shrink-0 px-3 text-xs"
                  aria-label="Try it: {schoolName(disagreement.question, other.school)}"
                  onclick={() => tryIt(disagreement.question, other.school)}>Try it</button
                >
              </li>
            {/each}
          </ul>
        </li>
      {/each}
    </ul>
  </section>
{/if}
