<script lang="ts">
  import type { Analysis } from '../../words/documents'
  import { analysisQuery } from '../../data/logbook'
  import Button from '../../ui/Button.svelte'
  import { download } from '../../ui/download'
  import Empty from '../../ui/Empty.svelte'
  import Panel from '../../ui/Panel.svelte'
  import Stored from '../../ui/Stored.svelte'
  import { count, number } from '../../words/numbers'
  import { round } from '../../words/round'
  import { tableOf } from './csv'
  import Fish from './Fish.svelte'
  import AskLog from './AskLog.svelte'
  import Effects from './Effects.svelte'
  import Rates from './Rates.svelte'
  import SchoolsPanel from './SchoolsPanel.svelte'

  /** What the notes show, and how surely. */
  const analysis = analysisQuery()
  /** What a rate is believed to be before its own notes are counted. */
  const prior = (shown: Analysis) =>
    [
      'A few hours say little, so every rate starts from the average of your log',
      `(${round(shown.prior_events / shown.prior_hours, 2)} bites an hour), counted like`,
      `${count(shown.prior_hours, 'hour')} of fishing, and moves with what you note.`,
    ].join(' ')
</script>

<Stored query={analysis} waiting="Counting your notes…">
  {#snippet children(shown)}
    <div class="flex flex-col gap-6">
      <header class="border-base-content flex flex-wrap items-end justify-between gap-2 border-b pb-2">
        <h1>What your notes show</h1>
        {#if shown.hours > 0}
          <div class="flex flex-wrap gap-2">
            <Button onclick={() => download('kontrast-rates.csv', 'text/csv', tableOf(shown.rates))}
              >Rates as CSV</Button
            >
            <Button onclick={() => download('kontrast-effects.csv', 'text/csv', tableOf(shown.effects))}
              >Pairs as CSV</Button
            >
            <Button onclick={() => download('kontrast-schools.csv', 'text/csv', tableOf(shown.schools))}
              >Approaches as CSV</Button
            >
          </div>
        {/if}
      </header>
      {#if shown.hours === 0}
        <Empty text="Nothing to count yet: rates need hours fished, bites or not. Note an outing, and end it.">
          {#snippet action()}<Button look="primary" href="#/on-the-water">Start an outing</Button>{/snippet}
          {#snippet sample()}<p class="text-sm">2.5 bites an hour, 80 % sure it is between 2.1 and 2.9</p>{/snippet}
        </Empty>
      {:else}
        <p class="max-w-prose text-sm">
          <span class="text-lg font-extrabold">{number(round(shown.hours, 0))} hours</span> with a lure in the water,
          {count(shown.events, 'bite')}, {number(shown.fish)} landed. Every interval below holds the true rate four times
          in five. {prior(shown)}
        </p>
        <Panel title="Ask the log" gist="which of two, and where">
          <AskLog {shown} />
        </Panel>
        <Panel title="What a part is worth" gist="all else being equal">
          <Effects {shown} />
        </Panel>
        <Panel title="Is the advice any good?" gist="to you">
          <p class="max-w-prose text-sm">{shown.advice.words}</p>
          <p class="text-faint max-w-prose pt-1 text-xs">
            {count(round(shown.advice.hours_followed, 0), 'hour')} with a lure tied as advised, {number(
              round(shown.advice.hours_not, 0),
            )} with another, where the water was noted. As advised: blade finish, skirt color, trailer style and trailer color,
            all but one of them; of a toss-up either.
          </p>
        </Panel>
        <Panel title="Rates" gist="bites and fish an hour">
          <Rates rates={shown.rates} />
        </Panel>
        <Panel title="Your approaches" gist="where anglers disagree, fished as each would have tied">
          <SchoolsPanel schools={shown.schools} />
        </Panel>
        {#if shown.lengths.length > 0}
          <Panel
            title="Fish by length"
            gist={count(
              shown.lengths.reduce((sum, one) => sum + one.fish, 0),
              'fish',
              'fish',
            )}
          >
            <Fish lengths={shown.lengths} />
          </Panel>
        {/if}
      {/if}
    </div>
  {/snippet}
</Stored>
