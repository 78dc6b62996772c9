<script lang="ts">
  import type { Composition, InventoryPart, Outing, Reading } from '../../api/client'
  import { drawnFor } from '../../api/outings'
  import { packs } from '../../offline/packs.svelte'
  import { inTheirColours } from '../../lure/paint'
  import Thumbnail from '../../lure/Thumbnail.svelte'
  import { swatches } from '../../parts/part'
  import PartSwatch from '../../parts/PartSwatch.svelte'
  import { withPart, type Change } from './noted'
  import { lureWords } from '../../words/lureWords'
  import { isSame } from '../../parts/sameBuild'

  /** What is carried, to be tied on with a tap. */
  interface Props {
    change: Change
    outing: Outing
    reading: Reading
    on: Composition | null
    /** Why it is changed, where the advice said so. */
    reason: string | null
    onpick: (build: Composition) => unknown
  }
  let { change, outing, reading, on, reason, onpick }: Props = $props()
  const box = $derived(outing.box ?? {})
  /** Trailers on the lures of the box can be taken off them too. */
  const trailers = $derived(
    unique([...(box.trailers ?? []), ...(box.lures ?? []).flatMap((lure) => (lure.trailer ? [lure.trailer] : []))]),
  )
  const blades = $derived(
    unique([...(box.blades ?? []), ...(box.lures ?? []).flatMap((lure) => (lure.rear ? [lure.rear] : []))]).filter(
      (blade) => (blade.shape === 'bladed_jig') === (on?.lure === 'bladed_jig'),
    ),
  )
  const parts = $derived(change === 'trailer' ? trailers : blades)
  /** The best now of what was packed, with the trailer it does best with; the first is what the pack would tie on. */
  const best = $derived(
    packs.ranked(outing.trip_id, reading).flatMap((one) => {
      const pack = packs.of(outing.trip_id)
      const lure = pack?.carry.lures[one.lure]?.parts
      const trailer = one.trailer === null ? undefined : pack?.carry.trailers[one.trailer]?.part
      return lure ? [{ build: trailer ? { ...lure, trailer } : lure, score: one.score }] : []
    }),
  )
  const scoreOf = (lure: Composition) => best.find((one) => isSame(one.build, lure))?.score
  const lures = $derived(
    [
      ...best.map((one) => one.build),
      ...(box.lures ?? []).filter((lure) => !best.some((one) => isSame(one.build, lure))),
    ].filter((lure) => !on || !isSame(lure, on)),
  )
  const drawn = drawnFor(() => (change === 'lure' && lures.length > 0 ? lures : null))

  function unique(all: InventoryPart[]): InventoryPart[] {
    const name = (part: InventoryPart) => part.id ?? part.name
    return all.filter((part, i) => all.findIndex((other) => name(other) === name(part)) === i)
  }
  const ROW =
    'border-rule active:bg-base-200 focus-ring flex min-h-14 w-full items-center gap-3 border-t py-1 text-left text-sm'
</script>

<section aria-label="From the box">
  {#if reason}<p class="pb-1 text-sm font-semibold">{reason}</p>{/if}
  <ul>
    {#if change === 'lure'}
      {#each lures as lure, i (i)}
        {@const one = drawn.isCurrent ? drawn.shown?.value[i] : undefined}
        <li>
          <button class={ROW} onclick={() => onpick(lure)}>
            <span class="bg-proof h-14 w-24 shrink-0 p-1 text-[#1a1a1a]"
              >{#if one}<Thumbnail build={one.build} paint={inTheirColours(one.build, one.look_parts)} />{/if}</span
            >
            <span class="min-w-0"
              >{lureWords(lure, box.lures)}{#if scoreOf(lure) !== undefined}<br /><span class="font-semibold"
                  >{i === 0 ? 'Best now: ' : ''}{scoreOf(lure)} of 100</span
                >{/if}</span
            >
          </button>
        </li>
      {:else}
        <li class="py-2 text-sm">
          No other lure is in the box. Add one under <a class="underline" href="#/outing/{outing.id}">all notes</a>.
        </li>
      {/each}
    {:else if on}
      {#each parts as part, i (i)}
        <li>
          <button class={ROW} onclick={() => onpick(withPart(on, part))}>
            <PartSwatch colours={swatches(part)} /><span class="min-w-0">{part.name}</span>
          </button>
        </li>
      {:else}
        <li class="py-2 text-sm">No other {change} is in the box.</li>
      {/each}
      {#if change === 'trailer' && on.trailer}
        <li><button class={ROW} onclick={() => onpick({ ...on, trailer: null })}>No trailer</button></li>
      {/if}
    {/if}
  </ul>
</section>
