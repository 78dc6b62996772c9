<script lang="ts">
  import type { Analysis, Settings } from '../../words/documents'
  import { settings } from '../../data/settings.svelte'
  import Toggle from '../../ui/Toggle.svelte'
  import { toggled } from '../../ui/toggled'
  import { number } from '../../words/numbers'
  import { questionLabel, schoolName } from '../../words/schoolQuestions'
  import { SCHOOL_QUESTIONS, type SchoolQuestion } from '../../words/vocabulary'
  import { round } from '../../words/round'
  import Interval from './Interval.svelte'

  /** Each question on which anglers disagree: how it went as each would have tied, and whether the log votes on it. */
  let { schools }: { schools: Analysis['schools'] } = $props()
  const SURE = 0.8
  const most = $derived(Math.max(1, ...schools.map((one) => one.high)))
  const isMet = (question: SchoolQuestion) => schools.some((one) => one.question === question && one.hours > 0)
  const notMet = $derived(SCHOOL_QUESTIONS.filter((question) => !isMet(question)))
  const says = $derived(settings.value?.log_says ?? [])
  const figure = (value: number) => number(round(value, 1))
  const set = (question: SchoolQuestion) =>
    settings.change({ log_says: toggled(says, question) as Settings['log_says'] })

  function verdict(question: SchoolQuestion): string {
    const own = schools.filter((one) => one.question === question)
    const best = own.toSorted((a, b) => b.probability_best - a.probability_best)[0]
    return best && best.hours > 0 && best.probability_best >= SURE
      ? `Your notes lean to “${schoolName(question, best.school)}”: ${best.sure} it is the best one.`
      : 'Your notes do not tell yet.'
  }
</script>

<p class="max-w-prose pb-2 text-sm">
  A stint counts for every approach that would have tied that very lure in that water, where the approaches differ at
  all. Rates are set right for water and light.
</p>
<div class="grid gap-x-8 gap-y-5 lg:grid-cols-2">
  {#each SCHOOL_QUESTIONS.filter(isMet) as question (question)}
    <section aria-label={questionLabel(question)}>
      <h3 class="text-sm font-bold">{questionLabel(question)}</h3>
      <p class="pb-1 text-sm">{verdict(question)}</p>
      <table class="w-full text-sm">
        <thead>
          <tr class="border-base-content border-b text-left text-xs">
            <th class="py-1 pr-2 font-bold" scope="col">Approach</th>
            <th class="pr-2 text-right font-bold" scope="col">Hours</th>
            <th class="pr-2 text-right font-bold" scope="col">Bites</th>
            <th class="pr-2 text-right font-bold" scope="col">An hour</th>
            <th class="pr-2 text-right font-bold" scope="col">Best</th>
            <th class="hidden w-1/4 sm:table-cell"><span class="sr-only">Drawn</span></th>
          </tr>
        </thead>
        <tbody>
          {#each schools.filter((one) => one.question === question) as one (one.school)}
            <tr class={['border-rule border-b', one.hours === 0 && 'text-faint']}>
              <th class="py-1 pr-2 text-left font-normal" scope="row">{schoolName(question, one.school)}</th>
              <td class="pr-2 text-right">{figure(one.hours)}</td>
              <td class="pr-2 text-right">{one.bites}</td>
              <td class="pr-2 text-right whitespace-nowrap">{one.hours === 0 ? '' : figure(one.rate_per_hour)}</td>
              <td class="pr-2 text-right whitespace-nowrap">{one.sure}</td>
              <td class="hidden sm:table-cell"
                >{#if one.hours > 0}<Interval
                    low={one.low}
                    at={one.rate_per_hour}
                    high={one.high}
                    place={(value) => value / most}
                  />{/if}</td
              >
            </tr>
          {/each}
        </tbody>
      </table>
      <Toggle
        label="Let the log vote on this"
        note="Only once your notes would convince a skeptic, and never against a special rule."
        value={says.includes(question)}
        onset={() => set(question)}
      />
    </section>
  {/each}
</div>
{#if notMet.length > 0}
  <p class="text-faint max-w-prose pt-3 text-sm">
    Not met yet on your waters, or the same for everybody there: {notMet
      .map((question) => questionLabel(question).toLowerCase())
      .join(' · ')}.
  </p>
{/if}
