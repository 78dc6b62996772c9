<script lang="ts">
  import type { MadeChange, Reading, Remedy, Stint } from '../../api/client'
  import { adviceFor } from '../../api/queries'
  import PackedNote from '../../offline/PackedNote.svelte'
  import Answer from '../../ui/Answer.svelte'
  import Button from '../../ui/Button.svelte'
  import Facts from '../../ui/Facts.svelte'
  import { SYMPTOM_LABELS, SYMPTOMS, type Symptom } from '../../words/vocabulary'
  import type { Change } from './noted'

  /** What goes wrong, what to change about it, and a note of the change that was made. */
  interface Props {
    stint: Stint
    /** With the part that is to be changed; null where nothing of the lure is. */
    onmake: (made: MadeChange, change: Change | null) => void
  }
  let { stint, onmake }: Props = $props()
  const asked = SYMPTOMS.filter((symptom) => symptom !== 'follows')
  let symptom = $state<Symptom | null>(null)
  const reading = $derived<Reading>({ ...stint.reading, lure: stint.build.lure })
  const advice = adviceFor(() => reading)

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
    {#each asked as one (one)}
      <Button pressed={symptom === one} onclick={() => (symptom = one)}>{SYMPTOM_LABELS[one]}</Button>
    {/each}
  </div>
  {#if symptom}
    <Answer question={advice} waiting="Looking for a remedy…">
      {#snippet children(given)}
        <PackedNote {reading} />
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
