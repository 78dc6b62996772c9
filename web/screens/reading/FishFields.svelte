<script lang="ts">
  import { currentReading } from '../../stores/currentReading.svelte'
  import { settings } from '../../stores/settings.svelte'
  import Choice from '../../ui/Choice.svelte'
  import Toggle from '../../ui/Toggle.svelte'
  import { ARMS, BASSS, BITES, GOAL_LABELS, GOALS } from '../../words/vocabulary'
  import { temperature } from '../../words/words'

  /** The fish: how they bite, which they are, and what is wanted of the day. */
  const r = $derived(currentReading.reading)
  const metric = $derived(settings.metric)
</script>

<div class="grid gap-5 sm:grid-cols-2">
  <Choice label="Bite" options={BITES} value={r.bite} onpick={(bite) => currentReading.change({ bite })} />
  <Choice
    label="Goal"
    options={GOALS}
    value={r.goal ?? 'any'}
    shown={GOAL_LABELS}
    onpick={(goal) => currentReading.change({ goal })}
  />
  <Choice label="Bass" options={BASSS} value={r.bass} onpick={(bass) => currentReading.change({ bass })} />
  {#if r.lure === 'spinnerbait'}
    <Choice
      label="Spinnerbait arm"
      options={ARMS}
      value={r.arm ?? 'long'}
      onpick={(arm) => currentReading.change({ arm })}
    />
  {/if}
  <Toggle
    label="They school"
    note="Bass chase bait in groups, often at the surface."
    value={r.schooling ?? false}
    onset={(schooling) => currentReading.change({ schooling })}
  />
  <Toggle
    label="Crawfish turn red here"
    note="In spring, from about {temperature(50, metric)}; not in the far south."
    value={r.red_crawfish}
    onset={(red_crawfish) => currentReading.change({ red_crawfish })}
  />
</div>
