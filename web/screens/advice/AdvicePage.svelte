<script lang="ts">
  import LazyPackedNote from '../../offline/LazyPackedNote.svelte'
  import { loaded } from '../../api/busy'
  import { differentFor } from '../../api/queries'
  import type { AdviceView, From, Reading } from '../../api/client'
  import type { GivenAdvice } from '../../offline/pack'
  import { address } from '../../app/address.svelte'
  import Lure from '../../lure/Lure.svelte'
  import { inTheHand } from '../../lure/paint'
  import { atHalf } from '../../preview/gone'
  import LazyFigures from '../../preview/LazyFigures.svelte'
  import { currentReading } from '../../stores/currentReading.svelte'
  import { settings } from '../../stores/settings.svelte'
  import type LurePreview from '../../preview/LurePreview.svelte'
  import CautionLine from '../../ui/CautionLine.svelte'
  import Later from '../../ui/Later.svelte'
  import Panel from '../../ui/Panel.svelte'
  import ReadingAdjuster from '../../ui/ReadingAdjuster.svelte'
  import ReadingSummary from '../../ui/ReadingSummary.svelte'
  import { partsOf, title } from '../../words/adviceParts'
  import { partLength } from '../../words/words'
  import ChangeList from './ChangeList.svelte'
  import CloseCalls from './CloseCalls.svelte'
  import Different from './Different.svelte'
  import Disagreements from './Disagreements.svelte'
  import FishIt from './FishIt.svelte'
  import { gists } from './gists'
  import NextSteps from './NextSteps.svelte'
  import Notes from './Notes.svelte'
  import PickedPart from './PickedPart.svelte'
  import Ranking from './Ranking.svelte'
  import Remedies from './Remedies.svelte'
  import SecondOpinion from './SecondOpinion.svelte'
  import TellAFriend from './TellAFriend.svelte'

  /** What to tie, all of it in the first view; below it what else there is to know, each folded to a line. */
  interface Props {
    advice: GivenAdvice
    /** The lure in its water and what belongs to it; null until it has been computed. */
    view: AdviceView | null
    reading: Reading
    before: Reading | null
    from: From
    onfrom: (from: From) => void
  }
  let { advice, view, reading, before, from, onfrom }: Props = $props()

  /** What shows the lure in its water: there before the part of the page that it is in, which would move otherwise. */
  let preview = $state.raw<typeof LurePreview>()
  void loaded(import('../../preview/LurePreview.svelte')).then((module) => (preview = module.default))

  /** Asked with the page: there when it is unfolded, and nothing moves. */
  const other = differentFor(() => ({ reading, water_id: currentReading.waterId }))

  /** How far away the lure is looked at, as a step of the scene; null where it matters most. */
  let at = $state<number | null>(null)
  /** So many picks are built with the page, the others one at a time after it. */
  const AT_ONCE = 2
  /** There is room for the pictures at once, or they wait until they are wanted. */
  const isWide = matchMedia('(min-width: 64rem)').matches
  /** On a phone the set is in the heading, and its reasons come after what there is to tie. */
  const isPhone = matchMedia('(max-width: 39.99rem)').matches
  const all = $derived(partsOf(advice, settings.metric))
  const set = $derived(all.filter((part) => part.key === 'set'))
  const parts = $derived(isPhone ? [...all.filter((part) => part.key !== 'set'), ...set] : all)
  const gist = $derived(gists(advice, view, settings.metric))
  const pressing = $derived(advice.cautions.filter((caution) => caution.place === 'reading'))
  const standing = $derived(advice.cautions.filter((caution) => caution.place === 'advice'))
  const onParts = $derived(
    advice.cautions.filter((caution) => caution.place !== 'advice' && caution.place !== 'reading'),
  )
  const changed = $derived(before && currentReading.lastChange ? (view?.changes ?? []) : [])
</script>

{#snippet panel(key: string, heading: string, line: string, body: import('svelte').Snippet, open = false)}
  <Panel
    title={heading}
    gist={line}
    folds
    open={open || address.panels.includes(key)}
    ontoggle={(isOpen) => !open && address.toggle(key, isOpen)}>{@render body()}</Panel
  >
{/snippet}

<div class="flex flex-col gap-3">
  <header class="flex flex-col gap-0.5">
    <h1 class="text-xl leading-tight sm:text-2xl">{title(advice)}</h1>
    {#if advice.set}<p class="text-sm leading-tight sm:hidden">{set[0]?.headline}</p>{/if}
    <p class="hidden font-semibold sm:block">{advice.wanted.line}</p>
    <span class="hidden sm:block"><ReadingSummary {reading} /></span>
  </header>
  <LazyPackedNote {advice} />
  {#each pressing as caution (caution.text)}<CautionLine text={caution.text} loud />{/each}
  <!-- On a phone the picks follow the picture at once; beside each other there is room for what changes them under it. -->
  <div
    class="grid content-start gap-x-8 gap-y-3 lg:grid-cols-[minmax(0,5fr)_minmax(0,7fr)] lg:grid-rows-[auto_auto_1fr]"
  >
    <div class="bg-proof flex h-18 items-center justify-center p-2 text-[#1a1a1a] sm:h-56">
      <Later
        ><Lure
          build={advice}
          paint={inTheHand(advice)}
          span={5.2}
          says="In the hand. "
          class="h-full max-h-full"
        /></Later
      >
    </div>
    <div
      class="grid content-start gap-x-6 sm:grid-cols-2 lg:col-start-2 lg:row-span-3 lg:row-start-1"
      aria-label="What to tie"
      role="group"
    >
      {#each parts as part, i (part.key)}
        {#if i < AT_ONCE}<PickedPart {part} {reading} {changed} />
        {:else}<Later height="5rem"><PickedPart {part} {reading} {changed} /></Later>{/if}
      {/each}
    </div>
    <Later><ReadingAdjuster /></Later>
    {#if before && currentReading.lastChange && view}
      <ChangeList field={currentReading.lastChange.field} {before} after={reading} changes={view.changes} />
    {/if}
  </div>

  {#snippet water()}
    {#if preview}
      {@const LurePreview = preview}
      <LurePreview
        build={advice}
        hand={inTheHand(advice)}
        scene={view?.scene}
        {reading}
        lookParts={advice.look_parts}
        pace={advice.retrieve.pace}
        {from}
        {onfrom}
        {at}
        onat={(next) => (at = next)}
      />
    {/if}
  {/snippet}
  {#snippet fish()}<FishIt {advice} />{/snippet}
  {#snippet next()}<NextSteps steps={advice.next} />{/snippet}
  {#snippet wrong()}<Remedies remedies={advice.remedies} />{/snippet}
  {#snippet others()}<Disagreements disagreements={advice.disagreements} />{/snippet}
  {#snippet close()}<CloseCalls edges={advice.near} />{/snippet}
  {#snippet model()}{#if view}<SecondOpinion opinions={view.opinions} />{/if}{/snippet}
  {#snippet lures()}<Ranking {advice} />{/snippet}
  {#snippet different()}<Different question={other} />{/snippet}
  {#snippet tell()}
    <TellAFriend {advice} {reading} />
    <p class="pt-2 text-sm"><a class="underline" href="#/chart">The chart of this water</a></p>
  {/snippet}
  {#snippet notes()}<Notes notes={advice.notes} />{/snippet}
  {#snippet safety()}
    {#each [...onParts, ...standing] as caution (caution.text)}<CautionLine text={caution.text} />{/each}
  {/snippet}
  {#snippet figures()}
    {#if view}
      <LazyFigures
        lookParts={advice.look_parts}
        scene={view.scene}
        {reading}
        {from}
        at={at ?? atHalf(view.scene)}
        onat={(next) => (at = next)}
      />
    {/if}
  {/snippet}

  {#if preview}<Later>
      <div>
        <p class="text-faint pb-2 text-xs">
          Drawn to scale, {partLength(advice.measures.overall_in, settings.metric)} from nose to tail.
        </p>
        {@render panel('water', 'In this water', gist.water, water, isWide)}
        {@render panel('fish', 'How to fish it', gist.fish, fish)}
        {#if advice.next.length > 0}{@render panel('next', 'If conditions change', gist.next, next)}{/if}
        {@render panel('wrong', 'If something goes wrong', gist.wrong, wrong)}
        {#if advice.disagreements.length > 0}{@render panel(
            'others',
            'Where anglers disagree',
            gist.others,
            others,
          )}{/if}
        {#if advice.near.length > 0}{@render panel('close', 'Close calls', gist.close, close)}{/if}
        {#if view && view.opinions.length > 0}{@render panel(
            'model',
            'Second opinion, from the model',
            gist.model,
            model,
          )}{/if}
        {@render panel('lures', 'Which lure for this water', gist.lures, lures)}
        {@render panel('different', 'Show them something different', 'near the usual, not fished here yet', different)}
        {@render panel('tell', 'Tell a friend why', 'five sentences, a picture, a page', tell)}
        {#if advice.notes.length > 0}{@render panel('notes', 'Good to know today', gist.notes, notes)}{/if}
        {#if onParts.length + standing.length > 0}{@render panel('safety', 'Safety', gist.safety, safety)}{/if}
        {@render panel('figures', 'How far each part is visible', gist.figures, figures)}
      </div>
    </Later>{/if}
</div>
