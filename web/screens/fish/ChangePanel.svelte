<script lang="ts">
  import type { Composition, Outing } from '../../words/documents'
  import { packs } from '../../data/pack/packs.svelte'
  import Button from '../../ui/Button.svelte'
  import { capital, show } from '../../words/words'
  import { lureWords } from '../../words/lureWords'
  import { isSame } from '../../words/sameBuild'
  import Assumed from './Assumed.svelte'
  import { byStyle, lastTrailers, partsFor, type Change } from './box'
  import DrawnChoice from './DrawnChoice.svelte'
  import { withPart } from './noted'
  import type { Filled } from './seen'

  /** What is carried, to be tied on with a tap. */
  interface Props {
    change: Change
    outing: Outing
    asked: Filled
    on: Composition | null
    /** Why it is changed, where the advice said so. */
    reason: string | null
    onpick: (build: Composition) => unknown
  }
  let { change, outing, asked, on, reason, onpick }: Props = $props()
  const box = $derived(outing.box ?? {})
  const parts = $derived(change === 'lure' || !on ? [] : partsFor(change, outing, on))
  /** The best now of what was packed, with the trailer it does best with; the first is what the pack would tie on. */
  const best = $derived(
    packs.ranked(outing.trip_id, asked.reading).flatMap((one) => {
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
  const lureNotes = (lure: Composition, i: number) => {
    const score = scoreOf(lure)
    return score === undefined ? '' : `${i === 0 ? 'Best now: ' : ''}${score} of 100`
  }
  const last = $derived(change === 'trailer' && on ? lastTrailers(outing, parts, on) : [])
  const styles = $derived(change === 'trailer' ? byStyle(parts) : [])
  let style = $state<string | null>(null)
  const shown = $derived(change === 'trailer' ? (styles.find((one) => one.style === style)?.parts ?? []) : parts)
</script>

<section aria-label="From the box">
  {#if reason}<p class="pb-1 text-sm font-semibold">{reason}</p>{/if}
  {#if change === 'lure'}
    {#if best.length > 0}<Assumed {asked} />{/if}
    <DrawnChoice
      choices={lures.map((build, i) => ({ build, name: lureWords(build, box.lures), note: lureNotes(build, i) }))}
      {onpick}
    />
    {#if lures.length === 0}
      <p class="py-2 text-sm">
        No other lure is in the box. Add one under <a class="underline" href="#/outing/{outing.id}">all notes</a>.
      </p>
    {/if}
  {:else if on}
    {#if last.length > 0}
      <DrawnChoice
        isTight
        choices={last.map((part) => ({ build: withPart(on, part), name: part.name, note: '' }))}
        {onpick}
      />
    {/if}
    {#if change === 'trailer'}
      <div class="grid grid-cols-3 gap-1 py-1" role="group" aria-label="More trailers, by style">
        {#each styles as one (one.style)}
          <Button
            class="px-1"
            pressed={style === one.style}
            onclick={() => (style = style === one.style ? null : one.style)}
            >{capital(show(one.style))} ({one.parts.length})</Button
          >
        {/each}
        {#if on.trailer}<Button class="px-1" onclick={() => onpick({ ...on, trailer: null })}>No trailer</Button>{/if}
      </div>
    {/if}
    <DrawnChoice
      isTight
      choices={shown.map((part) => ({ build: withPart(on, part), name: part.name, note: '' }))}
      {onpick}
    />
    {#if parts.length === 0}<p class="py-2 text-sm">No other {change} is in the box.</p>{/if}
  {/if}
</section>
