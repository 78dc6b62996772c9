<script lang="ts">
  import type { Advice, Palette, Reading } from '../../api/client'
  import CautionLine from '../../ui/CautionLine.svelte'
  import SwatchRow from '../../ui/SwatchRow.svelte'
  import Trouble from '../../ui/Trouble.svelte'
  import { inTheHand } from '../../lure/paint'
  import { currentReading } from '../../stores/currentReading.svelte'
  import { settings } from '../../stores/settings.svelte'
  import { partLength } from '../../words/words'
  import ReadingAdjuster from '../../ui/ReadingAdjuster.svelte'
  import Disagreements from './Disagreements.svelte'
  import Figures from '../../preview/Figures.svelte'
  import CloseCalls from './CloseCalls.svelte'
  import NextSteps from './NextSteps.svelte'
  import Notes from './Notes.svelte'
  import { belongsTo, fullPickWords, partsOf, title, valuesWords, type Part } from '../../words/adviceParts'
  import LurePreview from '../../preview/LurePreview.svelte'
  import { changesFor } from '../../api/adviceQueries.svelte'
  import FishIt from './FishIt.svelte'
  import Ranking from './Ranking.svelte'
  import Remedies from './Remedies.svelte'
  import Reasons from './Reasons.svelte'
  import { opinionFor, sceneFor, type From } from '../../api/sceneQueries.svelte'
  import SecondOpinion from './SecondOpinion.svelte'
  import ReadingSummary from '../../ui/ReadingSummary.svelte'
  import ChangeList from './ChangeList.svelte'

  /** A proof and its ledger: the lure in the hand and in the water, under it every part with its reasons. */
  interface Props {
    advice: Advice
    palette: Palette
    reading: Reading
  }
  let { advice, palette, reading }: Props = $props()

  let from = $state<From>('side')
  /** How far away the lure is looked at, as a step of the scene: close enough to make it out. */
  let at = $state(4)
  const scene = sceneFor(
    () => reading,
    () => advice,
    () => from,
  )
  const opinion = opinionFor(() => reading)
  const changes = changesFor(
    () => currentReading.askedBefore,
    () => reading,
  )
  const turned = $derived(currentReading.lastChange && currentReading.askedBefore ? (changes.data ?? []) : [])
  const turnedIn = (part: Part['key']) => turned.filter((change) => belongsTo(change.pick, part))
  const parts = $derived(partsOf(advice, settings.metric))
  const pressing = $derived(advice.cautions.filter((caution) => caution.place === 'reading'))
  const standing = $derived(advice.cautions.filter((caution) => caution.place === 'advice'))
</script>

<div class="flex flex-col gap-4">
  <header>
    <h1>{title(advice)}</h1>
    <p class="text-base font-semibold">{advice.wanted.line}</p>
    <ReadingSummary {reading} />
  </header>
  {#each pressing as caution (caution.text)}<CautionLine text={caution.text} loud />{/each}
  <LurePreview
    build={advice}
    hand={inTheHand(advice)}
    scene={scene.data}
    {from}
    onfrom={(next) => (from = next)}
    {at}
    onat={(next) => (at = next)}
  />
  <ReadingAdjuster />
  {#if currentReading.lastChange && currentReading.askedBefore && changes.data}
    <ChangeList
      field={currentReading.lastChange.field}
      before={currentReading.askedBefore}
      after={reading}
      changes={changes.data}
      {palette}
    />
  {/if}
  {#if scene.isError}<Trouble error={scene.error} />{/if}
  <div class="gap-x-10 lg:columns-2">
    {#each parts as part (part.key)}
      <section class="border-base-content break-inside-avoid border-t pt-2 pb-3" aria-labelledby="part-{part.key}">
        <h2 id="part-{part.key}" class="text-faint font-semibold">{part.title}</h2>
        <div class="flex items-center justify-between gap-3">
          <p class="text-lg leading-tight font-bold">{part.headline}</p>
          <SwatchRow colours={part.swatches} />
        </div>
        {#if part.detail}<p class="mb-1 text-sm">{part.detail}</p>{/if}
        {#each turnedIn(part.key) as change (change.pick)}
          <p class="border-base-content mb-1 border-l-4 pl-2 text-sm font-semibold">
            Changed: {fullPickWords(change.pick)} was {valuesWords(change.pick, change.before, settings.metric)}
          </p>
        {/each}
        <Reasons reasons={part.reasons} {palette} {reading} />
        {#each part.cautions as caution (caution.text)}<CautionLine text={caution.text} />{/each}
      </section>
    {/each}
  </div>
  <div class="gap-x-10 lg:columns-2 [&>section]:mb-6 [&>section]:break-inside-avoid">
    <FishIt {advice} {palette} />
    <Ranking {advice} {palette} />
    <CloseCalls edges={advice.near} {palette} />
    <NextSteps steps={advice.next} {palette} />
    <Remedies remedies={advice.remedies} {palette} />
    <Disagreements disagreements={advice.disagreements} />
    {#if opinion.data}<SecondOpinion opinions={opinion.data} />{/if}
    <Notes notes={advice.notes} {palette} />
  </div>
  {#if scene.data}<Figures lookParts={advice.look_parts} scene={scene.data} {reading} {from} {at} />{/if}
  <p class="text-faint text-xs">
    Drawn to scale, {partLength(advice.measures.overall_in, settings.metric)} from nose to tail.
    {#each standing as caution (caution.text)}{caution.text}{/each}
  </p>
</div>
