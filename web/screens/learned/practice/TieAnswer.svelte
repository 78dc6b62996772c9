<script lang="ts">
  import type { Choices, PracticeWater } from '../../../words/documents'
  import { verdictFor } from '../../../data/builds'
  import DrawnPart from '../../../parts/DrawnPart.svelte'
  import { atHalf } from '../../../preview/gone'
  import Underwater from '../../../preview/Underwater.svelte'
  import { settings } from '../../../data/settings.svelte'
  import Button from '../../../ui/Button.svelte'
  import ReadingSummary from '../../../ui/ReadingSummary.svelte'
  import { pickWords, valuesWords } from '../../../words/adviceParts'
  import { questionLabel, schoolName } from '../../../words/schoolQuestions'
  import type { Pick } from '../../../words/vocabulary'
  import { away, capital, show } from '../../../words/words'
  import {
    answerOf,
    acceptedAs,
    lureOf,
    partsOf,
    pointsOf,
    STEPS,
    STEP_WORDS,
    worthOf,
    type Chosen,
    type Step,
  } from './choosing'
  import { partsWords } from './partWords'

  /** What was tied beside what the program ties: points part by part, why, and what tempts. */
  interface Props {
    water: PracticeWater
    /** Of the kind of lure that was tied. */
    choices: Choices
    chosen: Chosen
    onnext: () => void
  }
  let { water, choices, chosen, onnext }: Props = $props()
  const metric = $derived(settings.metric)
  /** The kind that the water asks for. */
  const asked = $derived(water.choices.find((one) => one.right !== '') ?? choices)
  const best = $derived(answerOf(asked))
  const points = $derived(pointsOf(choices, chosen))
  const right = $derived(acceptedAs(choices, chosen))
  const isOtherLure = $derived(asked.lure !== choices.lure)

  const mine = verdictFor(() => ({
    reading: { ...water.reading, lure: choices.lure },
    build: lureOf(choices, chosen),
    from: 'side',
  }))
  const program = verdictFor(() => ({ reading: water.reading, build: lureOf(asked, best), from: 'side' }))
  const sides = $derived([
    { name: 'Yours', points, verdict: mine.shown?.value },
    { name: 'The program’s', points: pointsOf(asked, best), verdict: program.shown?.value },
  ])
  const at = $derived(sides[1]?.verdict ? atHalf(sides[1].verdict.scene) : 0)

  const steps = $derived(
    STEPS.filter((step) => partsOf(choices, step).some((parts) => parts.some(Boolean))).map((step) => ({
      step,
      mine: partsOf(choices, step)[chosen[step] ?? 0] ?? [],
      best: isOtherLure ? undefined : (partsOf(asked, step)[best[step] ?? 0] ?? []),
      worth: worthOf(choices, chosen, step),
      most: isOtherLure ? undefined : worthOf(asked, best, step),
      isSame: !isOtherLure && (chosen[step] ?? 0) === (best[step] ?? 0),
    })),
  )
  /** Who says that it is right, where the program ties something else. */
  const defended = $derived(
    right?.toss_up
      ? 'is a toss-up, and right too'
      : right?.schools[0] && `is right too, says “${schoolName(right.schools[0].question, right.schools[0].school)}”`,
  )
  const headline = $derived(
    `${points} of 100: ${pickWords(water.pick)} ${right ? defended || 'is right' : 'decides here'}`,
  )
  const tempts = $derived(water.tempting.picks.find((change) => change.pick === water.pick) ?? water.tempting.picks[0])
  const place = (step: Step, share: { points: number }) =>
    (100 * share.points) / Math.max(1, worthOf(choices, chosen, step).most)
</script>

<div class="flex flex-wrap items-end justify-between gap-3">
  <div>
    <h2 class="text-lg font-bold sm:text-xl" aria-live="polite">{headline}</h2>
    <ReadingSummary reading={water.shown} />
  </div>
  <Button look="primary" onclick={onnext}>Next water</Button>
</div>
<div class="grid items-start gap-x-7 gap-y-4 lg:grid-cols-[minmax(0,1.75fr)_minmax(0,1fr)]">
  <div class="grid grid-cols-2 gap-px">
    <!-- Where there is no server to draw them in the water, the parts below tell them apart. -->
    {#each mine.error || program.error ? [] : sides as side (side.name)}
      <figure class="relative">
        {#if side.verdict}
          <Underwater
            build={side.verdict.build}
            scene={side.verdict.scene}
            {at}
            eye="person"
            says="{side.name}: "
            class="aspect-[4/3]"
          />
        {:else}<div class="bg-proof aspect-[4/3]"></div>{/if}
        <figcaption class="bg-base-100 absolute top-0 left-0 px-2 py-1 text-sm font-bold">
          {side.name}, {side.points}
        </figcaption>
      </figure>
    {/each}
    <p class="text-faint col-span-2 pt-1 text-xs">
      {#if sides[1]?.verdict}Both {away(sides[1].verdict.scene.distances_in[at] ?? 0, metric)} away, as a diver sees them.{/if}
    </p>
  </div>
  <section class="sheet p-3 text-sm sm:p-4" aria-label="Why">
    <h3 class="text-faint text-sm">Why</h3>
    <p class="pb-3 text-lg leading-snug font-bold">{water.because}</p>
    <h3 class="text-faint border-rule border-t pt-2 text-sm">What tempts</h3>
    <p class="pb-3">
      {#if tempts && tempts.after.length > 0}<b
          >{capital(valuesWords(tempts.pick as Pick, tempts.after, metric))}, {Math.round(water.tempting.points)} of 100.</b
        >{/if}
      {water.tempting.because}
    </p>
    {#if water.disagreements.length > 0}
      <h3 class="text-faint border-rule border-t pt-2 text-sm">Who would differ</h3>
      <ul>
        {#each water.disagreements as one (one.question)}
          {#each one.others.slice(0, 2) as other (other.school)}
            <li class="pb-1">
              <b>{schoolName(one.question, other.school)}</b> ({questionLabel(one.question).toLowerCase()}): {other.because}
            </li>
          {/each}
        {/each}
      </ul>
    {/if}
    {#if isOtherLure}
      <p class="border-rule border-t pt-2">
        A {show(choices.lure)} is worth {Math.round(choices.fits)} of 100 in this water, a {show(asked.lure)}
        {Math.round(asked.fits)}.
      </p>
    {/if}
  </section>
</div>
<ul class="border-base-content grid gap-x-4 gap-y-3 border-t pt-2 sm:grid-cols-2 lg:grid-cols-4">
  {#each steps as one (one.step)}
    <li>
      <p class="flex justify-between gap-2 text-sm">
        <span class="text-faint">{STEP_WORDS[one.step]}</span>
        <span
          ><b>{one.worth.points} of {one.worth.most}</b>{#if one.most && !one.isSame}, the program’s {one.most
              .points}{/if}</span
        >
      </p>
      <div class="grid grid-cols-2 gap-px">
        {#each one.isSame || !one.best ? [one.mine] : [one.mine, one.best] as parts, i (i)}
          <div class="min-w-0">
            <div class="bg-proof flex h-16 p-1 text-[#1a1a1a]">
              {#each parts as part, j (j)}{#if part}<DrawnPart {part} />{/if}{/each}
            </div>
            <p class="pt-1 text-sm leading-tight">
              <span class="text-faint">{one.isSame ? 'both' : i === 0 ? 'yours' : 'the program’s'}:</span>
              {capital(partsWords(parts, metric))}
            </p>
          </div>
        {/each}
      </div>
      <svg class="block h-4 w-full" aria-hidden="true">
        <line x1="0" x2="100%" y1="10" y2="10" stroke="var(--edge)" />
        <rect y="7.5" height="5" width="{place(one.step, one.worth)}%" fill="currentColor" />
        {#if one.most && !one.isSame}<circle
            cx="{Math.max(2, Math.min(98, place(one.step, one.most)))}%"
            cy="10"
            r="4.5"
            fill="var(--sheet)"
            stroke="currentColor"
            stroke-width="2"
          />{/if}
      </svg>
    </li>
  {/each}
</ul>
