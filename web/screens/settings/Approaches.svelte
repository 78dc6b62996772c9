<script lang="ts">
  import type { Schools } from '../../words/documents'
  import Choice from '../../ui/Choice.svelte'
  import { settings } from '../../data/settings.svelte'
  import { QUESTIONS } from '../../words/schoolQuestions'
  import DirtyBases from './DirtyBases.svelte'

  /** Where anglers disagree: the approach followed, question by question. */
  const choices = $derived(settings.value)

  const change = (schools: Partial<Schools>) =>
    settings.change({ schools: { ...choices?.schools, ...schools } as Schools })
</script>

{#if choices}
  <section class="flex max-w-3xl flex-col gap-5" aria-labelledby="schools">
    <div>
      <h1 id="schools">Your approach</h1>
      <p class="text-faint max-w-prose text-sm">
        Where anglers disagree, choose the approach you follow. The advice still shows the others.
      </p>
    </div>
    {#each QUESTIONS as question (question.key)}
      {#if question.key === 'dirty'}
        <DirtyBases label={question.label} chosen={choices.schools?.dirty} onpick={(dirty) => change({ dirty })} />
      {:else}
        <Choice
          label={question.label}
          options={question.schools.map(([school]) => school)}
          value={choices.schools?.[question.key] ?? question.schools[0]?.[0]}
          onpick={(school) => change({ [question.key]: school } as Partial<Schools>)}
          shown={Object.fromEntries(question.schools)}
          columns="grid-cols-1 sm:grid-flow-col sm:auto-cols-fr sm:grid-cols-none"
        />
      {/if}
    {/each}
  </section>
{/if}
