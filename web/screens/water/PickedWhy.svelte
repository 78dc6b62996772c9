<script lang="ts">
  import type { Reading } from '../../words/documents'
  import { settings } from '../../data/settings.svelte'
  import CautionLine from '../../ui/CautionLine.svelte'
  import Facts from '../../ui/Facts.svelte'
  import Term from '../../ui/Term.svelte'
  import { pickWords, tossUps, type Part } from '../../words/adviceParts'
  import { TRUST_PICKS } from '../../words/vocabulary'
  import { mainReasons } from './mainReasons'
  import Reasons from './Reasons.svelte'
  import TossUp from './TossUp.svelte'
  import Trusted from './Trusted.svelte'

  /** Why a pick is what it is: the facts behind it, what else speaks for it, and every rule that voted. */
  let { part, reading }: { part: Part; reading: Reading } = $props()
  const first = $derived(mainReasons(part.reasons)[0])
  const even = $derived(tossUps(part))
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

<div class="pb-3 transition-opacity duration-150 starting:opacity-0 pl-7 sm:pl-24">
  {#if part.detail}<p class="text-sm font-semibold">{part.detail}</p>{/if}
  {#if first}<p class="py-1 text-sm">{first.because} <Facts ids={first.facts} rule={first.rule} /></p>{/if}
  {#if even.length > 0}
    {#each even as reason (reason.pick + String(reason.value))}
      <p class="text-sm"><Term of="firmness" shown="Toss-up" />, {pickWords(reason.pick)}: <TossUp {reason} /></p>
    {/each}
  {/if}
  {#each toTrust as reason (reason.pick)}<Trusted {reason} />{/each}
  <Reasons reasons={part.reasons} {reading} />
  {#each part.cautions as caution (caution.text)}<CautionLine text={caution.text} />{/each}
</div>
