<script lang="ts">
  import type { Reading, TripPack } from '../words/documents'
  import { inTheHand, inTheirColours } from '../lure/paint'
  import Lure from '../lure/Lure.svelte'
  import Thumbnail from '../lure/Thumbnail.svelte'
  import { adviceIn, rankedIn, type PackedRank } from '../data/pack/pack'
  import PackedNote from '../ui/PackedNote.svelte'
  import AdvisedParts from '../ui/AdvisedParts.svelte'
  import BuildRow from '../ui/BuildRow.svelte'
  import CautionLine from '../ui/CautionLine.svelte'
  import Choice from '../ui/Choice.svelte'
  import Panel from '../ui/Panel.svelte'
  import VisibilityStick from '../ui/VisibilityStick.svelte'
  import { title } from '../words/adviceParts'
  import { lureWords } from '../words/lureWords'
  import { PICK_LABELS } from '../words/vocabulary'
  import { capital } from '../words/words'

  /** The water as it is now, the lure of yours that does best in it, and what the rules would tie. */
  let { pack }: { pack: TripPack } = $props()
  let changed = $state.raw<Partial<Reading>>({})
  const reading = $derived<Reading>({
    ...pack.reading,
    lure: 'any',
    visibility_in: pack.trip.trip.visibility_in[1] ?? pack.reading.visibility_in,
    ...changed,
  })
  const set = (part: Partial<Reading>) => (changed = { ...changed, ...part })
  const packed = $derived(adviceIn(pack, reading))
  const ranked = $derived(rankedIn(pack, reading))
  const { axes } = $derived(pack)
  const inTheBox = $derived(pack.carry.lures.map((one) => one.parts))
</script>

{#snippet carriedRow(one: PackedRank)}
  {@const carried = pack.carry.lures[one.lure]}
  {#if carried}
    <BuildRow>
      {#snippet picture()}
        <Thumbnail build={carried.build} paint={inTheirColours(carried.build, carried.look_parts)} />
      {/snippet}
      <span class="font-semibold">{lureWords(carried.parts, inTheBox)}</span>
      {#if one.trailer !== null}<br />with the trailer {pack.carry.trailers[one.trailer]?.part.name}{/if}
      {#snippet end()}<span class="text-lg font-extrabold">{one.score}</span>{/snippet}
    </BuildRow>
  {/if}
{/snippet}

<div class="flex flex-col gap-4">
  <Panel title="Best of what you carry" gist="score out of 100">
    <ul>
      {#each ranked.slice(0, 1) as one (one.lure)}{@render carriedRow(one)}{/each}
    </ul>
    {#if ranked.length > 1}
      <details class="text-sm">
        <summary class="min-h-11 font-semibold leading-[2.75rem]">The next best</summary>
        <ul>
          {#each ranked.slice(1) as one (one.lure)}{@render carriedRow(one)}{/each}
        </ul>
      </details>
    {/if}
  </Panel>
  <VisibilityStick
    value={reading.visibility_in}
    tint={reading.tint}
    onset={(visibility_in) => set({ visibility_in })}
  />
  <Choice label="Sky" options={axes.sky} value={reading.sky} onpick={(sky) => set({ sky })} columns="grid-cols-3" />
  <Choice label="Wind" options={axes.wind} value={reading.wind} onpick={(wind) => set({ wind })} />
  <Choice label="Bite" options={axes.bite} value={reading.bite} onpick={(bite) => set({ bite })} />
  {#if axes.cover.length > 1}
    <Choice label="Cover" options={axes.cover} value={reading.cover} onpick={(cover) => set({ cover })} />
  {/if}
  <PackedNote near={packed.near} />
  {#each packed.value.cautions as caution (caution.text)}<CautionLine text={caution.text} />{/each}
  <Panel title={title(packed.value)} gist="what the rules would tie">
    <div class="bg-proof mb-2 aspect-[16/9] p-3 text-[#1a1a1a]">
      <Lure build={packed.value} paint={inTheHand(packed.value)} span={5.2} class="max-h-full" />
    </div>
    <AdvisedParts advice={packed.value} />
    <details class="text-sm">
      <summary class="min-h-11 font-semibold leading-[2.75rem]">Why</summary>
      <ul class="flex flex-col gap-1">
        {#each packed.value.reasons as reason, i (i)}
          <li><span class="text-faint">{capital(PICK_LABELS[reason.pick])}:</span> {reason.because}</li>
        {/each}
      </ul>
    </details>
  </Panel>
</div>
