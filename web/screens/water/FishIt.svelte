<script lang="ts">
  import type { Advice } from '../../words/documents'
  import { settings } from '../../data/settings.svelte'
  import Facts from '../../ui/Facts.svelte'
  import { tackleWords } from '../../words/adviceParts'
  import { capital, show } from '../../words/words'

  /** How to fish the lure: the retrieve, the tackle, where, and what to pick up next. */
  interface Props {
    advice: Advice
  }
  let { advice }: Props = $props()
  const { retrieve, tackle } = $derived(advice)
</script>

<dl class="text-sm leading-snug">
  <div class="border-rule border-b py-2">
    <dt class="text-faint">Retrieve</dt>
    <dd>
      <p class="text-base font-bold">{capital(show(retrieve.name))}, {show(retrieve.pace)}, {show(retrieve.run)}</p>
      {retrieve.because}
      <Facts ids={retrieve.facts} />
    </dd>
  </div>
  <div class="border-rule border-b py-2">
    <dt class="text-faint">Tackle</dt>
    <dd>
      <p class="text-base font-bold">
        {tackleWords(tackle, settings.metric)}
      </p>
      {tackle.because}
      <Facts ids={tackle.facts} />
    </dd>
  </div>
  {#if advice.where.length > 0}
    <div class="border-rule border-b py-2">
      <dt class="text-faint">Where</dt>
      {#each advice.where as where (where.text)}
        <dd>{where.text} <Facts ids={where.facts} /></dd>
      {/each}
    </div>
  {/if}
  <div class="border-rule border-b py-2">
    <dt class="text-faint">Follow up with</dt>
    <dd>
      <span class="font-bold">{capital(show(advice.follow_up.lure))}.</span>
      {advice.follow_up.because}
      <Facts ids={advice.follow_up.facts} />
    </dd>
  </div>
</dl>
