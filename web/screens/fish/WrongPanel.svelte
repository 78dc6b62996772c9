<script lang="ts">
  import type { MadeChange, Remedy } from '../../words/documents'
  import { adviceFor } from '../../data/advice'
  import Answer from '../../ui/Answer.svelte'
  import Button from '../../ui/Button.svelte'
  import Facts from '../../ui/Facts.svelte'
  import { SYMPTOM_LABELS, SYMPTOMS, type Symptom } from '../../words/vocabulary'
  import Assumed from './Assumed.svelte'
  import type { Change } from './box'
  import type { Filled } from './seen'

  /** What goes wrong, what to change about it, and a note of the change that was made. */
  interface Props {
    asked: Filled
    /** With the part that is to be changed; null where nothing of the lure is. */
    onmake: (made: MadeChange, change: Change | null) => void
  }
  let { asked, onmake }: Props = $props()
  const symptoms = SYMPTOMS.filter((symptom) => symptom !== 'follows')
  let symptom = $state<Symptom | null>(null)
  const advice = adviceFor(() => asked.reading)

  /** The panel in which each change is made; what is not of the lure is made without one, and a pack of an older program says nothing. */
  const PANELS: Partial<Record<Remedy['changes'], Change>> = {
    trailer: 'trailer',
    blade: 'blade',
    head: 'lure',
    skirt: 'lure',
    lure: 'lure',
  }
  const panelOf = (remedy: Remedy) => PANELS[remedy.changes] ?? null
</script>

<section aria-label="Something is wrong">
  <div class="grid grid-cols-2 gap-2">
    {#each symptoms as one (one)}
      <Button pressed={symptom === one} onclick={() => (symptom = one)}>{SYMPTOM_LABELS[one]}</Button>
    {/each}
  </div>
  {#if symptom}
    <Answer question={advice} waiting="Looking for a remedy…">
      {#snippet children(given)}
        <Assumed {asked} />
        {@const remedy = given.remedies.find((one) => one.symptom === symptom)}
        {#if remedy}
          <p class="py-2 text-sm">
            <span class="font-semibold">{remedy.change}</span>
            {remedy.because}
            <Facts ids={remedy.facts} />
          </p>
          <div class="flex flex-wrap gap-2">
            <Button
              look="primary"
              onclick={() => onmake({ symptom: remedy.symptom, change: remedy.change }, panelOf(remedy))}
              >I make this change</Button
            >
            <Button onclick={() => onmake({ symptom: remedy.symptom, change: remedy.change }, null)}
              >Made, with the same parts</Button
            >
          </div>
        {/if}
      {/snippet}
    </Answer>
  {/if}
</section>
