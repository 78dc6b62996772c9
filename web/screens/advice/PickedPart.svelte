<script lang="ts">
  import type { Change, Reading } from '../../api/client'
  import { settings } from '../../stores/settings.svelte'
  import CautionLine from '../../ui/CautionLine.svelte'
  import Facts from '../../ui/Facts.svelte'
  import SwatchRow from '../../ui/SwatchRow.svelte'
  import { belongsTo, fullPickWords, valuesWords, type Part } from '../../words/adviceParts'
  import Reasons from './Reasons.svelte'
  import { mainReasons } from './mainReasons'
  import TossUp from './TossUp.svelte'
  import Trusted from './Trusted.svelte'
  import { TRUST_PICKS } from '../../words/vocabulary'

  /** One part to tie, with its first reason; the others and the votes behind one tap. */
  interface Props {
    part: Part
    reading: Reading
    /** What the last change to the reading changed. */
    changed: readonly Change[]
  }
  let { part, reading, changed }: Props = $props()
  let open = $state(false)
  const first = $derived(mainReasons(part.reasons)[0])
  const turned = $derived(changed.filter((change) => belongsTo(change.pick, part.key)))
  const tossUps = $derived(part.reasons.filter((reason) => reason.firmness === 'toss_up'))
  const trusted = $derived(settings.value?.trusted ?? [])
  /** Where trust can tie, and where it was given: it can be taken back wherever it still acts. */
  const toTrust = $derived(
    part.reasons.filter(
      ({ pick, firmness, value, runner_up }) =>
        TRUST_PICKS.includes(pick) &&
        (firmness === 'toss_up' ||
          trusted.some((one) => one.pick === pick && (one.value === value || one.value === runner_up))),
    ),
  )
</script>

<section class="border-base-content min-w-0 border-t py-1 sm:py-2" aria-labelledby="part-{part.key}">
  <div class="flex items-start justify-between gap-2">
    <div class="min-w-0">
      <h2 id="part-{part.key}" class="text-faint text-xs leading-tight font-semibold">{part.title}</h2>
      <p class="leading-tight font-bold sm:text-lg">{part.headline}</p>
    </div>
    <SwatchRow colours={part.swatches} />
  </div>
  {#if part.detail}<p class={['text-sm', !open && 'hidden sm:block']}>{part.detail}</p>{/if}
  {#each turned as change (change.pick)}
    <p class="border-base-content mb-1 border-l-4 pl-2 text-sm font-semibold">
      Changed: {fullPickWords(change.pick)} was {valuesWords(change.pick, change.before, settings.metric)}
    </p>
  {/each}
  {#each tossUps as reason (reason.pick + String(reason.value))}<TossUp {reason} />{/each}
  <p class="text-[0.8125rem] leading-snug sm:text-sm">
    {#if first}{first.because}<Facts ids={first.facts} rule={first.rule} />{/if}
    <button
      type="button"
      class="text-faint -my-3 inline-flex min-h-11 min-w-11 items-center px-1 text-xs underline underline-offset-2"
      aria-expanded={open}
      aria-label="{open ? 'Less' : 'More'} about the {part.title.toLowerCase()}"
      onclick={() => (open = !open)}>{open ? 'Less' : 'More'}</button
    >
  </p>
  {#if open}
    {#each toTrust as reason (reason.pick)}<Trusted {reason} />{/each}
    <Reasons reasons={part.reasons} {reading} />
    {#each part.cautions as caution (caution.text)}<CautionLine text={caution.text} />{/each}
  {/if}
</section>
