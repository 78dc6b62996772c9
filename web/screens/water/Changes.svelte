<script lang="ts">
  import type { Change } from '../../words/documents'
  import { settings } from '../../data/settings.svelte'
  import { capital } from '../../words/words'
  import Facts from '../../ui/Facts.svelte'
  import { fullPickWords, valuesWords } from '../../words/adviceParts'

  /** Picks that come out otherwise, each with its before, its after and why. */
  interface Props {
    changes: readonly Change[]
  }
  let { changes }: Props = $props()
  const words = (change: Change, values: Change['before']) => valuesWords(change.pick, values, settings.metric)
</script>

<ul class="flex flex-col gap-1 text-sm leading-snug">
  {#each changes as change (change.pick)}
    <li>
      <span class="font-semibold">{capital(fullPickWords(change.pick))}:</span>
      {words(change, change.before)} →
      <span class="font-semibold">{words(change, change.after)}</span>.
      {#if change.because}<span class="text-faint">{change.because}</span>
        <Facts ids={change.facts} rule={change.rule} />{/if}
    </li>
  {/each}
</ul>
