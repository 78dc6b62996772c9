<script lang="ts" module>
  export type Paper = 'a4' | 'letter' | 'pocket'
</script>

<script lang="ts">
  import type { TripPlan, TripRequest } from '../../words/documents'
  import { inTheirColours } from '../../lure/paint'
  import Thumbnail from '../../lure/Thumbnail.svelte'
  import { slotsOf } from '../../words/slots'
  import { settings } from '../../data/settings.svelte'
  import { fullPickWords, valuesWords } from '../../words/adviceParts'
  import type { LureKind } from '../../words/vocabulary'
  import { capital, show, waterLength } from '../../words/words'
  import { minutesOf, timeWords } from '../../words/clock'
  import { dayWords } from '../../words/numbers'
  import { grouped } from './grouped'
  import Timeline from './Timeline.svelte'

  /** The card itself, black on white: read at arm's length, in rain. */
  interface Props {
    name: string
    water: string
    trip: TripRequest
    plan: TripPlan
    paper: Paper
  }
  let { name, water, trip, plan, paper }: Props = $props()
  const kinds = $derived(new Set(plan.carry.lures.map((lure) => lure.build.lure)))
  const turns = $derived(plan.turns.filter((turn) => kinds.has(turn.lure)))
  const MOST_TURNS = 8
  const picks = $derived(grouped(turns).slice(0, MOST_TURNS))
  const MOST_ROOMY = { lures: 4, turns: 4 }
  const turned = $derived(picks.reduce((all, group) => all + group.turns.length, 0))
  const isRoomy = $derived(plan.carry.lures.length <= MOST_ROOMY.lures && turned <= MOST_ROOMY.turns)
  /** Several kinds of lure have as many picks that change, and cautions of their own. */
  const LEAST_TIGHT = 10
  const isTight = $derived(turned >= LEAST_TIGHT)
  const where = $derived(
    [water, dayWords(trip.date), `${timeWords(trip.from)} to ${timeWords(trip.to)}`].filter(Boolean).join(', '),
  )
  const sun = $derived(
    [plan.sun.rise && `Sunrise ${timeWords(plan.sun.rise)}`, plan.sun.set && `sunset ${timeWords(plan.sun.set)}`]
      .filter(Boolean)
      .join(', '),
  )
  const which = (lure: LureKind) => (kinds.size > 1 ? ` (${show(lure)})` : '')
  const parts = (lure: TripPlan['carry']['lures'][number]) =>
    slotsOf(lure.parts.lure)
      .flatMap((slot) => (slot === 'trailer' ? [] : (lure.parts[slot]?.name ?? [])))
      .join(', ')
</script>

<article class={['trip-card bg-white p-4 text-black', paper, isRoomy && 'roomy', isTight && 'tight']}>
  <section>
    <h2 class="card-title-line">{name}</h2>
    <p>{where}. {sun}.</p>
    <Timeline {plan} from={minutesOf(trip.from)} to={minutesOf(trip.to)} {turns} />
    <p>
      Visibility {waterLength(trip.visibility_in[0] ?? 0, settings.metric)} to {waterLength(
        trip.visibility_in[2] ?? 0,
        settings.metric,
      )}, likely {waterLength(trip.visibility_in[1] ?? 0, settings.metric)}.
    </p>
  </section>
  <section>
    <h3>Carry</h3>
    <ol>
      {#each plan.carry.lures as lure, i (i)}
        <li class="carried">
          <span class="picture"
            ><Thumbnail build={lure.build} paint={inTheirColours(lure.build, lure.look_parts)} /></span
          >
          <span>
            <strong>{i + 1}. {capital(show(lure.build.lure))}</strong>
            for {lure.best_for}.
            <small>{parts(lure)}{lure.parts.trailer ? `; trailer: ${lure.parts.trailer.name}` : ''}</small>
            {#each lure.on_water as change (change)}<small>{change}.</small>{/each}
          </span>
        </li>
      {/each}
    </ol>
    {#if plan.carry.trailers.length > 0}<p>
        <strong>Trailers:</strong>
        {plan.carry.trailers.map((one) => one.part.name).join('; ')}.
      </p>{/if}
    {#each plan.carry.spares as spare (spare)}<p>{spare}</p>{/each}
  </section>
  <section>
    <h3>If this, then that</h3>
    {#if picks.length === 0}<p>Nothing changes for these lures all day.</p>{/if}
    <ul>
      {#each picks as group (group.key)}
        <li>
          <strong>{timeWords(group.at)}, {group.why}{group.skyWords}:</strong>
          {group.turns
            .map(
              (turn) =>
                `${fullPickWords(turn.pick)} to ${valuesWords(turn.pick, turn.after, settings.metric)}${which(turn.lure)}`,
            )
            .join('; ')}.
        </li>
      {/each}
    </ul>
  </section>
  <section>
    <h3>Take care</h3>
    <ul>
      {#each plan.cautions as caution (caution.text)}<li>{caution.text}</li>{/each}
    </ul>
  </section>
</article>

<style>
  @page a4 {
    margin: 10mm;
    size: A4 portrait;
  }
  @page letter {
    margin: 10mm;
    size: letter portrait;
  }
  .a4 {
    page: a4;
  }
  .letter,
  .pocket {
    page: letter;
  }
  .trip-card {
    display: grid;
    font-size: 1.125rem;
    gap: 0.75rem;
    line-height: 1.25;
    max-width: 52rem;
  }
  /* As large as a page holds: it is read at arm's length, in rain. */
  .roomy {
    font-size: 1.35rem;
  }
  .tight {
    font-size: 0.9rem;
    gap: 0.5rem;
  }
  .trip-card h2 {
    font-size: 1.5em;
    font-weight: 800;
    line-height: 1.1;
  }
  .trip-card h3 {
    border-bottom: 2px solid black;
    font-size: 1.1em;
    font-weight: 800;
  }
  .trip-card small {
    display: block;
    font-size: 0.8em;
  }
  .trip-card :global(figcaption) {
    color: black;
  }
  .trip-card :global(svg) {
    color: black;
  }
  .carried {
    align-items: center;
    border-top: 1px solid #999;
    display: grid;
    gap: 0.75rem;
    grid-template-columns: 8rem 1fr;
    padding: 0.25rem 0;
  }
  .carried:first-child {
    border-top: 0;
  }
  .picture {
    background: white;
    display: block;
    height: 4rem;
  }
  ul {
    list-style: disc;
    padding-left: 1.25rem;
  }
  /* Four panels of a quarter page each: fold along the middle, then again. */
  .pocket {
    font-size: 0.8125rem;
    gap: 0;
    grid-template-columns: 1fr 1fr;
    max-width: 48rem;
  }
  .pocket.roomy {
    font-size: 1.05rem;
  }
  .pocket.tight {
    font-size: 0.7rem;
  }
  .pocket section {
    border: 1px dashed #777;
    min-height: 30rem;
    overflow: hidden;
    padding: 0.75rem;
  }
  .pocket .carried {
    grid-template-columns: 5.5rem 1fr;
  }
  @media screen and (max-width: 640px) {
    .roomy {
      font-size: 1.125rem;
    }
    .carried {
      grid-template-columns: 4.5rem 1fr;
    }
    .pocket {
      grid-template-columns: 1fr;
    }
  }
  @media print {
    .trip-card {
      max-width: none;
      padding: 0;
    }
    .pocket section {
      height: 12.2cm;
      min-height: 0;
    }
  }
</style>
