<script lang="ts">
  import type { Advice, Palette } from '../../api/client'
  import Facts from '../../ui/Facts.svelte'
  import { SYMPTOM_LABELS } from '../../words/vocabulary'

  /** What goes wrong on the water and the one thing to change, for this lure. */
  interface Props {
    remedies: Advice['remedies']
    palette: Palette
  }
  let { remedies, palette }: Props = $props()
</script>

<section aria-labelledby="remedies">
  <h2 id="remedies" class="border-base-content border-b pb-1">If something goes wrong</h2>
  <dl class="text-sm leading-snug">
    {#each remedies as remedy (remedy.symptom)}
      <div class="border-rule grid gap-x-4 border-b py-1.5 sm:grid-cols-[11rem_1fr]">
        <dt class="font-semibold">{SYMPTOM_LABELS[remedy.symptom]}</dt>
        <dd>
          {remedy.change} <span class="text-faint">{remedy.because}</span>
          <Facts ids={remedy.facts} {palette} />
        </dd>
      </div>
    {/each}
  </dl>
</section>
