<script lang="ts">
  import type { Advice, From, Reading } from '../../words/documents'
  import { adviceViewFor } from '../../data/advice'
  import { differentFor } from '../../data/chart'
  import { inTheHand } from '../../lure/paint'
  import { atHalf } from '../../preview/gone'
  import LazyFigures from '../../preview/LazyFigures.svelte'
  import LurePreview from '../../preview/LurePreview.svelte'
  import { currentReading } from '../../data/currentReading.svelte'
  import { settings } from '../../data/settings.svelte'
  import CautionLine from '../../ui/CautionLine.svelte'
  import Panel from '../../ui/Panel.svelte'
  import Trouble from '../../ui/Trouble.svelte'
  import { partLength } from '../../words/words'
  import CloseCalls from './CloseCalls.svelte'
  import Different from './Different.svelte'
  import Disagreements from './Disagreements.svelte'
  import FishIt from './FishIt.svelte'
  import { gists } from './gists'
  import NextSteps from './NextSteps.svelte'
  import Notes from './Notes.svelte'
  import type { AnswerFold } from './panels'
  import Ranking from './Ranking.svelte'
  import Remedies from './Remedies.svelte'
  import SecondOpinion from './SecondOpinion.svelte'
  import TellAFriend from './TellAFriend.svelte'

  /** What one fold of the answer holds. */
  let { fold, advice, reading }: { fold: AnswerFold; advice: Advice; reading: Reading } = $props()
  let from = $state<From>('side')
  /** How far away the lure is looked at, as a step of the scene; null where it matters most. */
  let at = $state<number | null>(null)
  /** The lure in its water is computed where it is looked at. */
  const looked = adviceViewFor(() => (fold === 'water' || fold === 'others' ? { reading, before: null, from } : null))
  const view = $derived(looked.shown?.value ?? null)
  const other = differentFor(() => (fold === 'others' ? { reading, water_id: currentReading.waterId } : null))
  const gist = $derived(gists(advice, view, settings.metric))
  const cautions = $derived(advice.cautions.filter((caution) => caution.place !== 'reading'))
</script>

<div class="flex transition-opacity duration-150 starting:opacity-0 flex-col gap-5 pt-5">
  {#if looked.error}<Trouble error={looked.error} onretry={() => looked.retry()} />{/if}
  {#if fold === 'fish'}
    <Panel title="How to fish it" gist={gist.fish}><FishIt {advice} /></Panel>
    <Panel title="If something goes wrong"><Remedies remedies={advice.remedies} /></Panel>
    {#if advice.notes.length > 0}<Panel title="Good to know today" gist={gist.notes}
        ><Notes notes={advice.notes} /></Panel
      >{/if}
    {#if cautions.length > 0}<Panel title="Safety"
        >{#each cautions as caution (caution.text)}<CautionLine text={caution.text} />{/each}</Panel
      >{/if}
  {:else if fold === 'next'}
    {#if advice.next.length > 0}<Panel title="If conditions change"><NextSteps steps={advice.next} /></Panel>{/if}
    {#if advice.near.length > 0}<Panel title="Close calls" gist={gist.close}><CloseCalls edges={advice.near} /></Panel
      >{/if}
    {#if advice.next.length + advice.near.length === 0}<p class="text-sm">
        Nothing that is likely to change here changes a pick.
      </p>{/if}
  {:else if fold === 'others'}
    {#if advice.disagreements.length > 0}<Panel title="Where anglers disagree"
        ><Disagreements disagreements={advice.disagreements} /></Panel
      >{/if}
    {#if !view}<p role="status" class="text-sm">Asking the model…</p>{/if}
    {#if view && view.opinions.length > 0}<Panel title="Second opinion, from the model" gist={gist.model}
        ><SecondOpinion opinions={view.opinions} /></Panel
      >{/if}
    <Panel title="Which lure for this water" gist={gist.lures}><Ranking {advice} /></Panel>
    <Panel title="Show them something different" gist="near the usual, not fished here yet"
      ><Different question={other} /></Panel
    >
  {:else if fold === 'water'}
    <Panel title="In this water" gist={gist.water}>
      {#if looked.shown}
        <LurePreview
          build={advice}
          hand={inTheHand(advice)}
          scene={view?.scene}
          {reading}
          lookParts={advice.look_parts}
          pace={advice.retrieve.pace}
          {from}
          onfrom={(next) => (from = next)}
          {at}
          onat={(next) => (at = next)}
        />
      {:else if !looked.error}<p role="status" class="min-h-96 text-sm">Looking through the water…</p>{/if}
      <p class="text-faint pt-2 text-xs">
        Drawn to scale, {partLength(advice.measures.overall_in, settings.metric)} from nose to tail.
      </p>
    </Panel>
    {#if view}<Panel title="How far each part is visible" gist={gist.figures}>
        <LazyFigures
          lookParts={advice.look_parts}
          scene={view.scene}
          {reading}
          {from}
          at={at ?? atHalf(view.scene)}
          onat={(next) => (at = next)}
        />
      </Panel>{/if}
  {:else}
    <Panel title="Tell a friend why" gist="five sentences, a picture, a page">
      <TellAFriend {advice} {reading} />
      <p class="pt-2 text-sm"><a class="underline" href="#/chart">The chart of this water</a></p>
    </Panel>
  {/if}
</div>
