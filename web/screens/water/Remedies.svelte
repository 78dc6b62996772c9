<script lang="ts">
  import type { Advice } from '../../words/documents'
  import Facts from '../../ui/Facts.svelte'
  import { SYMPTOM_LABELS } from '../../words/vocabulary'

  /** What goes wrong on the water and the one thing to change, for this lure. */
  interface Props {
    remedies: Advice['remedies']
  }
  let { remedies }: Props = $props()
</script>

<dl class="text-sm leading-snug">
  {#each remedies as remedy (remedy.symptom)}
    <div class="border-rule grid gap-x-4 border-b py-1.5 sm:grid-cols-[11rem_1fr]">
      <dt class="font-semibold">{SYMPTOM_LABELS[remedy.symptom]}</dt>
      <dd>
        {remedy.change} <span class="text-faint">{remedy.because}</span>
        <Facts ids={remedy.facts} />
      </dd>
    </div>
  {/each}
</dl>
