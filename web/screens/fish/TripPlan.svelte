<script lang="ts">
  import type { Snippet } from 'svelte'
  import type { TripPlan, TripRequest } from '../../words/documents'
  import Panel from '../../ui/Panel.svelte'
  import type { LureKind } from '../../words/vocabulary'
  import { settings } from '../../data/settings.svelte'
  import { capital, show, waterLength } from '../../words/words'
  import CautionLine from '../../ui/CautionLine.svelte'
  import CarryPanel from './CarryPanel.svelte'
  import ClarityTurns from './ClarityTurns.svelte'
  import { minutesOf, timeOf, timeWords } from '../../words/clock'
  import DaySection from './DaySection.svelte'
  import MomentView from './MomentView.svelte'
  import Timeline from './Timeline.svelte'
  import TurnList from './TurnList.svelte'

  /** A planned day: its light with the lure in it, when to change, and what to carry. */
  interface Props {
    trip: TripRequest
    plan: TripPlan
    /** What stands below all of it. */
    below: Snippet
  }
  let { trip, plan, below }: Props = $props()
  const from = $derived(minutesOf(trip.from))
  const to = $derived(minutesOf(trip.to))
  /** The lures carried first, then whatever else picks turn for. */
  const kinds = $derived([
    ...new Set<LureKind>([...plan.carry.lures.map((one) => one.build.lure), ...plan.turns.map((turn) => turn.lure)]),
  ])
  let chosen = $state<LureKind | null>(null)
  const lure = $derived(chosen && kinds.includes(chosen) ? chosen : (kinds[0] ?? 'jig'))
  const turns = $derived(plan.turns.filter((turn) => turn.lure === lure))
  let isDrawn = $state(false)
  let moved = $state<number | null>(null)
  const minute = $derived(Math.max(from, Math.min(to - 1, moved ?? from + 60)))
  const pressing = $derived(plan.cautions.filter((caution) => caution.place === 'reading'))
  const sunWords = $derived(
    [
      plan.sun.rise ? `Sunrise ${timeWords(plan.sun.rise)}` : 'The sun does not rise',
      `highest at ${timeWords(plan.sun.noon)}`,
      plan.sun.set ? `sunset ${timeWords(plan.sun.set)}` : 'it does not set',
    ].join(', '),
  )
</script>

<div class="flex flex-col gap-5">
  <div>
    <p class="text-faint pb-2 text-sm">{sunWords}.</p>
    {#each pressing as caution (caution.text)}<CautionLine text={caution.text} loud />{/each}
    <DaySection {plan} tint={trip.reading.tint} {from} {to} {minute} />
  </div>
  <CarryPanel {trip} {plan} />
  <div class="grid gap-x-8 gap-y-5 lg:grid-cols-[3fr_2fr]">
    <Panel title="At one time of the day">
      {#snippet actions()}
        <label class="flex items-center gap-2 text-sm font-bold"
          >Lure
          <select
            class="select w-40"
            value={lure}
            onchange={(event) => (chosen = event.currentTarget.value as LureKind)}
          >
            {#each kinds as kind (kind)}<option value={kind}>{capital(show(kind))}</option>{/each}
          </select></label
        >
      {/snippet}
      <Timeline {plan} {from} {to} {turns} {minute} onset={(at) => (moved = at)} />
      <MomentView {trip} {plan} {lure} at={timeOf(minute)} ondrawn={() => (isDrawn = true)} />
    </Panel>
    {#if isDrawn}<div class="flex min-w-0 flex-col gap-5">
        <Panel title="When to change" gist="{capital(show(lure))}, to the minute">
          <TurnList {turns} onpick={(at) => (moved = minutesOf(at))} />
        </Panel>
        <Panel
          title="If the water clears or muddies"
          folds
          gist="from {waterLength(trip.visibility_in[0] ?? 0, settings.metric)} to {waterLength(
            trip.visibility_in[2] ?? 0,
            settings.metric,
          )}"
        >
          <ClarityTurns turns={plan.clarity_turns.filter((turn) => turn.lure === lure)} />
        </Panel>
      </div>{/if}
  </div>
  {#if isDrawn}{@render below()}{/if}
</div>
