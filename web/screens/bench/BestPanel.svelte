<script lang="ts">
  import { TRAIT_LABELS } from '../../words/vocabulary'
  import type { Reading } from '../../api/client'
  import Lure from '../../lure/Lure.svelte'
  import { inTheirColours } from '../../lure/paint'
  import { PLURALS, type Kind } from '../../parts/part'
  import { round } from '../../words/words'
  import { bench } from '../../stores/bench.svelte'
  import { bestFor } from '../../api/benchQueries.svelte'

  /** The ten best builds of the bin, with why each stands where it does. */
  interface Props {
    reading: Reading
  }
  let { reading }: Props = $props()
  const best = bestFor(
    () => reading,
    () => true,
  )
</script>

{#if best.isPending}
  <p role="status" class="text-sm">Trying every build that fits…</p>
{:else if best.isError}
  <p role="alert" class="text-error text-sm">{best.error.message}</p>
{:else}
  <p class="pb-2 text-sm">
    {#if best.data.ranked.length === 0}
      Nothing in the bin makes this lure: it lacks {best.data.lacking
        .map((kind) => PLURALS[kind as Kind].toLowerCase())
        .join(', ')}.
      <a class="underline" href="#/parts">Add some</a>, and the best build of them stands here.
    {:else}
      The best of {best.data.combinations.toLocaleString('en')} builds that fit together{best.data.lacking.length > 0
        ? `, though the bin has no ${best.data.lacking.map((kind) => PLURALS[kind as Kind].toLowerCase()).join(', ')} for it`
        : ''}.
    {/if}
  </p>
  <ol class={best.isFetching ? 'opacity-60' : ''}>
    {#each best.data.ranked as ranked, i (i)}
      {@const lacks = ranked.lacks.filter((mark) => mark.of - mark.points >= 0.05)}
      <li class="border-rule flex items-center gap-3 border-t py-2 text-sm">
        <span class="w-6 shrink-0 text-right font-bold">{i + 1}</span>
        <div class="bg-proof h-16 w-28 shrink-0 p-1 text-[#1a1a1a]">
          <Lure
            build={ranked.build}
            paint={inTheirColours(ranked.build, ranked.look_parts)}
            span={5.2}
            ruler={false}
            class="h-full w-full"
          />
        </div>
        <div class="min-w-0 flex-1 leading-snug">
          <p class="font-semibold">
            {[
              ranked.parts.head,
              ranked.parts.front,
              ranked.parts.rear,
              ranked.parts.skirt,
              ranked.parts.trailer,
              ranked.parts.hook,
            ]
              .flatMap((part) => (part ? [part.name] : []))
              .join(' · ')}
          </p>
          <p class="text-faint text-xs">
            {#if lacks.length === 0}All that the advice asks for.{:else}Lacks: {lacks
                .map(
                  (mark) =>
                    `${TRAIT_LABELS[mark.trait].toLowerCase()} (${mark.because}, −${round(mark.of - mark.points, 1)})`,
                )
                .join('; ')}.{/if}
          </p>
        </div>
        <span class="w-12 shrink-0 text-right text-base font-extrabold">{round(ranked.score, 1)}</span>
        <button
          class="btn btn-outline border-rule h-11 shrink-0 px-3 text-xs"
          onclick={() => bench.replace(ranked.parts)}>Lay it out<span class="sr-only">, number {i + 1}</span></button
        >
      </li>
    {/each}
  </ol>
{/if}
