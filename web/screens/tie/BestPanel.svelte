<script lang="ts">
  import AdvisedRow from './AdvisedRow.svelte'
  import type { Composition, Reading } from '../../words/documents'
  import { bestFor } from '../../data/builds'
  import { inTheirColours } from '../../lure/paint'
  import Thumbnail from '../../lure/Thumbnail.svelte'
  import { PLURALS, type Kind } from '../../words/part'
  import { slotsOf } from '../../words/slots'
  import { bench } from '../../data/bench.svelte'
  import Answer from '../../ui/Answer.svelte'
  import BuildRow from '../../ui/BuildRow.svelte'
  import Button from '../../ui/Button.svelte'
  import { count } from '../../words/numbers'
  import { TRAIT_LABELS } from '../../words/vocabulary'
  import { round } from '../../words/round'

  /** The ten best builds of the parts owned, with why each ranks where it does. */
  interface Props {
    reading: Reading
    /** Hangs one beside the build in hand, in one water. */
    onbeside: (name: string, build: Composition) => void
  }
  let { reading, onbeside }: Props = $props()
  const best = bestFor(() => reading)
  const kinds = (lacking: readonly string[]) => lacking.map((kind) => PLURALS[kind as Kind].toLowerCase()).join(', ')
</script>

<AdvisedRow {reading} />
<Answer question={best} waiting="Trying every build that fits…">
  {#snippet children(data)}
    <p class="pb-2 text-sm">
      {#if data.ranked.length === 0}
        Your own parts do not make this lure yet: {kinds(data.lacking)} missing. “What to buy” lists what the advised build
        needs, and starter sets are in <a class="underline" href="#/box">Parts</a>.
      {:else}
        The best of {count(data.combinations, 'build')} that fit together{data.lacking.length > 0
          ? `, though you have no ${kinds(data.lacking)} for it`
          : ''}.
      {/if}
    </p>
    <ol>
      {#each data.ranked as ranked, i (i)}
        {@const lacks = ranked.lacks.filter((mark) => mark.of - mark.points >= 0.05)}
        <BuildRow>
          {#snippet picture()}<Thumbnail
              build={ranked.build}
              paint={inTheirColours(ranked.build, ranked.look_parts)}
            />{/snippet}
          {#snippet end()}
            <span class="text-base font-extrabold">{round(ranked.score, 1)}</span>
            <Button label="Beside yours: number {i + 1}" onclick={() => onbeside(`Best ${i + 1}`, ranked.parts)}
              >Beside yours</Button
            >
            <Button label="Use this build, number {i + 1}" onclick={() => bench.replace(ranked.parts)}
              >Use this build</Button
            >
          {/snippet}
          <p class="font-semibold">
            {i + 1}. {slotsOf(ranked.parts.lure)
              .flatMap((slot) => ranked.parts[slot]?.name ?? [])
              .join(' · ')}
          </p>
          <p class="text-faint text-xs">
            {#if lacks.length === 0}Everything the advice wants.{:else}Loses points on: {lacks
                .map(
                  (mark) =>
                    `${TRAIT_LABELS[mark.trait].toLowerCase()} (${mark.because}, −${round(mark.of - mark.points, 1)})`,
                )
                .join('; ')}.{/if}
          </p>
        </BuildRow>
      {/each}
    </ol>
  {/snippet}
</Answer>
