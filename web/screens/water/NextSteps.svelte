<script lang="ts">
  import type { NextStep } from '../../words/documents'
  import { settings } from '../../data/settings.svelte'
  import Facts from '../../ui/Facts.svelte'
  import { OCCASIONS } from './gists'
  import { fullPickWords, valuesWords } from '../../words/adviceParts'

  /** What to change when something happens out there, in the order to try it. */
  interface Props {
    steps: readonly NextStep[]
  }
  let { steps }: Props = $props()

  const groups = $derived(
    (Object.keys(OCCASIONS) as NextStep['when'][])
      .map((when) => ({ when, steps: steps.filter((step) => step.when === when) }))
      .filter((group) => group.steps.length > 0),
  )
</script>

{#if groups.length > 0}
  <ul>
    {#each groups as group (group.when)}
      <li class="border-rule border-b py-2 text-sm">
        <p>
          <span class="font-semibold">{OCCASIONS[group.when]}.</span>
          <span class="text-faint">{group.steps[0]?.because}</span>
          <Facts ids={group.steps[0]?.facts ?? []} />
        </p>
        <ol class="ml-5 list-decimal leading-snug">
          {#each group.steps as step (step.change.pick + step.facts.join())}
            <li>
              {step.change.pick === 'lure' ? 'The lure itself' : `The ${fullPickWords(step.change.pick)}`}: from {valuesWords(
                step.change.pick,
                step.change.before,
                settings.metric,
              )} to
              <span class="font-semibold">{valuesWords(step.change.pick, step.change.after, settings.metric)}</span>
            </li>
          {/each}
        </ol>
      </li>
    {/each}
  </ul>
{/if}
