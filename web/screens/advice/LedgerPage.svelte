<script lang="ts">
  import type { Advice, Palette, Reading } from '../../api/client'
  import CautionLine from '../../controls/CautionLine.svelte'
  import SwatchRow from '../../controls/SwatchRow.svelte'
  import Lure from '../../lure/Lure.svelte'
  import { inTheHand } from '../../lure/paint'
  import { settings } from '../../state/settings.svelte'
  import { desk } from '../../state/desk.svelte'
  import { partLength, show } from '../../words'
  import Disagreements from './Disagreements.svelte'
  import { partsOf, title } from './parts'
  import Reasons from './Reasons.svelte'
  import Summary from './Summary.svelte'

  /** A proof and its ledger: the lure stays in sight on neutral grey, beside it every part with its reasons, nothing folded away but who else spoke. */
  interface Props {
    advice: Advice
    palette: Palette
    reading: Reading
  }
  let { advice, palette, reading }: Props = $props()
  const parts = $derived(partsOf(advice, palette, settings.metric))
  const standing = $derived(advice.cautions.filter((caution) => caution.place === 'advice'))
  const pressing = $derived(advice.cautions.filter((caution) => caution.place === 'reading'))
</script>

<div class="grid gap-x-10 gap-y-4 lg:grid-cols-[minmax(0,7fr)_minmax(0,6fr)]">
  <div class="flex flex-col gap-3 self-start lg:sticky lg:top-4">
    <header>
      <h1>{title(advice)}</h1>
      <Summary {reading} />
    </header>
    {#each pressing as caution (caution.text)}<CautionLine text={caution.text} loud />{/each}
    <figure class="bg-proof p-3 text-[#1a1a1a] sm:p-5">
      <Lure build={advice} paint={inTheHand(advice, palette)} span={5.2} />
    </figure>
    <p class="text-faint text-xs">
      Drawn to scale, {partLength(advice.measures.overall_in, settings.metric)} from nose to tail. {#each standing as caution (caution.text)}{caution.text}{/each}
    </p>
  </div>
  <div class="flex flex-col">
    {#if advice.suits !== advice.lure}
      <section class="border-base-content mb-2 border-2 p-3" aria-label="Another lure">
        <p class="font-bold">Think of a {show(advice.suits)} instead.</p>
        <Reasons reasons={advice.reasons.filter((reason) => reason.pick === 'lure')} {palette} />
        <button class="btn btn-outline border-rule mt-2 h-11" onclick={() => desk.change({ lure: advice.suits })}
          >Advise on a {show(advice.suits)}</button
        >
      </section>
    {/if}
    {#each parts as part (part.key)}
      <section class="border-base-content border-t pt-2 pb-3" aria-labelledby="part-{part.key}">
        <h2 id="part-{part.key}" class="text-faint font-semibold">{part.title}</h2>
        <div class="flex items-center justify-between gap-3">
          <p class="text-lg leading-tight font-bold">{part.headline}</p>
          <SwatchRow colours={part.swatches} />
        </div>
        {#if part.detail}<p class="mb-1 text-sm">{part.detail}</p>{/if}
        <Reasons reasons={part.reasons} {palette} />
        {#each part.cautions as caution (caution.text)}<CautionLine text={caution.text} />{/each}
      </section>
    {/each}
    <Disagreements disagreements={advice.disagreements} />
  </div>
</div>
